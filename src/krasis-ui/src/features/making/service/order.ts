import { useStorage } from '@vueuse/core'
import type { WishQuery } from '@/shared/api/types'

export interface Ordered {
  build: string
  size: string
  /** As it is said: the drink, its size and what the guest asks for. */
  says: string
  wish: WishQuery
}

/** What has been ordered at this device and is not yet made. */
export const order = useStorage<Ordered[]>('krasis.order', [])
