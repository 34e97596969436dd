<script setup lang="ts">
import Dialog from 'primevue/dialog'

const isOpen = defineModel<boolean>('open', { required: true })
const groups = [
  {
    title: 'Anywhere on the sheet',
    keys: [
      ['Ctrl S', 'save'],
      ['Ctrl Z', 'undo'],
      ['Ctrl Y', 'do it again'],
      ['Alt C', 'copy all cells, to paste into a spreadsheet'],
      ['?', 'this list'],
    ],
  },
  {
    title: 'In a cell',
    keys: [
      ['type', 'set the reference size; pin another size'],
      ['Enter, ↓', 'take it and go down'],
      ['↑', 'take it and go up'],
      ['Ctrl ← →', 'to the size beside it'],
      ['Alt ↑ ↓', 'move the line up or down'],
      ['Alt P', 'let the size follow again: unpin'],
      ['Esc', 'undo what was typed'],
      ['Shift ↑ ↓', 'pick a block of cells; Ctrl Shift ← → across the sizes'],
      ['Ctrl C', 'copy the block that is picked'],
      ['Ctrl V', 'paste a block of cells from a spreadsheet'],
    ],
  },
]
</script>

<template>
  <Dialog v-model:visible="isOpen" modal header="Keys" :style="{ width: 'min(40rem, 94vw)' }">
    <section v-for="group in groups" :key="group.title" data-test="keys">
      <h3>{{ group.title }}</h3>
      <dl>
        <template v-for="[key, does] in group.keys" :key="key">
          <dt>
            <kbd>{{ key }}</kbd>
          </dt>
          <dd>{{ does }}</dd>
        </template>
      </dl>
    </section>
  </Dialog>
</template>

<style scoped>
h3 {
  margin: 0.4rem 0;
  font-size: 1.05rem;
}

dl {
  display: grid;
  grid-template-columns: 9rem 1fr;
  gap: 0.3rem 1rem;
  margin: 0;
}

dd {
  margin: 0;
}

kbd {
  padding: 0.1rem 0.5rem;
  border: 1px solid var(--line-strong);
  border-radius: 0.3rem;
  background: var(--glass);
  font: inherit;
}
</style>
