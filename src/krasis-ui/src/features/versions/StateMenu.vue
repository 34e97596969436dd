<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import Textarea from 'primevue/textarea'
import { computed, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import type { BuildState } from '@/shared/api/types'
import { tell } from '@/shared/notice/notice'
import { movesFrom, rememberedWho, rememberWho, stateOf } from './states'
import StateTag from './StateTag.vue'

const props = defineProps<{
  id: string
  name: string
  state: BuildState
  /** Saves what is not saved yet, and answers with the version; null when that could not be done. */
  ready: () => Promise<string | null>
}>()
const emit = defineEmits<{ moved: []; history: []; variant: [] }>()

const client = useQueryClient()
const to = ref<BuildState | null>(null)
const who = ref(rememberedWho())
const reason = ref('')
const trouble = ref<string | null>(null)
const isBusy = ref(false)
const moves = computed(() => movesFrom(props.state))
const title = computed(() =>
  to.value === 'standard' ? `Publish ${props.name}` : `${props.name}: ${stateOf(to.value ?? 'draft').label}`,
)

function begin(next: BuildState): void {
  to.value = next
  reason.value = ''
  trouble.value = null
}

async function move(): Promise<void> {
  const next = to.value
  if (!next) {
    return
  }

  isBusy.value = true
  trouble.value = null
  try {
    const etag = await props.ready()
    if (!etag) {
      trouble.value = 'What is on the sheet could not be saved; mend that first.'
      return
    }

    rememberWho(who.value)
    const path = { id: props.id }
    const headers = { 'If-Match': etag }
    if (next === 'standard') {
      await ask(
        api.POST('/api/builds/{id}/standards', {
          params: { path },
          headers,
          body: { who: who.value, reason: reason.value },
        }),
      )
    } else {
      await ask(
        api.POST('/api/builds/{id}/state', {
          params: { path },
          headers,
          body: { state: next, who: who.value, reason: reason.value },
        }),
      )
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
      client.invalidateQueries({ queryKey: ['history', props.id] }),
      client.invalidateQueries({ queryKey: ['moved'] }),
    ])
    emit('moved')
  } catch (error) {
    trouble.value = ApiProblem.of(error).message
  } finally {
    isBusy.value = false
  }
}
</script>

<template>
  <div class="states">
    <StateTag :state="state" />
    <Button
      v-for="one in moves"
      :key="one.label"
      :label="one.label"
      size="small"
      text
      :severity="one.to === 'standard' ? 'primary' : 'secondary'"
      :data-test="`move-${one.to}`"
      @click="begin(one.to)"
    />
    <Button
      label="Make a variant…"
      icon="pi pi-share-alt"
      size="small"
      text
      severity="secondary"
      data-test="variant"
      @click="$emit('variant')"
    />
    <Button
      label="History"
      icon="pi pi-history"
      size="small"
      text
      severity="secondary"
      data-test="history"
      @click="$emit('history')"
    />
    <Dialog
      :visible="to !== null"
      modal
      :header="title"
      :style="{ width: 'min(34rem, 94vw)' }"
      @update:visible="to = null"
    >
      <p v-if="to === 'standard'" class="soft">
        The build is kept as it is, with the bar’s measurements of today, under the next number. Nothing can
        change it afterwards.
      </p>
      <div class="field">
        <label for="state-reason">Why?</label>
        <Textarea id="state-reason" v-model="reason" rows="2" auto-resize data-test="state-reason" />
      </div>
      <div class="field">
        <label for="state-who">Who?</label>
        <InputText id="state-who" v-model="who" autocomplete="off" data-test="state-who" />
      </div>
      <p v-if="trouble" class="error" role="alert">{{ trouble }}</p>
      <template #footer>
        <Button label="Not now" text severity="secondary" @click="to = null" />
        <Button
          :label="to === 'standard' ? 'Publish' : 'Do it'"
          :loading="isBusy"
          data-test="state-go"
          @click="move"
        />
      </template>
    </Dialog>
  </div>
</template>

<style scoped>
.states {
  display: flex;
  flex-wrap: wrap;
  gap: 0.15rem 0.3rem;
  align-items: center;
  margin-bottom: 0.4rem;
}

.field {
  display: flex;
  flex-direction: column;
  gap: 0.2rem;
  margin-top: 0.6rem;
}
</style>
