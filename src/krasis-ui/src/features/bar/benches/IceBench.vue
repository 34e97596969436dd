<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import type { BarView } from '@/shared/api/types'
import { decimal, reading as read } from '@/shared/format'
import { useScale } from '@/shared/scale/useScale'
import { typedNumber } from '@/shared/typedNumber'
import AnswerLine from '@/features/bar/boxes/AnswerLine.vue'
import { useBench } from '@/features/bar/facts/bench'
import NumberBox from '@/features/bar/boxes/NumberBox.vue'
import StepHead from '@/features/bar/boxes/StepHead.vue'
import TextBox from '@/features/bar/boxes/TextBox.vue'

const props = defineProps<{ bar: BarView }>()

const bench = useBench()
const { ready, reading, isOpen } = useScale()
const cup = ref(props.bar.cups[0]?.id ?? null)
const cups = computed(() =>
  props.bar.cups.map(({ id, document, measured }) => ({
    value: id,
    label: `${document.name}, ${read(measured.brimCapacity ?? 0, 'ml')}`,
  })),
)
const entered = ref({ fillGrams: '', piecesGrams: '', pieces: '' })
const faults = ref<Record<string, string>>({})
const solid = computed(() => (bench.read('solidPercent') as number | null) ?? null)
const piece = computed(() => (bench.read('pieceGrams') as number | null) ?? null)

/** A heap of pieces in a square, as many of a hundred places as are ice. */
const heap = computed(() =>
  Array.from({ length: 100 }, (_, i) => ({
    x: (i % 10) * 12,
    y: Math.floor(i / 10) * 12,
    // Spread evenly over the square: places in an order that does not clump.
    isIce: (i * 37) % 100 < (solid.value ?? 58),
  })),
)

function weighIn(key: 'fillGrams' | 'piecesGrams'): void {
  if (ready.value && reading.value) {
    entered.value[key] = String(reading.value.grams)
  } else {
    isOpen.value = true
  }
}

async function work(): Promise<void> {
  faults.value = {}
  const body: Record<string, number> = {}
  for (const [key, text] of Object.entries(entered.value)) {
    if (text.trim() === '') {
      continue
    }

    const number = typedNumber(text)
    if (Number.isFinite(number)) {
      body[key] = number
    } else {
      faults.value[key] = `'${text}' is not a number.`
    }
  }

  if (Object.keys(faults.value).length > 0) {
    return
  }

  body['cupMl'] = props.bar.cups.find(({ id }) => id === cup.value)?.measured.brimCapacity ?? 0
  try {
    const found = await ask(api.POST('/api/bar/ice/measure', { body }))
    if (found.solid !== null) {
      bench.put('solidPercent', Number(found.solid.toFixed(1)))
    }

    if (found.piece !== null) {
      bench.put('pieceGrams', Number(found.piece.toFixed(1)))
    }
  } catch (error) {
    const problem = ApiProblem.of(error)
    faults.value = Object.fromEntries(
      problem.errors.length > 0
        ? problem.errors.map(({ field, message, accepted }) => [field, `${message} Accepted: ${accepted}.`])
        : [['fillGrams', problem.message]],
    )
  }
}
</script>

<template>
  <div class="ice">
    <div>
      <svg
        viewBox="-2 -2 122 122"
        role="img"
        :aria-label="`A heap of which ${decimal(solid ?? 58, 0)} % is ice`"
      >
        <rect x="0" y="0" width="120" height="120" class="box" />
        <template v-for="(place, i) in heap" :key="i">
          <rect
            v-if="place.isIce"
            :x="place.x + 1"
            :y="place.y + 1"
            width="10"
            height="10"
            rx="2"
            :fill="String(bench.read('colour') ?? '#dcedf3')"
            class="cube"
          />
        </template>
      </svg>
      <AnswerLine
        label="of a heap is ice"
        :value="solid === null ? null : `${decimal(solid, 1)} %`"
        :note="solid === null ? '58 % is taken until it is weighed' : undefined"
        test="solid"
      />
      <AnswerLine label="a piece" :value="piece === null ? null : `${decimal(piece, 1)} g`" test="piece" />
    </div>
    <div>
      <StepHead
        :number="1"
        title="Fill a cup with it and weigh"
        hint="Level with the brim, as the bar does it; the empty cup zeroed away."
      >
        <div class="box-of">
          <label id="ice-cup" class="soft">Into the cup</label>
          <Select
            v-model="cup"
            :options="cups"
            option-label="label"
            option-value="value"
            aria-labelledby="ice-cup"
          />
        </div>
        <div class="box-of">
          <label for="ice-fill" class="soft">Ice in it</label>
          <span class="entry">
            <InputText
              id="ice-fill"
              v-model="entered.fillGrams"
              inputmode="decimal"
              data-test="ice-fill"
              @keydown.enter.prevent="work"
            />
            g
            <Button
              icon="pi pi-gauge"
              text
              type="button"
              aria-label="Take the ice from the scale"
              @click="weighIn('fillGrams')"
            />
          </span>
          <span v-if="faults['fillGrams']" class="error" role="alert">{{ faults['fillGrams'] }}</span>
        </div>
      </StepHead>
      <StepHead :number="2" title="Count some pieces and weigh them">
        <div class="box-of">
          <label for="ice-count" class="soft">Pieces</label>
          <InputText
            id="ice-count"
            v-model="entered.pieces"
            inputmode="numeric"
            data-test="ice-count"
            @keydown.enter.prevent="work"
          />
          <span v-if="faults['pieces']" class="error" role="alert">{{ faults['pieces'] }}</span>
        </div>
        <div class="box-of">
          <label for="ice-pieces" class="soft">weigh together</label>
          <span class="entry">
            <InputText
              id="ice-pieces"
              v-model="entered.piecesGrams"
              inputmode="decimal"
              data-test="ice-pieces"
              @keydown.enter.prevent="work"
            />
            g
            <Button
              icon="pi pi-gauge"
              text
              type="button"
              aria-label="Take the pieces from the scale"
              @click="weighIn('piecesGrams')"
            />
          </span>
          <span v-if="faults['piecesGrams']" class="error" role="alert">{{ faults['piecesGrams'] }}</span>
        </div>
        <Button
          label="Work it out"
          type="button"
          size="small"
          class="work"
          data-test="work-ice"
          @click="work"
        />
      </StepHead>
      <StepHead :number="3" title="Or say it, and the rest">
        <NumberBox path="solidPercent" label="Ice in a heap" unit="%" />
        <NumberBox path="pieceGrams" label="One piece" unit="g" weigh />
        <NumberBox
          path="servedCelsius"
          label="From the machine at"
          unit="°C"
          hint="0 where it drips, −18 from a freezer"
        />
        <NumberBox path="strengthPercent" label="Coffee in it" unit="%" hint="for ice made of coffee" />
        <TextBox path="colour" label="Colour" kind="colour" />
      </StepHead>
    </div>
  </div>
</template>

<style scoped>
.ice {
  display: grid;
  grid-template-columns: 11rem minmax(0, 1fr);
  gap: 1.25rem;
}

.box {
  fill: var(--glass);
  stroke: var(--line-strong);
}

.cube {
  stroke: #7ea4b1;
  stroke-width: 0.6;
}

.box-of {
  display: flex;
  flex-direction: column;
  gap: 0.15rem;
  font-size: 0.9rem;
}

.box-of :deep(input) {
  width: 6rem;
  text-align: right;
}

.entry {
  display: inline-flex;
  gap: 0.3rem;
  align-items: center;
}

.error {
  max-width: 18rem;
}

.work {
  align-self: end;
}

@media (width < 40rem) {
  .ice {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
