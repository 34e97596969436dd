<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { keys } from '@/shared/api/queries'
import { when } from '@/shared/format'
import LeaveDialog from '@/shared/leave/LeaveDialog.vue'
import { tell } from '@/shared/notice/notice'
import { provideBench } from './bench'
import EffectPanel from './EffectPanel.vue'
import { createFact, type Fact, type Kind } from './facts'
import type { FactDocument } from './paths'
import TextBox from './TextBox.vue'
import { useFact } from './useFact'

const props = defineProps<{
  kind: Kind
  /** What it is called in a sentence: this cup. */
  what: string
  fact: Fact | null
  blank: FactDocument
  /** Where its pages are. */
  home: string
}>()

const router = useRouter()
const client = useQueryClient()
const bench = useFact(props.kind, props.fact, props.blank)
provideBench(bench)
const name = computed(() => (bench.read('name') as string | null) || `this ${props.what}`)
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

  tell({ text: `${isHouse.value ? 'The house rules are' : `${name.value} is`} kept.` })
  if (!props.fact) {
    await router.replace(`${props.home}/${fact.id}`)
  }

  return true
}

async function remove(): Promise<void> {
  const gone = name.value
  const document = bench.baseline.value
  if (await bench.remove()) {
    tell({ text: `${gone} is removed.`, action: { label: 'Undo', run: () => bringBack(gone, document) } })
    await router.replace(props.home)
  }
}

/** Takes a removal back: nothing could have needed the fact, so that it may come back under another id. */
async function bringBack(gone: string, document: FactDocument): Promise<void> {
  try {
    const fact = await createFact(bench.kind, document)
    await client.invalidateQueries({ queryKey: keys.bar })
    tell({ text: `${gone} is back.` })
    await router.push(`${props.home}/${fact.id}`)
  } catch (error) {
    tell({ text: ApiProblem.of(error).message, isFault: true })
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
            label="Take back"
            text
            severity="secondary"
            type="button"
            data-test="take-back"
            @click="bench.takeBack"
          />
          <Button
            label="Keep"
            type="submit"
            :loading="bench.isBusy.value"
            :disabled="!bench.isDirty.value && fact !== null"
            data-test="keep"
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
        What was entered on {{ when(bench.broughtBack.value) }} and not kept has been brought back.
        <Button label="Drop it" text size="small" type="button" @click="bench.takeBack" />
      </p>
      <div v-if="bench.theirs.value" class="banner fault" role="alert" data-test="theirs">
        <p>
          Somebody else has kept another measurement of {{ name }} since you opened it. Nothing is overwritten
          yet, and yours is still here.
        </p>
        <slot name="theirs" />
        <Button label="Take theirs" size="small" type="button" outlined @click="bench.takeTheirs" />
        <Button label="Keep mine instead" size="small" type="button" @click="bench.keepMine" />
      </div>
      <p v-if="trouble" class="banner fault" role="alert" data-test="trouble">{{ trouble }}</p>
      <slot :bench="bench" />
    </form>
    <aside>
      <EffectPanel />
      <slot name="aside" :bench="bench" />
    </aside>
    <LeaveDialog
      :title="`${name[0]?.toUpperCase()}${name.slice(1)} has entries that are not kept`"
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
