<script setup lang="ts">
import Button from 'primevue/button'
import InputNumber from 'primevue/inputnumber'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import type { TastingView } from '@/shared/api/types'
import TrayTable from './TrayTable.vue'
import type { Tasting } from './useTasting'

/** A tasting that is under way: the code for phones, who has answered, and the pourer's tray. */
const props = defineProps<{ id: string; tasting: Tasting; view: TastingView }>()
const path = computed(() => `/taste/${props.id}`)
const address = computed(() => `${location.origin}${path.value}`)
/** What a made-up panel would have of the first sample. */
const wants = [
  { key: 'as-it-is', scale: null, percent: null, name: 'the first sample as it is' },
  { key: 'less-sweet', scale: 'sweetness', percent: -25, name: 'it a quarter less sweet' },
  { key: 'sweeter', scale: 'sweetness', percent: 25, name: 'it a quarter sweeter' },
  { key: 'weaker', scale: 'strength', percent: -25, name: 'it a quarter weaker' },
  { key: 'stronger', scale: 'strength', percent: 25, name: 'it a quarter stronger' },
]
const wanted = ref('less-sweet')
const tasters = ref(props.view.document.tasters ?? 12)

function practise(): void {
  const { scale, percent } = wants.find(({ key }) => key === wanted.value) ?? { scale: null, percent: null }
  void props.tasting.practise({ tasters: tasters.value, scale, percent })
}
</script>

<template>
  <div class="columns">
    <section aria-label="For the tasters">
      <h2>For the tasters</h2>
      <img class="code" :src="`/api/qr?path=${encodeURIComponent(path)}`" alt="The taster's page" />
      <p>
        Hold a phone to it, or pass one tablet on:
        <RouterLink :to="path" data-test="to-taste">{{ address }}</RouterLink>
      </p>
      <p class="soft">
        Phones reach it in the house's network, where Krasis is started for it (see the README).
      </p>
      <p class="count" role="status" data-test="answered">
        <strong>{{ view.answered }}</strong> of {{ view.document.tasters ?? 12 }} have answered
        <span v-if="view.came > view.answered">({{ view.came - view.answered }} at it)</span>
        <span v-if="view.simulated > 0" class="tag">{{ view.simulated }} simulated</span>
      </p>
      <details>
        <summary>Practise with simulated tasters</summary>
        <p class="soft">They are made up, and everything that comes of them says so.</p>
        <div class="practice">
          <InputNumber v-model="tasters" :min="1" :max="500" aria-label="How many simulated tasters" />
          <label for="wants">who would have</label>
          <Select
            v-model="wanted"
            input-id="wants"
            :options="wants"
            option-label="name"
            option-value="key"
            data-test="wants"
          />
          <Button
            label="Let them taste"
            :loading="tasting.isBusy.value"
            data-test="practise"
            @click="practise"
          />
        </div>
      </details>
    </section>
    <section aria-label="For whoever pours">
      <h2>For whoever pours</h2>
      <RouterLink :to="`/tastings/${id}/tray`" data-test="to-tray"
        ><i class="pi pi-print" aria-hidden="true" /> Tray plan to print</RouterLink
      >
      <TrayTable :view="view" with-codes />
      <p v-if="view.withdrawn.length > 0">
        Withdrawn: {{ view.withdrawn.map((i) => view.samples[i]?.name).join(', ') }}
      </p>
      <template v-if="view.samples.length > 1 && ['suits', 'best'].includes(view.document.question ?? '')">
        <Button
          v-for="(sample, i) in view.samples"
          v-show="!view.withdrawn.includes(i)"
          :key="sample.name"
          :label="`Withdraw ${sample.name}`"
          text
          size="small"
          severity="secondary"
          @click="tasting.withdraw(i)"
        />
      </template>
    </section>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  gap: 1rem 2.5rem;
  grid-template-columns: minmax(18rem, 2fr) minmax(0, 3fr);
}

@media (max-width: 60rem) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}

.code {
  width: 14rem;
  height: 14rem;
}

.columns a {
  overflow-wrap: anywhere;
}

.count {
  margin: 0.75rem 0;
  font-size: 1.3rem;
}

.count strong {
  font-size: 2.6rem;
}

.tag {
  padding: 0 0.5rem;
  border: 1px dashed var(--line-strong);
  border-radius: 1rem;
  font-size: 0.85rem;
}

.practice {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
  margin-top: 0.5rem;
}

summary {
  min-height: 2.75rem;
  line-height: 2.75rem;
  cursor: pointer;
}
</style>
