<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { BarView, Draft } from '@/shared/api/types'

/** What a build is found by, in few words, and the way to all of it. */
const props = defineProps<{ draft: Draft; words: BarView['words'] }>()
const isOpen = defineModel<boolean>({ required: true })

const says = computed(() => {
  const { tags, season, claims } = props.draft
  const said = [
    ...(tags ?? []),
    season ? `${season.from} to ${season.to}` : '',
    ...props.words.claims.filter(({ code }) => claims?.includes(code)).map(({ name }) => name),
  ].filter(Boolean)
  return said.length > 0 ? said.join(', ') : 'Tags, season…'
})
</script>

<template>
  <Button
    :label="says"
    :icon="isOpen ? 'pi pi-angle-up' : 'pi pi-angle-down'"
    icon-pos="right"
    text
    size="small"
    severity="secondary"
    :aria-expanded="isOpen"
    title="Tags, season, claims and colour"
    class="about"
    data-test="about"
    @click="isOpen = !isOpen"
  />
</template>

<style scoped>
.about {
  max-width: 14rem;
}

.about :deep(.p-button-label) {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

@media (width < 70rem) {
  .about {
    max-width: 8rem;
  }
}
</style>
