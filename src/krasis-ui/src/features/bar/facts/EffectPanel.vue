<script setup lang="ts">
import { computed } from 'vue'
import type { BuildMove } from '@/shared/api/types'
import { useBench } from './bench'

const bench = useBench()
const trial = computed(() => bench.trial.value)
const moved = computed(() => trial.value?.effect?.moved ?? [])
const uses = computed(() => trial.value?.uses ?? [])
const isPoured = (build: BuildMove) => build.sizes.some(({ moves }) => moves.some((move) => move.isPoured))
const first = (build: BuildMove) => build.sizes[0]?.moves[0]
const newIn = (build: BuildMove) => build.sizes.reduce((sum, { newFindings }) => sum + newFindings.length, 0)
const title = computed(() => {
  if (!bench.isDirty.value && bench.kind === 'house') {
    return 'Every build rests on them'
  }

  if (!bench.isDirty.value && bench.kind === 'stations') {
    return 'Every sheet says how it is poured here'
  }

  if (!bench.isDirty.value) {
    return uses.value.length === 0
      ? 'No build uses it yet'
      : `${uses.value.length} ${uses.value.length === 1 ? 'build uses' : 'builds use'} it`
  }

  if (!trial.value?.effect) {
    return 'What it would move is shown once it can be saved'
  }

  const broken = moved.value.filter(({ trouble }) => trouble).length
  if (broken > 0) {
    return `${broken} ${broken === 1 ? 'build' : 'builds'} could not be poured any more`
  }

  return moved.value.length === 0
    ? 'Nothing moves'
    : `Would move ${moved.value.length} ${moved.value.length === 1 ? 'build' : 'builds'}`
})
</script>

<template>
  <section class="effect" aria-label="What it moves" aria-live="polite" data-test="effect">
    <h3>{{ title }}</h3>
    <p v-if="!bench.isDirty.value && uses.length > 0 && !['house', 'stations'].includes(bench.kind)">
      {{ uses.join(', ') }}
    </p>
    <p v-if="trial?.conflict" class="error" role="alert">{{ trial.conflict }}</p>
    <template v-if="bench.isDirty.value">
      <details
        v-for="build in moved"
        :key="build.build"
        :open="moved.length <= 2 || isPoured(build)"
        data-test="moved"
      >
        <summary>
          <strong>{{ build.name }}</strong>
          <span v-if="first(build)" class="soft short"> {{ first(build)?.what }} {{ first(build)?.by }}</span>
          <span v-if="newIn(build) > 0" class="warning">
            <i class="pi pi-exclamation-triangle" aria-hidden="true" /> {{ newIn(build) }} new
          </span>
        </summary>
        <p v-if="build.trouble" class="error">{{ build.trouble }}</p>
        <div v-for="size in build.sizes" :key="size.size" class="size">
          <strong>{{ size.name }}</strong>
          <ul>
            <li v-for="(move, i) in size.moves" :key="`${i} ${move.what}`" :class="{ poured: move.isPoured }">
              {{ move.what }} {{ move.before }} → {{ move.after }}
              <span v-if="move.by" class="soft">{{ move.by }}</span>
            </li>
            <li v-for="finding in size.newFindings" :key="finding" class="warning">{{ finding }}</li>
            <li v-for="finding in size.mendedFindings" :key="finding" class="soft">No more: {{ finding }}</li>
          </ul>
        </div>
        <RouterLink :to="`/builds/${build.build}`">Open the sheet</RouterLink>
      </details>
    </template>
  </section>
</template>

<style scoped>
.effect {
  padding: 0.8rem 1rem;
  border: 1px solid var(--line);
  border-radius: 0.6rem;
  background: var(--porcelain);
  overflow-wrap: anywhere;
}

h3 {
  margin: 0 0 0.3rem;
  font-size: 1.1rem;
}

summary {
  min-height: 1.9rem;
  padding-top: 0.25rem;
  cursor: pointer;
}

summary .warning {
  margin-left: 0.5rem;
}

.short {
  display: block;
  margin-left: 1rem;
}

details[open] .short {
  display: none;
}

.size {
  margin-left: 0.9rem;
}

ul {
  margin: 0.1rem 0 0.4rem;
  padding-left: 1.1rem;
  font-size: 0.95rem;
}

.poured {
  font-weight: 650;
}

.warning {
  color: var(--warning);
}
</style>
