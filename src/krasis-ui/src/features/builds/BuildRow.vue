<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import type { BuildSummary } from '@/shared/api/types'
import CupThumb from '@/shared/cup/CupThumb.vue'
import StateTag from '@/features/versions/StateTag.vue'
import { when } from '@/shared/format'

const props = defineProps<{
  build: BuildSummary
  /** Why it is what was looked for. */
  why: string | null
  isChosen: boolean
  /** What it lacks, by the book of stock. */
  lacks: string[]
}>()
defineEmits<{ choose: [isChosen: boolean]; duplicate: []; delete: [] }>()

const state = computed(() => {
  const { faults, warnings, trouble } = props.build
  if (trouble) {
    return { kind: 'fault', icon: 'pi pi-times-circle', text: trouble }
  }

  if (faults > 0) {
    return { kind: 'fault', icon: 'pi pi-times-circle', text: faults === 1 ? '1 fault' : `${faults} faults` }
  }

  return warnings > 0
    ? {
        kind: 'warning',
        icon: 'pi pi-exclamation-triangle',
        text: warnings === 1 ? '1 warning' : `${warnings} warnings`,
      }
    : { kind: 'fits', icon: 'pi pi-check', text: 'Fits in every size' }
})
</script>

<template>
  <div class="row" role="listitem" data-test="build">
    <RouterLink :to="`/builds/${build.id}`" class="shelf" tabindex="-1" aria-hidden="true">
      <CupThumb v-if="build.cup" :cup="build.cup" />
    </RouterLink>
    <div class="what">
      <span class="line">
        <RouterLink :to="`/builds/${build.id}`" class="name">{{ build.name }}</RouterLink>
        <StateTag :id="build.id" :state="build.state" :standard="build.standard" />
        <span v-for="tag in build.tags" :key="tag" class="label">{{ tag }}</span>
        <span v-if="build.hasNewerParent" class="label newer">what it was made of has changed</span>
      </span>
      <p class="soft cut" :title="build.holds.join(', ')">{{ build.holds.join(', ') }}</p>
      <p class="cut third">
        <span v-if="lacks.length > 0" class="lacks" data-test="lacks"
          ><i class="pi pi-exclamation-circle" aria-hidden="true" /> {{ lacks.join(', ') }}</span
        >
        <span v-if="why" class="why" :title="why" data-test="why">{{ why }}</span>
        <span v-else class="soft small">{{ build.sizes.join(' · ') }}</span>
      </p>
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
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 4.5rem minmax(12rem, 1fr) 11rem 10.5rem auto;
  gap: 1.25rem;
  align-items: center;
  box-sizing: border-box;
  height: 100%;
  padding: 0.4rem 0.75rem;
  border-bottom: 1px solid var(--line);
}

.row:hover {
  background: var(--porcelain);
}

.shelf {
  display: block;
  height: 4.75rem;
}

.cut {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.what {
  min-width: 0;
}

.lacks {
  margin-right: 0.6rem;
  color: var(--fault);
  font-weight: 600;
  font-size: 0.9rem;
}

.why {
  color: var(--ink);
  font-size: 0.9rem;
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
  gap: 0.2rem 0.6rem;
  align-items: center;
  overflow: hidden;
  white-space: nowrap;
}

.line > * {
  flex-shrink: 0;
}

.line > .name {
  flex-shrink: 1;
  overflow: hidden;
  text-overflow: ellipsis;
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
    grid-template-columns: 3.5rem minmax(10rem, 1fr) auto;
  }

  .changed {
    display: none;
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
    grid-template-columns: 2.75rem minmax(0, 1fr) auto;
    gap: 0.25rem 0.6rem;
    padding: 0.3rem 0.25rem;
  }

  .shelf {
    height: 4rem;
  }

  .line {
    flex-wrap: wrap;
  }

  .line > .name {
    flex-basis: 100%;
  }

  .line > .label:not(.newer) {
    display: none;
  }
}
</style>
