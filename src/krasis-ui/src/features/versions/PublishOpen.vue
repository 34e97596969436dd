<script setup lang="ts">
import { computed } from 'vue'
import type { PublishView } from '@/shared/api/types'
import DiffTable from './DiffTable.vue'

/** What stands against publishing, what is not known, and what is different from the last standard. */
const props = defineProps<{ publishing: PublishView }>()

const faults = computed(() =>
  props.publishing.trouble
    ? [props.publishing.trouble]
    : props.publishing.check.faults.map(({ message }) => message),
)
</script>

<template>
  <div v-if="faults.length > 0" class="open fault" role="alert" data-test="publish-faults">
    <p>It cannot be published so:</p>
    <ul>
      <li v-for="message in faults" :key="message">{{ message }}</li>
    </ul>
  </div>
  <div v-if="publishing.check.wantsReason" class="open warning" data-test="publish-warnings">
    <p>{{ publishing.check.says }}</p>
    <ul>
      <li v-for="{ message } in publishing.check.warnings" :key="message">{{ message }}</li>
    </ul>
  </div>
  <div v-if="publishing.check.unknown.length > 0" class="open" data-test="publish-unknown">
    <p>Not known:</p>
    <ul>
      <li v-for="fact in publishing.check.unknown" :key="fact.what">
        {{ fact.what }} <span class="soft">for {{ fact.for.join(', ') }}</span>
      </li>
    </ul>
  </div>
  <div v-if="publishing.changes.length > 0" class="open" data-test="publish-changes">
    <p>Since standard {{ publishing.number - 1 }}:</p>
    <DiffTable
      :diff="{ differences: publishing.changes }"
      :before="`Standard ${publishing.number - 1}`"
      after="Now"
    />
  </div>
</template>

<style scoped>
.open {
  margin-top: 0.5rem;
  padding-left: 0.6rem;
  border-left: 4px solid var(--line-strong);
}

.open.fault {
  border-color: var(--fault);
}

.open.warning {
  border-color: var(--warning);
}

.open ul {
  margin: 0.1rem 0 0;
  padding-left: 1.1rem;
}
</style>
