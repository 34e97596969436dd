<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { Proposal } from '@/shared/api/types'
import ChoiceRow from '@/shared/ChoiceRow.vue'

/** Begins a build by naming the base first, then how it is served, then the cups. */
const props = defineProps<{ cups: { id: string; name: string; says: string }[] }>()
const emit = defineEmits<{ propose: [proposal: Proposal] }>()

const choices = useQuery({
  queryKey: keys.start,
  queryFn: () => ask(api.GET('/api/start/choices')),
})
const bases = computed(() => choices.data.value?.bases ?? [])
const flavours = computed(() => choices.data.value?.flavours ?? [])
const serves = ['hot', 'iced', 'layered', 'shaken', 'blended']
const base = ref<string | null>(null)
/** Of what it is made, where the bar has several: null is the first. */
const of = ref<string | null>(null)
/** Null is the house's usual, empty is none. */
const flavour = ref<string | null>(null)
const serve = ref<string | null>(null)
const kinds = computed(() => bases.value.find((one) => one.base === base.value)?.of ?? [])
/** How what is chosen is not served, and why. */
const notServed = computed(
  () => (kinds.value.find(({ id }) => id === of.value) ?? kinds.value[0])?.notServed ?? [],
)
const sizes = ref<string[]>([])
/** No id of the bar's: spaces are not taken there. */
const usual = 'the usual'
const trouble = ref<string | null>(null)
const isReady = computed(
  () =>
    base.value !== null &&
    serve.value !== null &&
    !notServed.value.some((not) => not.serve === serve.value) &&
    sizes.value.length > 0,
)

function toggle(id: string): void {
  // In the bar's order, smallest first as the lead keeps them.
  const chosen = new Set(sizes.value)
  if (!chosen.delete(id)) {
    chosen.add(id)
  }

  sizes.value = props.cups.map((cup) => cup.id).filter((cup) => chosen.has(cup))
}

async function propose(): Promise<void> {
  trouble.value = null
  try {
    emit(
      'propose',
      await ask(
        api.POST('/api/start', {
          body: {
            base: base.value,
            of: of.value,
            flavour: flavour.value,
            serve: serve.value,
            sizes: sizes.value,
          },
        }),
      ),
    )
  } catch (error) {
    trouble.value = ApiProblem.of(error).message
  }
}
</script>

<template>
  <section class="start" aria-label="Begin" data-test="start">
    <ChoiceRow
      title="What is it made on?"
      name="base"
      :choices="bases.map((one) => ({ value: one.base, label: one.name, missing: one.missing }))"
      :chosen="base === null ? [] : [base]"
      @choose="(one) => ((base = one), (of = null))"
    />
    <ChoiceRow
      v-if="kinds.length > 1"
      title="Of which?"
      name="of"
      :choices="kinds.map(({ id, name }) => ({ value: id, label: name, missing: null }))"
      :chosen="[of ?? kinds[0]?.id ?? '']"
      @choose="(one) => (of = one)"
    />
    <p v-for="one in bases.filter(({ missing }) => missing)" :key="one.base" class="soft small">
      {{ one.name }}: {{ one.missing }}
    </p>
    <ChoiceRow
      title="How is it served?"
      name="serve"
      :choices="
        serves.map((one) => ({
          value: one,
          label: one,
          missing: notServed.find((not) => not.serve === one)?.why ?? null,
        }))
      "
      :chosen="serve === null ? [] : [serve]"
      @choose="(one) => (serve = one)"
    />
    <p v-for="not in notServed" :key="not.serve" class="soft small" data-test="not-served">
      Not {{ not.serve }}: {{ not.why }}
    </p>
    <ChoiceRow
      v-if="flavours.length > 0"
      title="With which flavour?"
      name="flavour"
      :choices="[
        { value: usual, label: 'the usual', missing: null },
        { value: '', label: 'none', missing: null },
        ...flavours.map(({ id, name }) => ({ value: id, label: name, missing: null })),
      ]"
      :chosen="[flavour ?? usual]"
      @choose="(one) => (flavour = one === usual ? null : one)"
    />
    <ChoiceRow
      title="In which cups?"
      name="cup"
      :choices="cups.map(({ id, name, says }) => ({ value: id, label: `${name}, ${says}`, missing: null }))"
      :chosen="sizes"
      @choose="toggle"
    />
    <Button label="Propose a build to taste" :disabled="!isReady" data-test="propose" @click="propose" />
    <span class="soft"> or add what goes in by hand, below.</span>
    <p v-if="trouble" class="error" role="alert">{{ trouble }}</p>
  </section>
</template>

<style scoped>
.start {
  margin-bottom: 0.8rem;
  padding: 0.8rem 1.1rem 1rem;
  border: 1px solid var(--line);
  border-radius: 0.6rem;
  background: var(--porcelain);
}

.small {
  font-size: 0.9rem;
}
</style>
