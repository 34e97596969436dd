import { useLocalStorage } from '@vueuse/core'
import { readonly, ref } from 'vue'
import type { AnswerDocument, SeatView, TasteView } from '@/shared/api/types'

/** What one taster has said of a tasting on this device, and how far it has come. */
export interface Tasting {
  /** What the page calls the seat. */
  device: string
  seat: SeatView | null
  /** What is asked: it has to be there when the network is not. */
  asked: TasteView | null
  answer: AnswerDocument
  /** Filling in, on its way, kept at the server, or not taken there: the tasting was over. */
  state: 'tasting' | 'sending' | 'sent' | 'refused'
  /** The cup that one is at. */
  at: number
}

export const begun = (device: string): Tasting => ({
  device,
  seat: null,
  asked: null,
  answer: { cups: [], order: [], chosen: null, comment: null },
  state: 'tasting',
  at: 0,
})

const refused = ref(false)

/** Whether this device could not save answers. Then they are only on the page. */
export const answersOnPageOnly = readonly(refused)

/** The tastings on this device, by their id: the one that is being tasted, and before it those that are not sent yet. */
export const keptTastings = () =>
  useLocalStorage<Record<string, Tasting[]>>(
    'krasis.tastings',
    {},
    {
      onError: () => {
        refused.value = true
      },
    },
  )
