<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { when } from '@/shared/format'
import LeaveDialog from '@/shared/leave/LeaveDialog.vue'
import { tell } from '@/shared/notice/notice'
import { provideBench } from '@/features/bar/facts/bench'
import EffectPanel from '@/features/bar/facts/EffectPanel.vue'
import { bringBack, type Fact, type Kind } from '@/features/bar/facts/facts'
import FactHistoryDialog from '@/features/bar/facts/FactHistoryDialog.vue'
import type { FactDocument } from '@/features/bar/facts/paths'
import TextBox from '@/features/bar/boxes/TextBox.vue'
import { useFact } from '@/features/bar/facts/useFact'

const props = defineProps<{
  kind: Kind
  /** What it is called in a sentence: this cup. */
  what: string
  fact: Fact | null
  blank: FactDocument
  /** Where its pages are. */
  home: string
  /** Whether another can begin as a copy of it. */
  copies: boolean
}>()

const router = useRouter()
const client = useQueryClient()
const bench = useFact(props.kind, props.fact, props.blank)
provideBench(bench)
const name = computed(() => (bench.read('name') as string | null) || `this ${props.what}`)
const isHistoryOpen = ref(false)
const isHouse = computed(() => props.kind === 'house')
/** What was refused and no box on the page shows. */
const trouble = computed(() => {
  const refusal = bench.refusal.value
  if (!refusal || refusal.status === 412) {
    return null
  }

  return refusal.errors.length > 0 ? `${refusal.title} ${refusal.detail}` : refusal.message
})

async function keep(): Promise<boolean> {
  const fact = await bench.keep()
  if (!fact) {
    return false
  }

  tell({ text: `${isHouse.value ? 'The house rules are' : `${name.value} is`} saved.` })
  if (!props.fact) {
    await router.replace(`${props.home}/${fact.id}`)
  }

  return true
}

async function remove(): Promise<void> {
  const gone = name.value
  const id = props.fact?.id ?? ''
  if (await bench.remove()) {
    tell({ text: `${gone} is removed.`, action: { label: 'Undo', run: () => restore(id, gone) } })
    await router.replace(props.home)
  }
}

async function restore(id: string, gone: string): Promise<void> {
  if (await bringBack(client, props.kind, id, gone)) {
    await router.push(`${props.home}/${id}`)
  }
}

/** Saves before the page is left, where it then leads is the answer's to say. */
async function keepQuietly(): Promise<boolean> {
  return (await bench.keep()) !== null
}
</script>

<template>
  <div class="bench-page" :data-fact="name">
    <form class="bench" @submit.prevent="keep">
      <div class="title">
        <TextBox v-if="!isHouse" path="name" :label="`Name of the ${what}`" class="name" />
        <h2 v-else>House rules</h2>
        <div class="actions">
          <Button
            v-if="bench.isDirty.value"
            label="Undo changes"
            text
            severity="secondary"
            type="button"
            data-test="take-back"
            @click="bench.takeBack"
          />
          <Button
            label="Save"
            type="submit"
            :loading="bench.isBusy.value"
            :disabled="!bench.isDirty.value && fact !== null"
            data-test="keep"
          />
          <Button
            v-if="fact"
            icon="pi pi-history"
            text
            severity="secondary"
            type="button"
            :aria-label="`History of ${name}`"
            title="History"
            data-test="fact-history"
            @click="isHistoryOpen = true"
          />
          <Button
            v-if="fact && copies"
            icon="pi pi-copy"
            text
            severity="secondary"
            type="button"
            :aria-label="`Duplicate ${name}`"
            title="Duplicate"
            data-test="duplicate-fact"
            @click="router.push({ path: `${home}/new`, query: { like: fact.id } })"
          />
          <Button
            v-if="fact && !isHouse"
            icon="pi pi-trash"
            text
            severity="secondary"
            type="button"
            :aria-label="`Remove ${name}`"
            data-test="remove"
            @click="remove"
          />
        </div>
      </div>
      <p v-if="bench.broughtBack.value" class="banner" role="status">
        What was entered on {{ when(bench.broughtBack.value) }} and not saved has been brought back.
        <Button label="Drop it" text size="small" type="button" @click="bench.takeBack" />
      </p>
      <div v-if="bench.theirs.value" class="banner fault" role="alert" data-test="theirs">
        <p>
          Somebody else has saved another measurement of {{ name }} since you opened it. Nothing is
          overwritten yet, and yours is still here.
        </p>
        <slot name="theirs" />
        <Button label="Take theirs" size="small" type="button" outlined @click="bench.takeTheirs" />
        <Button label="Save mine instead" size="small" type="button" @click="bench.keepMine" />
      </div>
      <p v-if="trouble" class="banner fault" role="alert" data-test="trouble">{{ trouble }}</p>
      <slot :bench="bench" />
    </form>
    <aside>
      <EffectPanel />
      <slot name="aside" :bench="bench" />
    </aside>
    <FactHistoryDialog
      v-if="fact"
      :id="fact.id"
      v-model:open="isHistoryOpen"
      :kind="kind"
      :etag="fact.etag"
      @restore="bench.lay"
    />
    <LeaveDialog
      :title="`${name[0]?.toUpperCase()}${name.slice(1)} has entries that are not saved`"
      :is-dirty="bench.isDirty.value"
      :save="keepQuietly"
      :discard="bench.takeBack"
    />
  </div>
</template>

<style scoped>
.bench-page {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 20rem;
  gap: 1.25rem;
  align-items: start;
}

.bench {
  min-width: 0;
  padding: 0.9rem 1.1rem 1.2rem;
  border: 1px solid var(--line);
  border-radius: 0.6rem;
  background: var(--porcelain);
}

.title {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: end;
  justify-content: space-between;
  margin-bottom: 0.8rem;
}

.name {
  flex: 1 1 14rem;
  max-width: 24rem;
}

.name :deep(input) {
  font-weight: 650;
  font-size: 1.25rem;
}

.actions {
  display: flex;
  gap: 0.25rem;
  align-items: center;
}

aside {
  position: sticky;
  top: 0.75rem;
  display: grid;
  gap: 1rem;
  min-width: 0;
}

@media (width < 75rem) {
  .bench-page {
    grid-template-columns: minmax(0, 1fr);
  }

  aside {
    position: static;
  }
}
</style>
