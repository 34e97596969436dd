<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, ref, useId, watch } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { forgetFacts, keys } from '@/shared/api/queries'
import { tell } from '@/shared/notice/notice'
import { typedNumber } from '@/shared/typedNumber'

/** Something new, made where it is missing: by what it is like, to be measured and read off its label later. */
const props = defineProps<{
  /** What was looked for. */
  sought: string
}>()
const isOpen = defineModel<boolean>('open', { required: true })
const emit = defineEmits<{ made: [ingredient: string] }>()

const client = useQueryClient()
const id = useId()
const pantry = useQuery({
  queryKey: keys.pantry,
  queryFn: () => ask(api.GET('/api/pantry')),
  enabled: isOpen,
})
const likes = computed(() =>
  (pantry.data.value ?? []).map((one) => ({ value: one.id ?? '', label: one.name ?? '' })),
)
const name = ref('')
const like = ref<string | null>(null)
const stroke = ref('')
const problem = ref<ApiProblem | null>(null)
const isBusy = ref(false)

watch(isOpen, (now) => {
  if (now) {
    name.value = props.sought
    like.value = null
    stroke.value = ''
    problem.value = null
  }
})

function at(field: string): string | null {
  if (field === 'strokeMl' && stroke.value.trim() !== '' && !Number.isFinite(typedNumber(stroke.value))) {
    return `'${stroke.value}' is not a number.`
  }

  const found = problem.value?.errors.find((one) => one.field === field)
  return found ? `${found.message} Accepted: ${found.accepted}.` : null
}

async function make(): Promise<void> {
  const strokeMl = stroke.value.trim() === '' ? null : typedNumber(stroke.value)
  if (strokeMl !== null && !Number.isFinite(strokeMl)) {
    return
  }

  isBusy.value = true
  problem.value = null
  try {
    const fact = await ask(
      api.POST('/api/bar/missing', { body: { name: name.value, like: like.value, strokeMl } }),
    )
    await forgetFacts(client)
    isOpen.value = false
    tell({ text: `${fact.document.name ?? ''} is saved. Its label is still to be read.` })
    emit('made', fact.id)
  } catch (error) {
    problem.value = ApiProblem.of(error)
  } finally {
    isBusy.value = false
  }
}
</script>

<template>
  <Dialog v-model:visible="isOpen" modal header="Something new" :style="{ width: 'min(30rem, 94vw)' }">
    <form class="new" data-test="missing" @submit.prevent="make">
      <label :for="`${id}-name`">What is it called?</label>
      <InputText :id="`${id}-name`" v-model="name" autofocus autocomplete="off" data-test="missing-name" />
      <span v-if="at('name')" class="error" role="alert">{{ at('name') }}</span>
      <label :for="`${id}-like`">What is it like?</label>
      <Select
        v-model="like"
        :label-id="`${id}-like`"
        :options="likes"
        option-label="label"
        option-value="value"
        filter
        placeholder="Something of the starter pantry"
        aria-label="What is it like?"
        data-test="missing-like"
      />
      <span v-if="at('like')" class="error" role="alert">{{ at('like') }}</span>
      <label :for="`${id}-stroke`">What does its pump give a stroke? Empty where it has none.</label>
      <span
        ><InputText
          :id="`${id}-stroke`"
          v-model="stroke"
          inputmode="decimal"
          autocomplete="off"
          class="number"
          data-test="missing-stroke"
        />
        ml</span
      >
      <span v-if="at('strokeMl')" class="error" role="alert">{{ at('strokeMl') }}</span>
      <p v-if="problem && problem.errors.length === 0" class="error" role="alert">{{ problem.message }}</p>
      <div class="actions">
        <Button label="Not now" text severity="secondary" type="button" @click="isOpen = false" />
        <Button label="Save it" type="submit" :loading="isBusy" data-test="missing-save" />
      </div>
    </form>
  </Dialog>
</template>

<style scoped>
.new {
  display: grid;
  gap: 0.3rem;
}

.number {
  width: 5rem;
  text-align: right;
}

.actions {
  display: flex;
  gap: 0.5rem;
  justify-content: flex-end;
  margin-top: 0.6rem;
}
</style>
