<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { Draft, StationSheet } from '@/shared/api/types'
import { decimal, fixed } from '@/shared/format'

const props = defineProps<{
  draft: Draft
  /** The stations but the one where standards are set. */
  stations: { id: string; name: string }[]
}>()

const isOpen = ref(false)
const pour = useQuery({
  queryKey: computed(() => [...keys.pour, JSON.stringify({ ...props.draft, name: '' })]),
  queryFn: ({ signal }) => ask(api.POST('/api/pour', { body: { ...props.draft, name: '' }, signal })),
  enabled: isOpen,
  placeholderData: keepPreviousData,
})
const trouble = computed(() => (pour.error.value ? ApiProblem.of(pour.error.value).message : null))

type Line = StationSheet['sizes'][number]['lines'][number]
const differs = (line: Line) =>
  line.unit !== line.setUnit ||
  Math.abs(line.amount - line.setAmount) > 1e-6 ||
  Math.abs(line.mass - line.setMass) > line.setMass / 100
const drift = (percent: number | null) =>
  percent === null ? '' : `${percent < 0 ? '−' : '+'}${decimal(Math.abs(percent), 0)} %`
</script>

<template>
  <details
    class="stations"
    data-test="stations"
    @toggle="isOpen = ($event.target as HTMLDetailsElement).open"
  >
    <summary>
      <strong>Poured at the {{ stations.map(({ name }) => name).join(', the ') }}</strong>
      <span class="soft"> with other pumps and another grinder</span>
    </summary>
    <p v-if="trouble" class="error" role="alert">{{ trouble }}</p>
    <section v-for="station in pour.data.value" :key="station.station" :aria-label="station.name">
      <h3>{{ station.name }}</h3>
      <p v-if="station.elsewhere.length > 0" class="soft">
        It has no {{ station.elsewhere.join(' and no ') }}.
      </p>
      <div v-if="station.sizes.length > 0" class="scroll">
        <table>
          <thead>
            <tr>
              <th scope="col"><span class="visually-hidden">What goes in</span></th>
              <th v-for="size in station.sizes" :key="size.size" scope="col">{{ size.name }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(line, i) in station.sizes[0]?.lines" :key="line.line">
              <th scope="row">{{ line.ingredientName }}</th>
              <td v-for="size in station.sizes" :key="size.size">
                <template v-for="cell in [size.lines[i]]" :key="cell?.line">
                  <template v-if="cell">
                    <strong>{{ decimal(cell.amount, 2) }}</strong> {{ cell.unit }}
                    <span v-if="differs(cell)" class="soft set">
                      for {{ decimal(cell.setAmount, 2) }} {{ cell.setUnit }} ·
                      {{ decimal(cell.mass, 0) }} for {{ decimal(cell.setMass, 0) }} g
                    </span>
                  </template>
                </template>
              </td>
            </tr>
            <tr class="taste">
              <th scope="row">Strength</th>
              <td v-for="size in station.sizes" :key="size.size">
                {{ size.taste.strength === null ? 'not known' : `${fixed(size.taste.strength, 2)} %` }}
                <span :class="size.drift.isStrengthFar ? 'far' : 'soft'">
                  <i
                    v-if="size.drift.isStrengthFar"
                    class="pi pi-exclamation-triangle"
                    aria-label="too far"
                    role="img"
                  />
                  {{ drift(size.drift.strength) }}
                </span>
              </td>
            </tr>
            <tr class="taste">
              <th scope="row">Sweetness</th>
              <td v-for="size in station.sizes" :key="size.size">
                {{
                  size.taste.sweetness === null ? 'not known' : `${fixed(size.taste.sweetness, 1)} g/100 g`
                }}
                <span :class="size.drift.isSweetnessFar ? 'far' : 'soft'">
                  <i
                    v-if="size.drift.isSweetnessFar"
                    class="pi pi-exclamation-triangle"
                    aria-label="too far"
                    role="img"
                  />
                  {{ drift(size.drift.sweetness) }}
                </span>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>
  </details>
</template>

<style scoped>
.stations {
  margin-top: 1rem;
  padding: 0.5rem 1rem;
  border: 1px solid var(--line);
  border-radius: 0.6rem;
  background: var(--porcelain);
}

summary {
  min-height: 1.9rem;
  padding-top: 0.2rem;
  cursor: pointer;
}

h3 {
  margin: 0.5rem 0 0;
  font-size: 1.05rem;
}

table {
  border-collapse: collapse;
}

th,
td {
  padding: 0.3rem 1.6rem 0.3rem 0;
  border-bottom: 1px solid var(--line);
  font-weight: 400;
  text-align: left;
  vertical-align: top;
}

thead th,
td strong {
  font-weight: 650;
}

td strong {
  font-size: 1.15rem;
}

.far {
  color: var(--warning);
  font-weight: 600;
}

.set {
  display: block;
  font-size: 0.88rem;
}
</style>
