<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'

/** What of a build was set after a tasting, and why: the last time that something was. */
const props = defineProps<{ build: string }>()
const log = useQuery({
  queryKey: computed(() => [...keys.tastings, 'of', props.build]),
  queryFn: () => ask(api.GET('/api/tastings', { params: { query: { build: props.build } } })),
})
const last = computed(() =>
  (log.data.value ?? []).find(({ decided, changed }) => decided && changed === props.build),
)
</script>

<template>
  <RouterLink
    v-if="last"
    :to="`/tastings/${last.id}`"
    class="tasted"
    :title="last.decided ?? ''"
    data-test="tasted"
    >{{ last.decided }}</RouterLink
  >
</template>

<style scoped>
.tasted {
  overflow: hidden;
  max-width: 22rem;
  font-size: 0.9rem;
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>
