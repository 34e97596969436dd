<script setup lang="ts">
import { computed } from 'vue'
import type { Taste } from '@/shared/band'
import { decimal } from '@/shared/format'

const props = defineProps<{ taste: Taste; sizeName: string; isReference: boolean }>()

/** The scale's end on either side, in %. */
const end = 40
const at = computed(() => 50 + (Math.max(-end, Math.min(end, props.taste.drift ?? 0)) / end) * 50)
const said = computed(() => {
  const rounded = Math.round(props.taste.drift ?? 0)
  return rounded === 0 ? 'the same' : `${rounded > 0 ? '+' : '−'}${decimal(Math.abs(rounded), 0)} %`
})
</script>

<template>
  <div class="room">
    <div
      class="taste"
      :class="{ beyond: taste.isFar, alone: taste.drift === null && !(isReference && !taste.swatch) }"
    >
      <strong v-if="taste.value !== null" class="value"
        ><span
          v-if="taste.swatch"
          class="swatch"
          :style="{ background: taste.swatch }"
          aria-hidden="true"
        />{{ taste.value }}</strong
      >
      <span v-else class="soft">not known</span>
      <span v-if="isReference && !taste.swatch" class="soft small reference">reference</span>
      <template v-else-if="taste.drift !== null">
        <svg viewBox="0 0 100 10" class="band" aria-hidden="true" preserveAspectRatio="none">
          <line x1="0" x2="100" y1="5" y2="5" class="scale" />
          <rect
            v-if="taste.allowed !== null"
            :x="50 - (Math.min(taste.allowed, end) / end) * 50"
            :width="(Math.min(taste.allowed, end) / end) * 100"
            y="2"
            height="6"
            rx="1"
            class="allowed"
          />
          <line x1="50" x2="50" y1="0" y2="10" class="middle" />
          <rect :x="at - 1.6" y="0" width="3.2" height="10" rx="1" class="here" />
        </svg>
        <span class="small drift">
          <i v-if="taste.isFar" class="pi pi-exclamation-triangle" aria-hidden="true" />
          {{ said }}
          <span class="visually-hidden">
            {{ taste.name }} of {{ sizeName }} against the reference{{
              taste.isFar ? ', more than the house allows' : ''
            }}
          </span>
        </span>
      </template>
    </div>
  </div>
</template>

<style scoped>
.swatch {
  display: inline-block;
  width: 1.5rem;
  height: 1.5rem;
  margin-right: 0.4rem;
  vertical-align: middle;
  border: 1px solid var(--line-strong);
  border-radius: 50%;
}

.room {
  container-type: inline-size;
}

.taste {
  display: grid;
  grid-template-columns: 1fr 3.2rem minmax(3.3rem, 0.7fr);
  gap: 0 0.4rem;
  align-items: center;
  min-height: 2rem;
}

.value {
  white-space: nowrap;
}

.taste > :first-child {
  text-align: right;
}

.value {
  font-size: 1.1rem;
}

.small {
  font-size: 0.85rem;
}

.drift.small {
  font-size: 1rem;
}

.reference {
  grid-column: 2 / -1;
}

.taste.alone > :first-child {
  grid-column: 1 / -1;
  text-align: center;
}

.drift {
  white-space: nowrap;
}

.band {
  width: 100%;
  height: 0.65rem;
}

.scale,
.middle {
  stroke: var(--line-strong);
  stroke-width: 0.8;
}

.allowed {
  fill: var(--line);
}

.here {
  fill: var(--cobalt);
}

.beyond .here {
  fill: var(--warning);
}

.beyond .drift {
  color: var(--warning);
  font-weight: 650;
}

/* Narrow columns: the figures alone. */
@container (width < 13rem) {
  .taste {
    grid-template-columns: 1.2fr 1fr;
  }

  .band {
    display: none;
  }

  .reference {
    grid-column: 2;
    line-height: 1.1;
  }

  .value {
    font-size: 1rem;
  }
}

@container (width < 9rem) {
  .taste {
    grid-template-columns: 1fr;
    justify-items: center;
  }

  .taste > :first-child {
    text-align: center;
  }

  .reference {
    grid-column: 1;
  }
}
</style>
