import { ApiProblem } from '@/shared/api/ApiProblem'
import { computed, onUnmounted, readonly, ref } from 'vue'

const retryIntervalMs = 1500

/** Why nothing that is entered can be kept now: the server is silent, or says why it cannot. Null while all is well, and at first. */
const trouble = ref<{ says: string | null } | null>(null)
const returns = new Set<() => void>()

/** Whether what is entered stays in this browser for now. */
export const isAway = computed(() => trouble.value !== null)

/** What the server says of why it cannot keep anything; null where it can, or says nothing. */
export const cannotKeep = readonly(computed(() => trouble.value?.says ?? null))

/** An answer has come. One that could not be kept does not make the next one so. */
export function markReachable(): void {
  if (trouble.value?.says === null) {
    end()
  }
}

/** No answer has come; the server is asked until there is one. */
export function markSilent(): void {
  begin(null)
}

/** The server has said that it cannot keep anything; it is asked until it can. */
export function markUnable(says: string): void {
  begin(says)
}

function begin(says: string | null): void {
  const isNew = trouble.value === null
  trouble.value = { says }
  if (isNew) {
    lookLater()
  }
}

function end(): void {
  trouble.value = null
  returns.forEach((back) => back())
}

function lookLater(): void {
  setTimeout(() => void look(), retryIntervalMs)
}

async function look(): Promise<void> {
  // Something else may have been answered in the meantime.
  if (trouble.value === null) {
    return
  }

  const health = await healthOf()
  if (health === 'well') {
    end()
  } else {
    trouble.value = health
    lookLater()
  }
}

/** Asks whether the server works and keeps what it is sent. */
export async function healthOf(): Promise<'well' | { says: string | null }> {
  try {
    const answer = await fetch('/health')
    return answer.ok ? 'well' : { says: ApiProblem.from(answer.status, await answer.json()).message }
  } catch {
    return { says: null }
  }
}

/** Does something, for as long as the component is there, whenever the server is well again. */
export function onReturn(back: () => void): void {
  returns.add(back)
  onUnmounted(() => returns.delete(back))
}
