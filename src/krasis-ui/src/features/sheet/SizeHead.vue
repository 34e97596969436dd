<script setup lang="ts">
import { computed } from 'vue'
import type { SizeSheet } from '@/shared/api/types'
import CupSection from '@/shared/cup/CupSection.vue'
import type { Frame } from '@/shared/cup/frame'
import { reading } from '@/shared/format'

const props = defineProps<{ size: SizeSheet; frame: Frame }>()
defineEmits<{ reference: []; advise: [] }>()

const state = computed(() => {
  if (props.size.spilt > 0) {
    return {
      kind: 'fault',
      icon: 'pi pi-times-circle',
      big: reading(props.size.spilt, 'ml'),
      small: 'runs over the brim',
    }
  }

  return props.size.roomLeft < 0
    ? {
        kind: 'warning',
        icon: 'pi pi-exclamation-triangle',
        big: reading(-props.size.roomLeft, 'ml'),
        small: 'into the reserve',
      }
    : { kind: 'fits', icon: 'pi pi-check', big: reading(props.size.roomLeft, 'ml'), small: 'of room left' }
})
</script>

<template>
  <div class="size">
    <div class="title">
      <strong>{{ size.name }}</strong>
      <span class="soft">{{ reading(size.cup.brimCapacity, 'ml') }} to the brim</span>
    </div>
    <span v-if="size.isReference" class="tag">Reference</span>
    <button
      v-else
      type="button"
      class="tag other"
      :aria-label="`Make reference: ${size.name}`"
      @click="$emit('reference')"
    >
      Make reference
    </button>
    <div class="drawing"><CupSection :size="size" :frame="frame" labels /></div>
    <div class="state" :class="state.kind" data-test="state">
      <i :class="state.icon" aria-hidden="true" />
      <strong>{{ state.big }}</strong>
      <span>{{ state.small }}</span>
    </div>
    <div class="soft small" data-test="occupied">{{ reading(size.occupiedVolume, 'ml') }} in the cup</div>
    <button type="button" class="tag other" :aria-label="`Advise on ${size.name}`" @click="$emit('advise')">
      Advise
    </button>
  </div>
</template>

<style scoped>
.size {
  display: flex;
  flex-direction: column;
  align-items: center;
  font-weight: 400;
}

.title {
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.5rem;
  align-items: baseline;
  justify-content: center;
}

.title strong {
  font-size: 1.25rem;
}

.tag {
  display: inline-flex;
  align-items: center;
  min-height: 1.75rem;
  margin-top: 0.15rem;
  padding: 0 0.7rem;
  border: 1px solid var(--cobalt);
  border-radius: 1rem;
  background: var(--cobalt);
  color: light-dark(#fff, #10181b);
  font: inherit;
  font-size: 0.85rem;
  font-weight: 600;
}

.tag.other {
  border-color: var(--line);
  background: transparent;
  color: var(--ink-soft);
  font-weight: 400;
  cursor: pointer;
}

.tag.other:hover {
  border-color: var(--line-strong);
  color: var(--ink);
}

.drawing {
  width: 100%;
  height: clamp(10rem, 30vh, 19rem);
  margin-top: 0.35rem;
}

.state {
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.4rem;
  align-items: baseline;
  justify-content: center;
  margin-top: 0.35rem;
}

.state strong {
  white-space: nowrap;
  font-size: 1.3rem;
}

.state.warning {
  color: var(--warning);
}

.state.fault {
  color: var(--fault);
}

.small {
  font-size: 0.9rem;
}
</style>
