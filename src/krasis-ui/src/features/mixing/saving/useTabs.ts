import { useEventListener } from '@vueuse/core'
import { computed, onUnmounted, ref, watch, type Ref } from 'vue'
import { newId } from '@/shared/newId'

type Word = 'opened' | 'here' | 'left' | 'saved'

interface Message {
  word: Word
  build: string
  tab: string
}

/**
 * Tells the tabs of this browser that have the same build open of one another.
 * @param build The build's id; null before it has one.
 * @param onSaved Called when another tab has saved it.
 */
export function useTabs(build: Ref<string | null>, onSaved: () => void) {
  const me = newId()
  /** The tabs that were there before this one. */
  const earlier = ref(new Set<string>())
  const channel = new BroadcastChannel('krasis.builds')
  let isClosed = false

  function say(word: Word, of = build.value): void {
    // A save may be answered when the page has been left.
    if (of && !isClosed) {
      channel.postMessage({ word, build: of, tab: me } satisfies Message)
    }
  }

  channel.onmessage = ({ data }: MessageEvent<Message>) => {
    if (data.build !== build.value) {
      return
    }

    if (data.word === 'opened') {
      say('here')
    } else if (data.word === 'here') {
      earlier.value = new Set(earlier.value).add(data.tab)
    } else if (data.word === 'left') {
      earlier.value = new Set([...earlier.value].filter((tab) => tab !== data.tab))
    } else {
      onSaved()
    }
  }

  watch(
    build,
    (now, before) => {
      earlier.value = new Set()
      say('left', before ?? null)
      say('opened', now)
    },
    { immediate: true },
  )
  const leave = () => say('left')
  useEventListener('pagehide', leave)
  onUnmounted(() => {
    leave()
    isClosed = true
    channel.close()
  })

  return { isElsewhere: computed(() => earlier.value.size > 0), tellSaved: () => say('saved') }
}
