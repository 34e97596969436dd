import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { createApp, type App } from 'vue'
import { onTestFinished } from 'vitest'

/** Uses something as a component does that is on a page; the page is left at the test's end, or earlier when it is asked to. */
export function onPage<T>(use: () => T): { used: T; leave: () => void } {
  let used: T | undefined
  let app: App | null = createApp({
    setup() {
      used = use()
      return () => null
    },
  }).use(VueQueryPlugin, {
    queryClient: new QueryClient({ defaultOptions: { queries: { retry: false, networkMode: 'always' } } }),
  })
  app.mount(document.createElement('div'))
  const leave = () => {
    app?.unmount()
    app = null
  }
  onTestFinished(leave)
  return { used: used as T, leave }
}
