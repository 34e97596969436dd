import { useWakeLock } from '@vueuse/core'
import { onMounted } from 'vue'

/** Keeps the screen on for as long as the page is there. */
export function useAwake(): void {
  const { request, isSupported } = useWakeLock()
  onMounted(() => {
    if (isSupported.value) {
      // Refused on a device that saves its battery; then the screen goes dark as ever.
      request('screen').catch(() => undefined)
    }
  })
}
