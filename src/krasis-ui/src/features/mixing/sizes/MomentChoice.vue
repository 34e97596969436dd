<script setup lang="ts">
import SelectButton from 'primevue/selectbutton'
import { computed } from 'vue'
import { momentWords } from './words'

/** Chooses the moment of the drink's life at which the cups are drawn: 0 as poured, then at hand-over and later. */
const at = defineModel<number>({ required: true })
/** How many moments are known, as poured not counted. */
const props = defineProps<{ known: number }>()

const options = computed(() =>
  momentWords.slice(0, props.known + 1).map((name, value) => ({ name, value, test: `moment-${value}` })),
)
</script>

<template>
  <span class="moments">
    <span id="moments" class="soft wide">Cups</span>
    <SelectButton
      v-model="at"
      :options="options"
      option-label="name"
      option-value="value"
      :allow-empty="false"
      size="small"
      aria-labelledby="moments"
      data-test="moment"
    />
  </span>
</template>

<style scoped>
.moments {
  display: inline-flex;
  gap: 0.5rem;
  align-items: center;
}

.moments :deep(.p-togglebutton-content) {
  padding-right: 0.6rem;
  padding-left: 0.6rem;
}

@media (width < 70rem) {
  .wide {
    display: none;
  }
}
</style>
