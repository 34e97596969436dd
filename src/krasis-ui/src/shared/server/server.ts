import { onUnmounted, readonly, ref } from 'vue'

/** Whether the server has stopped answering. */
const away = ref(false)
const returns = new Set<() => void>()
const every = 1500
let timer: ReturnType<typeof setTimeout> | undefined

export const isAway = readonly(away)

/** An answer has come, whatever it says. */
export function found(): void {
  if (away.value) {
    away.value = false
    clearTimeout(timer)
    returns.forEach((back) => back())
  }
}

/** No answer has come; the server is asked until there is one. */
export function lost(): void {
  if (!away.value) {
    away.value = true
    look()
  }
}

function look(): void {
  timer = setTimeout(() => {
    fetch('/api/health').then(found, look)
  }, every)
}

/** Does something, for as long as the component is there, whenever the server answers again. */
export function onReturn(back: () => void): void {
  returns.add(back)
  onUnmounted(() => returns.delete(back))
}
