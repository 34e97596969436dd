<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, shallowRef } from 'vue'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { BuildState, MovedStandard as Moved } from '@/shared/api/types'
import MoveDialog from './MoveDialog.vue'
import MovedStandard from './MovedStandard.vue'

const moved = useQuery({
  queryKey: keys.moved,
  queryFn: () => ask(api.GET('/api/standards/moved')),
  staleTime: 0,
})
const list = computed(() => moved.data.value ?? [])
const groups = computed(() =>
  [
    {
      key: 'bar',
      title: (count: number) =>
        `The bar has moved ${count} ${count === 1 ? 'standard' : 'standards'} since they were published`,
      note: '',
      standards: list.value.filter(({ bySums }) => !bySums),
    },
    {
      key: 'sums',
      title: (count: number) =>
        `This version of Krasis works ${count} ${count === 1 ? 'standard' : 'standards'} out differently`,
      note: 'Cards and service still show what was published. Look at each one, then accept it or adjust it.',
      standards: list.value.filter(({ bySums }) => bySums),
    },
  ].filter(({ standards }) => standards.length > 0),
)
/** What is being accepted: published anew with the bar as it is now, after what stands against that was told. */
const accepted = shallowRef<Moved | null>(null)
const to = ref<BuildState | null>(null)

/** Nothing of it is on a sheet here, so that nothing is to be saved first. */
const ready = () => Promise.resolve(accepted.value?.etag ?? null)

function accept(one: Moved): void {
  accepted.value = one
  to.value = 'standard'
}
</script>

<template>
  <section
    v-for="group in groups"
    :key="group.key"
    class="moved"
    :aria-labelledby="`moved-${group.key}`"
    :data-test="group.key === 'bar' ? 'moved-standards' : 'moved-by-sums'"
  >
    <h2 :id="`moved-${group.key}`">{{ group.title(group.standards.length) }}</h2>
    <p v-if="group.note">{{ group.note }}</p>
    <MovedStandard v-for="one in group.standards" :key="one.build" :moved="one" @accept="accept(one)" />
  </section>
  <MoveDialog
    v-if="accepted"
    :id="accepted.build"
    :key="accepted.build"
    v-model="to"
    :name="accepted.name"
    because="Accepted as the bar now pours it."
    :ready="ready"
  />
</template>

<style scoped>
.moved {
  margin-bottom: 1rem;
  padding: 0.6rem 1rem;
  border-left: 4px solid var(--warning);
  border-radius: 0.3rem;
  background: var(--warning-wash);
}
</style>
