<script setup lang="ts">
/** The head of the pages that stand at the bar: back to where one came from, and what this is. */
defineProps<{ title: string; sub?: string; back?: string; backLabel?: string }>()
</script>

<template>
  <header class="bar-head">
    <RouterLink :to="back ?? '/'" class="back" data-test="back">
      <i class="pi pi-arrow-left" aria-hidden="true" /> {{ backLabel ?? 'Builds' }}
    </RouterLink>
    <p class="title">
      <strong>{{ title }}</strong> <span v-if="sub">{{ sub }}</span>
    </p>
    <slot />
  </header>
</template>

<style scoped>
.bar-head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1.25rem;
  align-items: center;
  min-height: 4rem;
  padding: 0.3rem 1.5rem;
  border-bottom: 1px solid var(--line);
  background: var(--porcelain);
}

.back {
  display: inline-flex;
  gap: 0.5rem;
  align-items: center;
  min-height: 2.9rem;
  padding: 0 1rem;
  border: 2px solid var(--line-strong);
  border-radius: 0.8rem;
  color: var(--ink);
  font-size: 1.1rem;
  text-decoration: none;
}

.title {
  flex: 1;
  font-size: 1.35rem;
}

.title strong {
  font-size: 1.55rem;
}

.title span {
  margin-left: 0.6rem;
}

@media (max-width: 700px) {
  .title {
    flex: 1 1 100%;
    order: 1;
  }
}
</style>
