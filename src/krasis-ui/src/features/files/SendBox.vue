<script setup lang="ts">
import MultiSelect from 'primevue/multiselect'
import { computed, ref } from 'vue'
import { useBuilds } from '@/shared/api/queries'

/** Sends drinks, or everything, out of the house. */
const builds = useBuilds()
const chosen = ref<string[]>([])
const choices = computed(() => (builds.data.value ?? []).map(({ id, name }) => ({ id, name })))
const address = computed(
  () => `/api/files/drinks.krasis?${chosen.value.map((id) => `build=${encodeURIComponent(id)}`).join('&')}`,
)
</script>

<template>
  <section aria-labelledby="send-head" class="part">
    <h2 id="send-head">Send drinks to another house</h2>
    <p>
      A <code>.krasis</code> file holds the drinks as they are now, and what they rest on: their ingredients,
      parts, pumps, cups and milks. The other house decides which of its own stands for each.
    </p>
    <label id="send-which" for="send">Which drinks</label>
    <MultiSelect
      v-model="chosen"
      input-id="send"
      aria-labelledby="send-which"
      :options="choices"
      option-value="id"
      option-label="name"
      filter
      :max-selected-labels="3"
      placeholder="Choose drinks"
      data-test="send-which"
    />
    <p>
      <a v-if="chosen.length > 0" :href="address" download class="press" data-test="send">
        Save {{ chosen.length === 1 ? 'it' : `all ${chosen.length}` }} as a file
      </a>
      <a href="/api/files/house.krasis" download class="other" data-test="send-house">
        The whole house as a file
      </a>
    </p>
    <p class="soft">
      The whole house is everything in open documents: builds with their history, the bar, tastings, what was
      poured, prep and stock. <a href="/schemas">How they are written</a>
    </p>
  </section>
</template>

<style scoped>
.other {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 0 0.6rem;
}
</style>
