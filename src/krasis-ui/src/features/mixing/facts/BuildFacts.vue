<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import MultiSelect from 'primevue/multiselect'
import { computed, ref, watch } from 'vue'
import type { BarView, Draft } from '@/shared/api/types'
import PriceBoxes from './PriceBoxes.vue'

/** What a build is found by, when it is on the board, what is said of it there, and what it looks like. */
const props = defineProps<{
  draft: Draft
  seasonError: string | null
  tagsError: string | null
  words: BarView['words']
  sizes: { id: string; name: string }[]
  currency: string
  /** The colour that was worked out, handed over. */
  colour: string | null
}>()
const emit = defineEmits<{
  tags: [tags: string[]]
  season: [season: { from: string; to: string } | null]
  claims: [claims: string[]]
  seen: [colour: string | null]
  prices: [prices: NonNullable<Draft['prices']>]
}>()

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
      placeholder="1 May"
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
    <span class="together">
      <span id="claims" class="soft">Claimed</span>
      <MultiSelect
        :model-value="[...(draft.claims ?? [])]"
        :options="words.claims"
        option-label="name"
        option-value="code"
        placeholder="nothing"
        aria-labelledby="claims"
        class="claims"
        data-test="claims"
        @update:model-value="$emit('claims', $event)"
      />
    </span>
    <span v-if="draft.seenColour || colour" class="together">
      <label for="seen" class="soft">Colour of a real cup</label>
      <input
        id="seen"
        type="color"
        :value="draft.seenColour ?? colour ?? ''"
        data-test="seen"
        @change="$emit('seen', ($event.target as HTMLInputElement).value)"
      />
      <Button
        v-if="draft.seenColour"
        label="Forget"
        text
        size="small"
        severity="secondary"
        aria-label="Forget the colour of a real cup"
        @click="$emit('seen', null)"
      />
      <span v-else class="soft">as worked out</span>
    </span>
    <PriceBoxes
      v-if="sizes.length > 0"
      :sizes="sizes"
      :prices="draft.prices ?? []"
      :currency="currency"
      @change="$emit('prices', $event)"
    />
    <span v-if="seasonError || tagsError" class="error" role="alert">{{ seasonError ?? tagsError }}</span>
  </div>
</template>

<style scoped>
.facts {
  display: flex;
  flex-wrap: wrap;
  flex-basis: 100%;
  gap: 0.3rem 0.5rem;
  align-items: center;
  font-size: 0.95rem;
}

.facts :deep(input:not([type='color'])) {
  padding: 0.25rem 0.5rem;
}

.tags {
  width: 13rem;
}

.day {
  width: 6.2rem;
}

.together {
  display: inline-flex;
  gap: 0.5rem;
  align-items: center;
}

.claims {
  width: 9.5rem;
}

.claims :deep(.p-multiselect-label) {
  padding: 0.25rem 0.5rem;
}

input[type='color'] {
  width: 2.6rem;
  height: 2rem;
  padding: 0.1rem;
  border: 1px solid var(--line-strong);
  border-radius: 0.4rem;
  background: var(--porcelain);
}
</style>
