import { ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'

/** Does one thing at a time that may fail, and says why it did. */
export function useAttempt() {
  const problem = ref('')
  const isBusy = ref(false)

  async function attempt<T>(work: () => Promise<T>): Promise<T | null> {
    problem.value = ''
    isBusy.value = true
    try {
      return await work()
    } catch (error) {
      problem.value = ApiProblem.of(error).message
      return null
    } finally {
      isBusy.value = false
    }
  }

  return { problem, isBusy, attempt }
}
