<script setup lang="ts">
/** From one page of prep to another. */
const pages = [
  { to: '/prep', label: 'Plan' },
  { to: '/prep/day', label: 'Day sheet' },
  { to: '/prep/expected', label: 'Expected cups' },
  { to: '/prep/stock', label: 'Stock' },
  { to: '/prep/order', label: 'Order' },
  { to: '/prep/settings', label: 'How we prepare' },
]
</script>

<template>
  <nav class="prep-nav no-print" aria-label="Prep">
    <RouterLink v-for="{ to, label } in pages" :key="to" :to="to" exact-active-class="here">{{
      label
    }}</RouterLink>
  </nav>
</template>

<style scoped>
.prep-nav {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem;
  margin-bottom: 0.75rem;
}

.prep-nav a {
  min-height: 2.75rem;
  padding: 0.6rem 0.9rem;
  border: 1px solid var(--line);
  border-radius: 0.4rem;
  box-sizing: border-box;
  color: var(--ink);
  text-decoration: none;
}

.prep-nav a.here {
  border-color: var(--cobalt);
  background: var(--cobalt-wash);
  font-weight: 600;
}
</style>
