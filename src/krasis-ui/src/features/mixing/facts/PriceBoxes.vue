<script setup lang="ts">
import InputNumber from 'primevue/inputnumber'
import type { Draft } from '@/shared/api/types'

/** What every size is sold for, side by side. */
const props = defineProps<{
  sizes: { id: string; name: string }[]
  prices: NonNullable<Draft['prices']>
  currency: string
}>()
const emit = defineEmits<{ change: [prices: NonNullable<Draft['prices']>] }>()

const priceOf = (size: string) => props.prices.find((price) => price.size === size)?.price ?? null

function put(size: string, price: number | null): void {
  if (price !== priceOf(size)) {
    const others = props.prices.filter((one) => one.size !== size)
    const all = price === null ? others : [...others, { size, price }]
    const order = props.sizes.map(({ id }) => id)
    emit(
      'change',
      all.sort((one, other) => order.indexOf(one.size ?? '') - order.indexOf(other.size ?? '')),
    )
  }
}
</script>

<template>
  <span class="prices" role="group" aria-label="Sold for">
    <span class="soft">Sold for</span>
    <span v-for="{ id, name } in sizes" :key="id" class="one">
      <label :for="`price-${id}`">{{ name }}</label>
      <InputNumber
        :model-value="priceOf(id)"
        :input-id="`price-${id}`"
        :min="0"
        :max="1000"
        :min-fraction-digits="2"
        :max-fraction-digits="2"
        placeholder="—"
        @update:model-value="(price) => put(id, price)"
      />
    </span>
    <span class="soft">{{ currency }}</span>
  </span>
</template>

<style scoped>
.prices {
  display: inline-flex;
  flex-wrap: wrap;
  gap: 0.3rem 0.6rem;
  align-items: center;
}

.one {
  display: inline-flex;
  gap: 0.3rem;
  align-items: center;
}

.one :deep(input) {
  width: 4.6rem;
}
</style>
