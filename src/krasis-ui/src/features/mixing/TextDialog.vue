<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import SelectButton from 'primevue/selectbutton'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { Draft } from '@/shared/api/types'
import { copyText } from '@/shared/copyText'
import { tell } from '@/shared/notice/notice'

/** Tells the build as one would send it in a message. */
const props = defineProps<{ draft: Draft; sizes: { id: string; name: string }[] }>()
const open = defineModel<boolean>('open', { required: true })
const every = 'every'
const size = ref(every)
const words = ref<'metric' | 'us' | 'uk'>('metric')
const isMarkdown = ref(false)
const sizeChoices = computed(() => [{ id: every, name: 'every size' }, ...props.sizes])
const wordChoices = [
  { value: 'metric', label: 'ml, g' },
  { value: 'us', label: 'US spoons, fl oz' },
  { value: 'uk', label: 'UK spoons, fl oz' },
]
const kinds = [
  { value: false, label: 'Plain' },
  { value: true, label: 'Markdown' },
]
const told = useQuery({
  queryKey: computed(() => [
    ...keys.mix,
    'text',
    JSON.stringify(props.draft),
    size.value,
    words.value,
    isMarkdown.value,
  ]),
  queryFn: () =>
    ask(
      api.POST('/api/text', {
        body: {
          build: props.draft,
          size: size.value === every ? null : size.value,
          words: words.value,
          isMarkdown: isMarkdown.value,
        },
      }),
    ),
  enabled: open,
  placeholderData: keepPreviousData,
})

async function copy(): Promise<void> {
  if (await copyText(told.data.value?.text ?? '')) {
    tell({ text: 'Recipe copied.' })
    open.value = false
  } else {
    tell({
      text: 'Your browser blocked copying. Allow clipboard access for this site, then try again.',
      isFault: true,
    })
  }
}
</script>

<template>
  <Dialog v-model:visible="open" modal header="As text" :style="{ width: 'min(44rem, 96vw)' }">
    <div class="choices">
      <Select
        v-model="size"
        :options="sizeChoices"
        option-value="id"
        option-label="name"
        aria-label="Which size"
        data-test="text-size"
      />
      <SelectButton
        v-model="words"
        :options="wordChoices"
        option-value="value"
        option-label="label"
        :allow-empty="false"
        aria-label="In which measures"
        data-test="text-words"
      />
      <SelectButton
        v-model="isMarkdown"
        :options="kinds"
        option-value="value"
        option-label="label"
        :allow-empty="false"
        aria-label="Plain or Markdown"
      />
    </div>
    <p v-if="told.error.value" class="error" role="alert">{{ ApiProblem.of(told.error.value).message }}</p>
    <pre v-else tabindex="0" aria-label="The text" data-test="text">{{ told.data.value?.text }}</pre>
    <template #footer>
      <Button
        label="Copy it"
        icon="pi pi-copy"
        data-test="copy-text"
        :disabled="!told.data.value"
        @click="copy"
      />
    </template>
  </Dialog>
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}

pre {
  max-height: 50vh;
  margin: 0.75rem 0 0;
  padding: 0.75rem;
  overflow: auto;
  border: 1px solid var(--line);
  border-radius: 0.3rem;
  font-family: inherit;
  white-space: pre-wrap;
}
</style>
