<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed, ref, watch } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import type { Advised, CellEdit, Draft, SizeSheet } from '@/shared/api/types'

const props = defineProps<{ draft: Draft; sizes: SizeSheet[] }>()
const emit = defineEmits<{ take: [edits: CellEdit[]] }>()

/** The id of the size on which advice is asked; null while none is. */
const size = defineModel<string | null>('size', { required: true })

const advised = ref<Advised | null>(null)
const trouble = ref<string | null>(null)
const name = computed(() => props.sizes.find((candidate) => candidate.size === size.value)?.name ?? '')
const isOpen = computed({
  get: () => size.value !== null,
  set: (open) => {
    if (!open) {
      size.value = null
    }
  },
})

watch(size, async (asked) => {
  advised.value = null
  trouble.value = null
  if (asked) {
    try {
      advised.value = await ask(api.POST('/api/advise', { body: { build: props.draft, size: asked } }))
    } catch (error) {
      trouble.value = ApiProblem.of(error).message
    }
  }
})

function take(edits: CellEdit[]): void {
  emit('take', edits)
  size.value = null
}
</script>

<template>
  <Dialog
    v-model:visible="isOpen"
    modal
    :header="`Ways to pour ${name}`"
    :style="{ width: 'min(46rem, 94vw)' }"
  >
    <p class="soft">
      What the bar can pour, nearest to the reference first. Nothing here makes any size worse.
    </p>
    <p v-if="trouble" class="error" role="alert">{{ trouble }}</p>
    <template v-else-if="advised?.ways.length === 0">
      <p>No way was found that is better and leaves nothing else worse. Use another cup.</p>
      <p v-if="advised.against" class="soft" data-test="against">{{ advised.against }}</p>
    </template>
    <ol v-else-if="advised" class="ways">
      <li v-for="way in advised.ways" :key="way.does" data-test="advice">
        <span>
          <strong>{{ way.does }}</strong>
          <span class="reason">{{ way.pour }}</span>
          <span class="soft reason">{{ way.reason }} Trade-off: {{ way.givesUp }}.</span>
        </span>
        <Button
          v-if="way.edits.length > 0"
          label="Take it"
          outlined
          data-test="take"
          :aria-label="`Take it: ${way.does}`"
          @click="take(way.edits)"
        />
        <span v-else class="soft">as it is</span>
      </li>
    </ol>
  </Dialog>
</template>

<style scoped>
.ways {
  display: grid;
  margin: 0.75rem 0 0;
  padding: 0;
  list-style: none;
  counter-reset: way;
}

li {
  display: grid;
  grid-template-columns: 1.5rem 1fr auto;
  gap: 0.5rem;
  align-items: center;
  padding: 0.5rem 0;
  border-top: 1px solid var(--line);
  counter-increment: way;
}

li::before {
  content: counter(way);
  color: var(--ink-soft);
}

.reason {
  display: block;
}
</style>
