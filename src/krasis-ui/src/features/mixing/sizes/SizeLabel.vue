<script setup lang="ts">
import { computed } from 'vue'
import type { Finding, SizeSheet } from '@/shared/api/types'
import { decimal, fixed, reading } from '@/shared/format'
import { counted, severities, worst } from '@/features/mixing/findings/findings'

/** What stands below a cup on the shelf: which it is, whether all of it fits, and what the checks say of it. */
const props = defineProps<{
  size: SizeSheet
  /** The moment at which it is drawn: 0 as poured, 1 at hand-over and so on. */
  at: number
  isFocused: boolean
  /** What the checks have found of it and asks for something. */
  findings: Finding[]
}>()
defineEmits<{ focus: [] }>()

const moment = computed(() => props.size.life.moments[props.at - 1])
const gravest = computed(() => worst(props.findings))

const state = computed(() => {
  const { spilt, roomLeft } = props.size.fill
  if (spilt > 0) {
    return {
      kind: 'fault',
      icon: 'pi pi-times-circle',
      big: reading(spilt, 'ml'),
      small: 'runs over the brim',
    }
  }

  return roomLeft < 0
    ? {
        kind: 'warning',
        icon: 'pi pi-exclamation-triangle',
        big: reading(-roomLeft, 'ml'),
        small: 'into the reserve',
      }
    : { kind: 'fits', icon: 'pi pi-check', big: reading(roomLeft, 'ml'), small: 'of room left' }
})
</script>

<template>
  <div class="label">
    <span class="title">
      <button
        type="button"
        class="name"
        :aria-pressed="isFocused"
        :aria-label="`Work in ${size.name}`"
        data-test="focus"
        @click="$emit('focus')"
      >
        {{ size.name }}
      </button>
      <span class="soft">{{ reading(size.cup.brimCapacity, 'ml') }}</span>
      <span v-if="size.isReference" class="reference" data-test="is-reference">reference</span>
    </span>
    <span class="second">
      <span class="state" :class="state.kind" data-test="state">
        <i :class="state.icon" aria-hidden="true" />
        <strong>{{ state.big }}</strong>
        {{ state.small }}
      </span>
      <a
        v-if="gravest"
        href="#checks"
        class="found"
        :class="gravest"
        :title="findings.map(({ message }) => message).join('\n')"
        data-test="cup-findings"
      >
        <i :class="severities[gravest].icon" aria-hidden="true" /> {{ counted(findings) }}
        <span class="visually-hidden">of {{ size.name }}, listed under the checks</span>
      </a>
    </span>
    <span v-if="moment" class="soft small" data-test="at-moment">
      {{ decimal(Math.round(moment.temperature) || 0, 0) }} °C<template v-if="moment.strength !== null"
        >, {{ fixed(moment.strength, 2) }} % strong</template
      ><template v-if="size.fill.iceMass > 0">, {{ reading(moment.iceLeft, 'g') }} ice</template>
    </span>
  </div>
</template>

<style scoped>
.label {
  display: flex;
  flex-direction: column;
  align-items: center;
  font-weight: 400;
}

.title,
.second {
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.45rem;
  align-items: baseline;
  justify-content: center;
}

.name {
  padding: 0 0.35rem;
  border: 0;
  border-radius: 0.3rem;
  background: none;
  color: var(--ink);
  font: inherit;
  font-weight: 700;
  font-size: 1.15rem;
  cursor: pointer;
}

.name:hover {
  background: var(--glass);
}

.name[aria-pressed='true'] {
  text-decoration: underline;
  text-decoration-thickness: 3px;
  text-underline-offset: 4px;
}

.reference {
  color: var(--cobalt);
  font-weight: 600;
}

.state i {
  margin-right: 0.25rem;
}

.state strong {
  white-space: nowrap;
  font-size: 1.05rem;
}

.state.warning,
.found {
  color: var(--warning);
}

.state.fault,
.found.fault {
  color: var(--fault);
}

.small {
  font-size: 0.9rem;
}

@media (pointer: coarse) {
  .name,
  .found {
    min-height: 2.75rem;
  }
}
</style>
