<script setup lang="ts">
import Button from 'primevue/button'
import type { MadeView } from '@/shared/api/types'

/** What a make came to. */
defineProps<{
  /** Null where the server has not taken it. */
  made: MadeView | null
  /** Whether this device keeps it then. */
  isKept: boolean
}>()
const emit = defineEmits<{ another: [] }>()
</script>

<template>
  <section class="ask" data-test="made">
    <h2>Handed over.</h2>
    <template v-if="made?.taste">
      <p class="figure" :class="{ far: !made.taste.isAllowed }" data-test="made-taste">
        {{ made.taste.says }}
      </p>
      <p>
        {{
          made.taste.isAllowed
            ? 'That is as the house wants it.'
            : 'That is further from the standard than the house allows.'
        }}
      </p>
    </template>
    <p v-else-if="isKept" data-test="made-kept">Saved on this device until the server has it.</p>
    <div class="keys">
      <Button label="Make another" data-test="another" @click="emit('another')" />
      <RouterLink to="/service" class="link">Back to the board</RouterLink>
    </div>
  </section>
</template>

<style scoped>
.figure {
  font-weight: 700;
  font-size: clamp(2.6rem, 6vw, 3.75rem);
  line-height: 1.1;
}

.far {
  color: var(--fault);
}

.link {
  font-size: 1.3rem;
}
</style>
