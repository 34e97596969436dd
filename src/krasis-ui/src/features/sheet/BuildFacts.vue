<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, ref, watch } from 'vue'
import type { Draft } from '@/shared/api/types'

/** What a build is found by and when it is on the board. */
const props = defineProps<{ draft: Draft; seasonError: string | null; tagsError: string | null }>()
const emit = defineEmits<{ tags: [tags: string[]]; season: [season: { from: string; to: string } | null] }>()

const tags = ref('')
const from = ref('')
const to = ref('')
const said = computed(() => (props.draft.tags ?? []).join(', '))

watch(said, (now) => (tags.value = now), { immediate: true })
watch(
  () => props.draft.season,
  (now) => {
    from.value = now?.from ?? ''
    to.value = now?.to ?? ''
  },
  { immediate: true },
)

function putTags(): void {
  const words = [
    ...new Set(
      tags.value
        .split(',')
        .map((word) => word.trim())
        .filter(Boolean),
    ),
  ]
  if (words.join(', ') !== said.value) {
    emit('tags', words)
  }
}

function putSeason(): void {
  const season =
    from.value.trim() || to.value.trim() ? { from: from.value.trim(), to: to.value.trim() } : null
  if (
    season?.from !== (props.draft.season?.from ?? undefined) ||
    season?.to !== (props.draft.season?.to ?? undefined)
  ) {
    emit('season', season)
  }
}
</script>

<template>
  <div class="facts">
    <label for="tags" class="soft">Tags</label>
    <InputText
      id="tags"
      v-model="tags"
      placeholder="iced, autumn"
      autocomplete="off"
      class="tags"
      data-test="tags"
      @blur="putTags"
      @keydown.enter="putTags"
    />
    <label for="season-from" class="soft">On the board from</label>
    <InputText
      id="season-from"
      v-model="from"
      placeholder="month-day"
      autocomplete="off"
      class="day"
      data-test="season-from"
      @blur="putSeason"
      @keydown.enter="putSeason"
    />
    <label for="season-to" class="soft">to</label>
    <InputText
      id="season-to"
      v-model="to"
      placeholder="all year"
      autocomplete="off"
      class="day"
      data-test="season-to"
      @blur="putSeason"
      @keydown.enter="putSeason"
    />
    <span v-if="seasonError || tagsError" class="error" role="alert">{{ seasonError ?? tagsError }}</span>
  </div>
</template>

<style scoped>
.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 0.5rem;
  align-items: center;
  margin-bottom: 0.5rem;
  font-size: 0.95rem;
}

.facts :deep(input) {
  padding: 0.25rem 0.5rem;
}

.tags {
  width: 13rem;
}

.day {
  width: 6.2rem;
}
</style>
