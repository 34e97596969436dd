<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Finding, Mend } from '@/shared/api/types'

const props = defineProps<{ findings: Finding[]; isEmpty: boolean }>()
defineEmits<{ mend: [mend: Mend] }>()

const looks = {
  fault: { word: 'Fault', icon: 'pi pi-times-circle' },
  warning: { word: 'Warning', icon: 'pi pi-exclamation-triangle' },
  note: { word: 'Note', icon: 'pi pi-info-circle' },
}
const isClear = computed(() => props.findings.every(({ severity }) => severity === 'note'))
</script>

<template>
  <section aria-label="Checks" class="checks" aria-live="polite">
    <h2>Checks</h2>
    <p v-if="isEmpty" class="clear">There is nothing in the cup yet.</p>
    <p v-else-if="isClear" class="clear" data-test="all-clear">
      <i class="pi pi-check" aria-hidden="true" /> Every size fits and can be poured.
    </p>
    <ul v-if="!isEmpty && findings.length > 0">
      <li
        v-for="finding in findings"
        :key="`${finding.check} ${finding.size} ${finding.line}`"
        :class="finding.severity"
        :data-check="finding.check"
        data-test="finding"
      >
        <i :class="looks[finding.severity].icon" aria-hidden="true" />
        <span>
          <strong>{{ looks[finding.severity].word }}:</strong> {{ finding.message }}
        </span>
        <Button
          v-if="finding.mend"
          :label="finding.mend.label"
          severity="secondary"
          outlined
          data-test="mend"
          @click="$emit('mend', finding.mend)"
        />
      </li>
    </ul>
  </section>
</template>

<style scoped>
.checks {
  margin-top: 1rem;
}

ul {
  display: grid;
  gap: 0.5rem;
  margin: 0.5rem 0 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  gap: 0.75rem;
  align-items: center;
  padding: 0.4rem 0.75rem;
  border-left: 4px solid;
  border-radius: 0.3rem;
}

li span {
  flex: 1;
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

.clear {
  margin-top: 0.35rem;
  color: var(--ink-soft);
}

@media (width < 40rem) {
  li {
    flex-wrap: wrap;
  }
}
</style>
