<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import type { Finding, Mend } from '@/shared/api/types'
import { severities } from './findings'

const props = defineProps<{ findings: Finding[]; isEmpty: boolean }>()
const emit = defineEmits<{
  mend: [mend: Mend]
  waive: [finding: Finding, reason: string | null]
  advise: [size: string]
}>()

const keyOf = (finding: Finding) => `${finding.check} ${finding.size} ${finding.line}`
const open = computed(() => props.findings.filter(({ waived }) => waived == null))
const waived = computed(() => props.findings.filter((finding) => finding.waived != null))
/** The finding for whose waiver a reason is being asked. */
const asked = ref<string | null>(null)
const reason = ref('')

function ask(finding: Finding): void {
  asked.value = asked.value === keyOf(finding) ? null : keyOf(finding)
  reason.value = ''
}

function waive(finding: Finding): void {
  if (reason.value.trim()) {
    emit('waive', finding, reason.value.trim())
    asked.value = null
  }
}

/** Notes ask for nothing: they are folded away below what does. */
const areNotesOpen = ref(false)
const asking = computed(() => open.value.filter(({ severity }) => severity !== 'note'))
const notes = computed(() => open.value.length - asking.value.length)
const shown = computed(() => (areNotesOpen.value ? open.value : asking.value))
</script>

<template>
  <section id="checks" aria-label="Checks" class="checks" aria-live="polite">
    <h2 class="visually-hidden">Checks</h2>
    <p v-if="isEmpty" class="clear">There is nothing in the cup yet.</p>
    <p v-else-if="asking.length === 0" class="clear" data-test="all-clear">
      <i class="pi pi-check" aria-hidden="true" /> Every size fits and can be poured.
    </p>
    <ul v-if="!isEmpty && shown.length > 0">
      <li
        v-for="finding in shown"
        :key="keyOf(finding)"
        :class="finding.severity"
        :data-check="finding.check"
        data-test="finding"
      >
        <i :class="severities[finding.severity].icon" aria-hidden="true" />
        <span>
          <strong class="word">{{ severities[finding.severity].word }}:</strong> {{ finding.message }}
          <span v-if="finding.mend?.promise" class="soft" data-test="promise">{{
            finding.mend.promise
          }}</span>
          <template v-else-if="!finding.mend && finding.otherwise">{{ finding.otherwise }}</template>
        </span>
        <!-- Findings come and go with every amount: these are plain buttons in the dress of the others, because a component
             for each would be felt. -->
        <button
          v-if="finding.mend"
          type="button"
          class="p-button p-component p-button-secondary p-button-outlined p-button-sm"
          data-test="mend"
          @click="$emit('mend', finding.mend)"
        >
          <span class="p-button-label">{{ finding.mend.label }}</span>
        </button>
        <button
          v-else-if="finding.canAdvise"
          type="button"
          class="p-button p-component p-button-secondary p-button-outlined p-button-sm"
          data-test="advise"
          @click="$emit('advise', finding.size)"
        >
          <span class="p-button-label">Advise…</span>
        </button>
        <button
          type="button"
          class="p-button p-component p-button-secondary p-button-text p-button-sm"
          :aria-expanded="asked === keyOf(finding)"
          :aria-label="`Let it be: ${finding.message}`"
          data-test="waive"
          @click="ask(finding)"
        >
          <span class="p-button-label">Let it be…</span>
        </button>
        <form v-if="asked === keyOf(finding)" class="reason" @submit.prevent="waive(finding)">
          <label for="waive-reason">Why may it be?</label>
          <InputText
            id="waive-reason"
            v-model="reason"
            autocomplete="off"
            autofocus
            data-test="waive-reason"
          />
          <Button
            label="Let it be"
            type="submit"
            size="small"
            :disabled="!reason.trim()"
            data-test="waive-go"
          />
        </form>
      </li>
    </ul>
    <button
      v-if="!isEmpty && notes > 0"
      type="button"
      class="notes"
      :aria-expanded="areNotesOpen"
      data-test="notes"
      @click="areNotesOpen = !areNotesOpen"
    >
      {{ notes }} {{ notes === 1 ? 'note' : 'notes' }}
      <i :class="areNotesOpen ? 'pi pi-angle-up' : 'pi pi-angle-down'" aria-hidden="true" />
    </button>
    <details v-if="!isEmpty && waived.length > 0" class="waived" data-test="waived">
      <summary>{{ waived.length }} let be</summary>
      <ul>
        <li v-for="finding in waived" :key="keyOf(finding)" class="note">
          <span
            >{{ finding.message }} <em>“{{ finding.waived }}”</em></span
          >
          <Button
            label="Look at it again"
            text
            size="small"
            data-test="unwaive"
            @click="$emit('waive', finding, null)"
          />
        </li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.checks {
  margin-top: 0.4rem;
}

.notes {
  min-height: 1.8rem;
  padding: 0 0.3rem;
  border: 0;
  background: none;
  color: var(--ink-soft);
  font: inherit;
  cursor: pointer;
}

ul {
  display: grid;
  gap: 0.35rem;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  gap: 0.75rem;
  flex-wrap: wrap;
  align-items: center;
  padding: 0.2rem 0.75rem;
  border-left: 4px solid;
  border-radius: 0.3rem;
}

li > span {
  flex: 1 1 20rem;
  color: var(--ink);
}

li.warning {
  background: var(--warning-wash);
  color: var(--warning);
}

li.note {
  background: var(--glass);
  color: var(--ink-soft);
}

li.fault {
  background: var(--fault-wash);
  color: var(--fault);
}

.word {
  text-transform: capitalize;
}

.reason {
  display: flex;
  flex-basis: 100%;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
  color: var(--ink);
}

.reason :deep(input) {
  flex: 1 1 14rem;
}

.waived {
  margin-top: 0.6rem;
}

.waived summary {
  min-height: 1.8rem;
  cursor: pointer;
}

.clear {
  color: var(--ink-soft);
}

@media (width < 40rem) {
  li {
    flex-wrap: wrap;
  }
}
</style>
