<script setup lang="ts">
import { useRoute } from 'vue-router'
import { pageKey } from '@/shared/pageKey'
import { cannotKeep } from '@/shared/api/server'
import NoticeBar from '@/shared/notice/NoticeBar.vue'

const route = useRoute()

/** Past the header, to what the page is for: on the sheet that is the first amount of the reference size. */
function skip(): void {
  const page = document.querySelector<HTMLElement>('main')
  const amount = page?.querySelector<HTMLElement>('td.reference input[data-cell]')
  page?.setAttribute('tabindex', '-1')
  ;(amount ?? page)?.focus()
}
</script>

<template>
  <a href="#" class="skip" data-test="skip" @click.prevent="skip">
    {{ route.name === 'build' ? 'Go to the amounts' : 'Go to the page' }}
  </a>
  <header v-if="!route.meta.isAtTheBar" class="top">
    <RouterLink to="/" class="mark">
      <img src="/krasis.svg" alt="" width="26" height="26" />
      <span>Krasis</span>
    </RouterLink>
    <nav aria-label="Main">
      <RouterLink to="/" :class="{ here: route.path === '/' || route.path.startsWith('/builds') }">
        Builds
      </RouterLink>
      <RouterLink to="/bar" active-class="here">The bar</RouterLink>
      <RouterLink to="/service">At the bar</RouterLink>
      <RouterLink to="/prep" :class="{ here: route.path.startsWith('/prep') }">Prep</RouterLink>
      <RouterLink to="/poured" active-class="here">Poured</RouterLink>
      <RouterLink to="/tastings" active-class="here">Tastings</RouterLink>
      <RouterLink to="/files" active-class="here">Files</RouterLink>
    </nav>
  </header>
  <p v-if="cannotKeep" class="banner fault cannot-keep" role="alert" data-test="cannot-keep">
    {{ cannotKeep }} What you have entered stays on this page.
  </p>
  <RouterView :key="pageKey" />
  <NoticeBar />
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  gap: 0 2rem;
  align-items: center;
  padding: 0 1.5rem;
  border-bottom: 1px solid var(--line);
  background: var(--porcelain);
}

.skip {
  position: absolute;
  z-index: 10;
  top: -4rem;
  left: 1.5rem;
  padding: 0.7rem 1rem;
  border-radius: 0 0 0.4rem 0.4rem;
  background: var(--cobalt);
  color: light-dark(#fff, #10181b);
}

.skip:focus {
  top: 0;
}

.cannot-keep {
  margin: 0.75rem 1.5rem 0;
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
  flex-wrap: wrap;
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

/* On a phone the way through the program takes two rows, beside the mark. */
@media (width < 40rem) {
  .top {
    flex-wrap: nowrap;
    gap: 0.4rem;
    padding: 0 0.75rem;
  }

  nav {
    gap: 0;
  }

  nav a {
    padding: 0.6rem 0.5rem;
  }
}

@media (width < 24rem) {
  .mark span {
    position: absolute;
    clip-path: inset(50%);
  }
}

@media print {
  .top,
  .skip {
    display: none;
  }
}
</style>
