import { ref } from 'vue'
import type { Router } from 'vue-router'

/** What the page on screen is known by: while it stays the same, the page stays as it is. */
export const pageKey = ref('')
let mayStay = false

/** Shows each new address as a page of its own, except those that a page moves to by itself. */
export function followRoutes(router: Router): void {
  router.afterEach((to, from, failure) => {
    if (!failure) {
      if (!mayStay && to.path !== from.path) {
        pageKey.value = `${to.path} ${Date.now()}`
      }

      mayStay = false
    }
  })
}

/** Gives the page on screen another address, for what it shows has one now. What has been done on it can still be undone. */
export async function moveTo(router: Router, path: string): Promise<void> {
  mayStay = true
  await router.replace(path)
}
