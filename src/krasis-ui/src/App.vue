<script setup lang="ts">
import { useRoute } from 'vue-router'
import { pageKey } from '@/shared/pageKey'
import NoticeBar from '@/shared/notice/NoticeBar.vue'

const route = useRoute()
</script>

<template>
  <header class="top">
    <RouterLink to="/" class="mark">
      <img src="/krasis.svg" alt="" width="26" height="26" />
      <span>Krasis</span>
    </RouterLink>
    <nav aria-label="Main">
      <RouterLink to="/" :class="{ here: route.path === '/' || route.path.startsWith('/builds') }">
        Builds
      </RouterLink>
      <RouterLink to="/bar" active-class="here">The bar</RouterLink>
    </nav>
  </header>
  <RouterView :key="pageKey" />
  <NoticeBar />
</template>

<style scoped>
.top {
  display: flex;
  gap: 2rem;
  align-items: center;
  padding: 0 1.5rem;
  border-bottom: 1px solid var(--line);
  background: var(--porcelain);
}

.mark {
  display: flex;
  gap: 0.5rem;
  align-items: center;
  color: var(--ink);
  font-weight: 700;
  font-size: 1.15rem;
  text-decoration: none;
}

nav {
  display: flex;
  gap: 0.25rem;
}

nav a {
  padding: 0.7rem 0.9rem;
  border-bottom: 3px solid transparent;
  color: var(--ink-soft);
  text-decoration: none;
}

nav a.here {
  border-bottom-color: var(--cobalt);
  color: var(--ink);
  font-weight: 600;
}

@media print {
  .top {
    display: none;
  }
}
</style>
