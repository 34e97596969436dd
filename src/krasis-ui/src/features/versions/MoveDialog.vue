<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import Textarea from 'primevue/textarea'
import { computed, ref, shallowRef, watch } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { BuildState, PublishView } from '@/shared/api/types'
import { tell } from '@/shared/notice/notice'
import PublishOpen from './PublishOpen.vue'
import { rememberedWho, rememberWho } from '@/shared/api/who'
import { stateOf } from './states'

/** Moves a build on in its life, with a reason; before it is published, what stands against that is told. */
const props = defineProps<{
  id: string
  name: string
  /** Saves what is not saved yet, and answers with the version; null when that could not be done. */
  ready: () => Promise<string | null>
  /** A reason that goes without saying, to be said otherwise. */
  because?: string
}>()
const emit = defineEmits<{ moved: [] }>()

/** What it is to become; null while nothing is asked. */
const to = defineModel<BuildState | null>({ required: true })

const client = useQueryClient()
const who = ref(rememberedWho())
const reason = ref('')
const trouble = ref<string | null>(null)
const isBusy = ref(false)
/** What would become of publishing it now; null while it is being asked for. */
const publishing = shallowRef<PublishView | null>(null)
const isPublishing = computed(() => to.value === 'standard')
const title = computed(() =>
  isPublishing.value ? `Publish ${props.name}` : `${props.name}: ${stateOf(to.value ?? 'draft').label}`,
)
/** Whether it can be done: the server says what stands against publishing, and what wants a reason. */
const isAllowed = computed(() => {
  const view = publishing.value
  return (
    !isPublishing.value ||
    (view?.trouble === null &&
      view.check.isAllowed &&
      (!view.check.wantsReason || reason.value.trim() !== ''))
  )
})

/** Does something for which everything on the sheet must be saved; what goes wrong stands in the dialog. */
async function whenReady(work: (etag: string) => Promise<void>): Promise<void> {
  isBusy.value = true
  trouble.value = null
  try {
    const etag = await props.ready()
    if (etag) {
      await work(etag)
    } else {
      trouble.value = 'What is on the sheet could not be saved; mend that first.'
    }
  } catch (error) {
    trouble.value = ApiProblem.of(error).message
  } finally {
    isBusy.value = false
  }
}

function begin(next: BuildState | null): void {
  reason.value = props.because ?? ''
  trouble.value = null
  publishing.value = null
  if (next === 'standard') {
    void whenReady(async () => {
      publishing.value = await ask(
        api.GET('/api/builds/{id}/standards/next', { params: { path: { id: props.id } } }),
      )
    })
  }
}

watch(to, begin, { immediate: true })

const move = () =>
  whenReady(async (etag) => {
    const next = to.value
    if (!next) {
      return
    }

    rememberWho(who.value)
    const at = { params: { header: { 'If-Match': etag }, path: { id: props.id } } }
    const said = { who: who.value, reason: reason.value }
    if (next === 'standard') {
      await ask(api.POST('/api/builds/{id}/standards', { ...at, body: said }))
    } else {
      await ask(api.POST('/api/builds/{id}/state', { ...at, body: { ...said, state: next } }))
    }

    to.value = null
    tell({
      text:
        next === 'standard'
          ? `'${props.name}' is published.`
          : `'${props.name}' is now: ${stateOf(next).label.toLowerCase()}.`,
    })
    await Promise.all([
      client.invalidateQueries({ queryKey: keys.builds }),
      client.invalidateQueries({ queryKey: [...keys.history, props.id] }),
      client.invalidateQueries({ queryKey: keys.moved }),
    ])
    emit('moved')
  })
</script>

<template>
  <Dialog
    :visible="to !== null"
    modal
    :header="title"
    :style="{ width: 'min(34rem, 94vw)' }"
    @update:visible="to = null"
  >
    <template v-if="isPublishing">
      <p class="soft">
        The build is kept as it is, with the bar’s measurements of today<template v-if="publishing"
          >, as standard {{ publishing.number }}</template
        >. Nothing can change it afterwards.
      </p>
      <PublishOpen v-if="publishing" :publishing="publishing" />
    </template>
    <div class="field">
      <label for="state-reason">{{
        publishing?.check.isAllowed && publishing.check.wantsReason
          ? 'Why is it published all the same?'
          : 'Why?'
      }}</label>
      <!-- What has no place of its own for the focus gives it to the button that closes it, under the hands of who types already. -->
      <Textarea id="state-reason" v-model="reason" autofocus rows="2" auto-resize data-test="state-reason" />
    </div>
    <div class="field">
      <label for="state-who">Who?</label>
      <InputText id="state-who" v-model="who" autocomplete="off" data-test="state-who" />
    </div>
    <p v-if="trouble" class="error" role="alert">{{ trouble }}</p>
    <template #footer>
      <Button label="Not now" text severity="secondary" @click="to = null" />
      <Button
        :label="isPublishing ? 'Publish' : 'Do it'"
        :loading="isBusy"
        :disabled="!isAllowed"
        data-test="state-go"
        @click="move"
      />
    </template>
  </Dialog>
</template>

<style scoped>
.field {
  display: flex;
  flex-direction: column;
  gap: 0.2rem;
  margin-top: 0.6rem;
}
</style>
