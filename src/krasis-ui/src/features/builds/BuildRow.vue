<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import type { BuildSummary } from '@/shared/api/types'
import CupSection from '@/shared/cup/CupSection.vue'
import { picture } from '@/shared/cup/section'
import { frameFor } from '@/shared/cup/frame'
import StateTag from '@/features/versions/StateTag.vue'
import { when } from '@/shared/format'
import { findingsOf } from './library'

const props = defineProps<{ build: BuildSummary; isChosen: boolean }>()
defineEmits<{ choose: [isChosen: boolean]; duplicate: []; delete: [] }>()

const sizes = computed(() => props.build.sheet?.sizes ?? [])
const frame = computed(() => frameFor(sizes.value, false))
const inIt = computed(() => sizes.value[0]?.lines.map((line) => line.ingredientName).join(', ') ?? '')
const state = computed(() => {
  const findings = findingsOf(props.build)
  const faults = findings.filter(({ severity }) => severity === 'fault').length
  if (props.build.trouble) {
    return { kind: 'fault', icon: 'pi pi-times-circle', text: props.build.trouble }
  }

  if (faults > 0) {
    return { kind: 'fault', icon: 'pi pi-times-circle', text: faults === 1 ? '1 fault' : `${faults} faults` }
  }

  return findings.length > 0
    ? {
        kind: 'warning',
        icon: 'pi pi-exclamation-triangle',
        text: findings.length === 1 ? '1 warning' : `${findings.length} warnings`,
      }
    : { kind: 'fits', icon: 'pi pi-check', text: 'Fits in every size' }
})
</script>

<template>
  <li class="row" data-test="build">
    <RouterLink :to="`/builds/${build.id}`" class="shelf" tabindex="-1" aria-hidden="true">
      <span v-for="size in sizes" :key="size.size" class="cup"
        ><CupSection :size="picture(size, true)" :frame="frame"
      /></span>
    </RouterLink>
    <div class="what">
      <span class="line">
        <RouterLink :to="`/builds/${build.id}`" class="name">{{ build.name }}</RouterLink>
        <StateTag :state="build.state" />
        <span v-for="tag in build.tags" :key="tag" class="label">{{ tag }}</span>
        <span v-if="build.hasNewerParent" class="label newer">what it was made of has changed</span>
      </span>
      <p class="soft">{{ inIt }}</p>
      <p class="soft small">{{ sizes.map((size) => size.name).join(' · ') }}</p>
    </div>
    <div class="state" :class="state.kind"><i :class="state.icon" aria-hidden="true" /> {{ state.text }}</div>
    <div class="soft small changed">Saved {{ when(build.updatedAt) }}</div>
    <div class="actions">
      <Checkbox
        :model-value="isChosen"
        binary
        :aria-label="`Choose ${build.name}`"
        @update:model-value="$emit('choose', $event)"
      />
      <Button
        icon="pi pi-copy"
        text
        severity="secondary"
        :aria-label="`Duplicate ${build.name}`"
        title="Duplicate"
        @click="$emit('duplicate')"
      />
      <Button
        icon="pi pi-trash"
        text
        severity="secondary"
        :aria-label="`Delete ${build.name}`"
        title="Delete"
        @click="$emit('delete')"
      />
    </div>
  </li>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 14.5rem minmax(12rem, 1fr) 11rem 10.5rem auto;
  gap: 1.25rem;
  align-items: center;
  padding: 0.6rem 0.75rem;
  border-bottom: 1px solid var(--line);
}

.row:hover {
  background: var(--porcelain);
}

.shelf {
  display: flex;
  align-items: flex-end;
  height: 5.25rem;
}

.cup {
  width: 3.6rem;
  height: 100%;
}

.name {
  color: var(--ink);
  font-weight: 650;
  font-size: 1.2rem;
  text-decoration: none;
}

.name:hover {
  color: var(--cobalt);
  text-decoration: underline;
}

.line {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 0.6rem;
  align-items: center;
}

.label {
  padding: 0 0.5rem;
  border-radius: 1rem;
  background: var(--glass);
  color: var(--ink-soft);
  font-size: 0.88rem;
}

.newer {
  background: var(--warning-wash);
  color: var(--warning);
}

.actions {
  align-items: center;
}

.small {
  font-size: 0.9rem;
}

.state.warning {
  color: var(--warning);
}

.state.fault {
  color: var(--fault);
}

.actions {
  display: flex;
}

@media (width < 64rem) {
  .row {
    grid-template-columns: 12.5rem minmax(10rem, 1fr) auto;
  }

  .changed {
    display: none;
  }

  .cup {
    width: 3.1rem;
  }

  .state {
    grid-column: 2;
  }

  .actions {
    grid-row: 1;
    grid-column: 3;
  }
}

@media (width < 40rem) {
  .row {
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0.25rem 0.5rem;
  }

  .shelf,
  .state {
    grid-column: 1 / -1;
  }

  .actions {
    grid-row: 2;
    grid-column: 2;
  }
}
</style>
