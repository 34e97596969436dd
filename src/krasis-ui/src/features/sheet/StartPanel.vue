<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import type { BuildDocument } from '@/shared/api/types'

/** Begins a build by naming the base first, then how it is served, then the cups. */
const props = defineProps<{ cups: { id: string; name: string; says: string }[] }>()
const emit = defineEmits<{ propose: [build: BuildDocument] }>()

const bases = useQuery({
  queryKey: ['bar', 'bases'],
  queryFn: () => ask(api.GET('/api/start/bases')),
})
const serves = ['hot', 'iced', 'layered', 'shaken', 'blended']
const base = ref<string | null>(null)
const serve = ref<string | null>(null)
const sizes = ref<string[]>([])
const trouble = ref<string | null>(null)
const isReady = computed(() => base.value !== null && serve.value !== null && sizes.value.length > 0)

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
        api.POST('/api/start', { body: { base: base.value, serve: serve.value, sizes: sizes.value } }),
      ),
    )
  } catch (error) {
    trouble.value = ApiProblem.of(error).message
  }
}
</script>

<template>
  <section class="start" aria-label="Begin" data-test="start">
    <div class="step" role="group" aria-labelledby="start-base">
      <h2 id="start-base">What is it made on?</h2>
      <Button
        v-for="one in bases.data.value"
        :key="one.base"
        :label="one.name"
        :outlined="base !== one.base"
        :disabled="one.missing !== null"
        :title="one.missing ?? undefined"
        :aria-pressed="base === one.base"
        :data-test="`base-${one.base}`"
        :severity="base === one.base ? undefined : 'secondary'"
        :icon="base === one.base ? 'pi pi-check' : undefined"
        @click="base = one.base"
      />
    </div>
    <p v-for="one in bases.data.value?.filter(({ missing }) => missing)" :key="one.base" class="soft small">
      {{ one.name }}: {{ one.missing }}
    </p>
    <div class="step" role="group" aria-labelledby="start-serve">
      <h2 id="start-serve">How is it served?</h2>
      <Button
        v-for="one in serves"
        :key="one"
        :label="one"
        :outlined="serve !== one"
        :aria-pressed="serve === one"
        :data-test="`serve-${one}`"
        :severity="serve === one ? undefined : 'secondary'"
        :icon="serve === one ? 'pi pi-check' : undefined"
        @click="serve = one"
      />
    </div>
    <div class="step" role="group" aria-labelledby="start-cups">
      <h2 id="start-cups">In which cups?</h2>
      <Button
        v-for="cup in cups"
        :key="cup.id"
        :label="`${cup.name}, ${cup.says}`"
        :outlined="!sizes.includes(cup.id)"
        :aria-pressed="sizes.includes(cup.id)"
        :data-test="`cup-${cup.id}`"
        :severity="sizes.includes(cup.id) ? undefined : 'secondary'"
        :icon="sizes.includes(cup.id) ? 'pi pi-check' : undefined"
        @click="toggle(cup.id)"
      />
    </div>
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

.step {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
  align-items: center;
  margin-bottom: 0.6rem;
}

h2 {
  width: 13rem;
}

.small {
  font-size: 0.9rem;
}
</style>
