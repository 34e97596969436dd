<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { MovedStandard } from '@/shared/api/types'
import PoursTable from './PoursTable.vue'
import { useAdjusted } from './useAdjusted'

/** One standard that the bar has moved; what it was, is and could be stands below it once it is opened. */
const props = defineProps<{ moved: MovedStandard }>()
defineEmits<{ accept: [] }>()

const isOpen = ref(false)
const adjusted = useAdjusted(
  () => props.moved.build,
  () => props.moved.etag,
  isOpen,
)
const says = computed(() => {
  const { trouble, sizes } = props.moved
  const [first] = sizes
  const move = first?.moves[0]
  return (
    trouble ??
    (move ? `${first.name}: ${move.what} ${move.before} → ${move.after}` : (first?.newFindings[0] ?? ''))
  )
})
</script>

<template>
  <details data-test="moved-standard" @toggle="isOpen = ($event.target as HTMLDetailsElement).open">
    <summary>
      <strong>{{ moved.name }}</strong> <span class="soft">{{ says }}</span>
    </summary>
    <template v-if="adjusted.data.value?.pours">
      <PoursTable :pours="adjusted.data.value.pours" :number="moved.number" />
      <p>{{ adjusted.data.value.pours.says }}</p>
    </template>
    <template v-else>
      <div v-for="size in moved.sizes" :key="size.size">
        <strong>{{ size.name }}</strong>
        <ul>
          <li v-for="(move, i) in size.moves" :key="i">
            {{ move.what }} {{ move.before }} → {{ move.after }} <span class="soft">{{ move.by }}</span>
          </li>
        </ul>
      </div>
    </template>
    <p v-if="moved.isChanged" class="soft">
      The build has been changed since it was published; accepting publishes that too.
    </p>
    <Button
      v-if="!moved.trouble"
      label="Accept as it is poured now…"
      size="small"
      outlined
      :aria-label="`Accept ${moved.name} as it is poured now`"
      data-test="accept"
      @click="$emit('accept')"
    />
    <RouterLink :to="`/builds/${moved.build}`" class="adjust">Adjust it on the sheet</RouterLink>
  </details>
</template>

<style scoped>
summary {
  min-height: 1.9rem;
  padding-top: 0.3rem;
  cursor: pointer;
}

summary strong {
  margin-right: 0.6rem;
}

ul {
  margin: 0 0 0.3rem;
  padding-left: 1.2rem;
}

.adjust {
  margin-left: 0.8rem;
}
</style>
