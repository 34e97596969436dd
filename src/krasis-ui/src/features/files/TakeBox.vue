<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Select from 'primevue/select'
import { ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import { keys } from '@/shared/api/queries'
import { when } from '@/shared/format'
import FactRow from './FactRow.vue'
import GuestSizes from './GuestSizes.vue'
import { useBundle } from './useBundle'

/** Takes drinks of another house in, or a whole house. Nothing is kept before it is shown. */
const {
  bundle,
  look,
  problem,
  isBusy,
  fileName,
  as,
  chosen,
  choose,
  lookThrough,
  decide,
  take,
  moveIn,
  takeBack,
  forget,
} = useBundle()
const taken = useQuery({
  queryKey: [...keys.files, 'taken'],
  queryFn: () => ask(api.GET('/api/files/taken')),
})
const isAsked = ref(false)
/** What is asked about before it is undone. */
const undoing = ref<string | null>(null)
async function undoIt(id: string): Promise<void> {
  undoing.value = null
  await takeBack(id)
}
const standings = {
  new: 'not here yet',
  same: 'here already, the same',
  different: 'here already, but different',
}
const ways = (standing: string) => [
  { value: 'leave', label: 'leave it out' },
  { value: 'beside', label: standing === 'new' ? 'take it in' : 'take it in beside ours' },
  ...(standing === 'new' ? [] : [{ value: 'replace', label: 'put it in the place of ours' }]),
]

async function pick(event: Event): Promise<void> {
  const box = event.target as HTMLInputElement
  const file = box.files?.[0]
  if (file) {
    await choose(file)
    box.value = ''
  }
}

const nameOf = (id: string) => bundle.value?.drinks.find((drink) => drink.id === id)?.name ?? ''
</script>

<template>
  <section aria-labelledby="take-head" class="part wide">
    <h2 id="take-head">Take drinks in</h2>
    <label class="file">
      <span>A <code>.krasis</code> file of another house</span>
      <input type="file" accept=".krasis" data-test="bundle" @change="pick" />
    </label>
    <p v-if="problem" class="error" role="alert" data-test="take-problem">{{ problem }}</p>
    <template v-if="bundle">
      <p>
        <strong>{{ fileName }}</strong>, written {{ when(bundle.writtenAt)
        }}{{ bundle.isOwn ? ' by this house' : '' }}: {{ bundle.drinks.length }}
        {{ bundle.drinks.length === 1 ? 'drink' : 'drinks' }}.
      </p>
      <div v-if="bundle.scope === 'house'" class="banner">
        <p>
          It holds a whole house. Take drinks of it in below, or put all of it in the place of what is here:
          builds, the bar, tastings, what was poured, prep and stock.
        </p>
        <Button
          v-if="!isAsked"
          label="Put it in the place of everything…"
          outlined
          data-test="move-in"
          @click="isAsked = true"
        />
        <p v-else>
          A copy of what is here is made first, and you can undo it below.
          <Button label="Put it there" :loading="isBusy" data-test="move-in-now" @click="moveIn" />
          <Button label="No" text @click="isAsked = false" />
        </p>
      </div>
      <div class="scroll">
        <table class="plain" data-test="guests">
          <thead>
            <tr>
              <th scope="col">Drink</th>
              <th scope="col">Here</th>
              <th scope="col">What to do</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="drink in bundle.drinks" :key="drink.id">
              <th scope="row">{{ drink.name }}</th>
              <td>{{ standings[drink.standing as keyof typeof standings] }}</td>
              <td>
                <Select
                  v-model="as[drink.id]"
                  :options="ways(drink.standing)"
                  option-value="value"
                  option-label="label"
                  :aria-label="`What to do with ${drink.name}`"
                  data-test="as"
                  @change="lookThrough"
                />
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <template v-if="look">
        <h3>What stands for what</h3>
        <p class="soft">
          Look at what is marked: it was guessed. What you decide is remembered for that house.
        </p>
        <div class="scroll">
          <table class="plain" data-test="facts">
            <thead>
              <tr>
                <th scope="col">There</th>
                <th scope="col">Here</th>
                <th scope="col">Why</th>
              </tr>
            </thead>
            <tbody>
              <FactRow
                v-for="fact in look.facts"
                :key="`${fact.choice.kind} ${fact.choice.id}`"
                :fact="fact"
                @decide="decide"
              />
            </tbody>
          </table>
        </div>
        <h3>What they become here</h3>
        <article v-for="drink in look.drinks" :key="drink.id" data-test="guest">
          <h4>{{ nameOf(drink.id) }}</h4>
          <p v-if="drink.problem" class="error">{{ drink.problem }}</p>
          <GuestSizes v-else :sizes="drink.sizes" />
          <ul v-if="drink.said.length > 0 || drink.findings.length > 0">
            <li v-for="said in drink.said" :key="said">{{ said }}</li>
            <li v-for="found in drink.findings" :key="found"><strong>Found here:</strong> {{ found }}</li>
          </ul>
        </article>
        <p>
          <Button
            :label="chosen.length === 1 ? 'Take it in' : `Take ${chosen.length} drinks in`"
            :loading="isBusy"
            data-test="take"
            @click="take"
          />
          <Button label="Put the file away" text @click="forget" />
        </p>
      </template>
    </template>
    <template v-if="(taken.data.value ?? []).length > 0">
      <h3>Taken in lately</h3>
      <ul class="taken">
        <li v-for="one in taken.data.value" :key="one.id" data-test="taken">
          {{ when(one.takenAt) }}: {{ one.says }}.
          <span v-if="one.isUndone" class="soft">Undone.</span>
          <Button
            v-else-if="undoing !== one.id"
            label="Undo…"
            text
            size="small"
            data-test="undo-taken"
            @click="undoing = one.id"
          />
          <span v-else>
            What came in then goes, with whatever has been changed in it since. After a whole house came in,
            that is all that was entered since.
            <Button label="Undo it" size="small" data-test="undo-taken-now" @click="undoIt(one.id)" />
            <Button label="No" text size="small" @click="undoing = null" />
          </span>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.file {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: center;
}

.scroll {
  max-width: 100%;
  overflow-x: auto;
}

article {
  max-width: 100%;
}

h4 {
  margin: 0.4rem 0;
}

.taken {
  padding-left: 1.2rem;
}
</style>
