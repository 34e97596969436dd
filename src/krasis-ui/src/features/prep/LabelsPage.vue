<script setup lang="ts">
import { useStorage } from '@vueuse/core'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, onMounted, onUnmounted, ref } from 'vue'
import { useRoute } from 'vue-router'
import { ApiProblem } from '@/shared/api/ApiProblem'
import { api, ask } from '@/shared/api/client'
import { useDevices } from '@/shared/api/queries'
import { day } from '@/shared/format'
import { tell } from '@/shared/notice/notice'
import { typedNumber } from '@/shared/typedNumber'
import { drawLabel, type LabelWords } from './drawLabel'
import { useStock } from './useStock'
import { quantity } from './words'

/** Labels of lots in true size: on sheets, or one by one. */
const route = useRoute()
const { stock, problem } = useStock()
const asked = computed(() =>
  `${typeof route.query.lots === 'string' ? route.query.lots : ''}`.split(',').filter(Boolean),
)
const lots = computed(() =>
  (stock.value?.lots ?? []).filter(({ lot, isMade }) =>
    asked.value.length > 0 ? asked.value.includes(lot) : isMade,
  ),
)
/** Lengths in mm, as such sheets are sold: the label, its grid on the page, and the first one's place. */
const sheets = [
  {
    id: 'a4-21',
    name: 'A4, 21 labels of 63.5 × 38.1 mm',
    page: [210, 297],
    label: [63.5, 38.1],
    columns: 3,
    rows: 7,
    left: 7.25,
    top: 15.15,
    pitch: [66, 38.1],
  },
  {
    id: 'a4-14',
    name: 'A4, 14 labels of 99.1 × 38.1 mm',
    page: [210, 297],
    label: [99.1, 38.1],
    columns: 2,
    rows: 7,
    left: 4.65,
    top: 15.15,
    pitch: [101.6, 38.1],
  },
  {
    id: 'letter-30',
    name: 'Letter, 30 labels of 66.7 × 25.4 mm',
    page: [215.9, 279.4],
    label: [66.7, 25.4],
    columns: 3,
    rows: 10,
    left: 4.8,
    top: 12.7,
    pitch: [69.85, 25.4],
  },
  {
    id: 'single-62',
    name: 'One by one, 62 × 40 mm',
    page: [62, 40],
    label: [62, 40],
    columns: 1,
    rows: 1,
    left: 0,
    top: 0,
    pitch: [62, 40],
  },
  {
    id: 'single-57',
    name: 'One by one, 57 × 32 mm',
    page: [57, 32],
    label: [57, 32],
    columns: 1,
    rows: 1,
    left: 0,
    top: 0,
    pitch: [57, 32],
  },
] as const
const chosen = useStorage('krasis.labels', 'a4-21')
const sheet = computed(() => sheets.find(({ id }) => id === chosen.value) ?? sheets[0])
const skip = useStorage('krasis.labels.skip', '0')
const skipped = computed(() => {
  const number = typedNumber(skip.value)
  return Number.isInteger(number) && number > 0
    ? Math.min(number, sheet.value.columns * sheet.value.rows - 1)
    : 0
})
const pages = computed(() => {
  const each = sheet.value.columns * sheet.value.rows
  const count = Math.ceil((lots.value.length + skipped.value) / each)
  return Array.from({ length: count }, (_, page) =>
    lots.value
      .map((lot, i) => ({ lot, place: i + skipped.value }))
      .filter(({ place }) => Math.floor(place / each) === page)
      .map(({ lot, place }) => ({
        lot,
        left: sheet.value.left + ((place % each) % sheet.value.columns) * sheet.value.pitch[0],
        top: sheet.value.top + Math.floor((place % each) / sheet.value.columns) * sheet.value.pitch[1],
      })),
  )
})
const isSmall = computed(() => sheet.value.label[1] < 35)
const rule = computed(() => `@page { size: ${sheet.value.page[0]}mm ${sheet.value.page[1]}mm; margin: 0 }`)
const printIt = () => window.print()
const devices = useDevices()
const isSending = ref(false)
const sent = ref('')

const atOnce = 20

/** Each label by itself, on the bar's own printer. */
async function send(): Promise<void> {
  const [widthMm, heightMm] = sheet.value.label
  isSending.value = true
  sent.value = ''
  try {
    const labels = []
    for (const lot of lots.value) {
      labels.push(await drawLabel(wordsOf(lot), `/prep/lots/${lot.lot}`, widthMm, heightMm))
    }

    // So many as a request takes.
    for (let from = 0; from < labels.length; from += atOnce) {
      await ask(
        api.POST('/api/devices/labels', {
          body: { widthMm, heightMm, labels: labels.slice(from, from + atOnce) },
        }),
      )
    }

    sent.value = `${labels.length} ${labels.length === 1 ? 'label is' : 'labels are'} printed.`
  } catch (error) {
    tell({ text: ApiProblem.of(error).message, isFault: true })
  } finally {
    isSending.value = false
  }
}

function wordsOf(lot: (typeof lots.value)[number]): LabelWords {
  return {
    name: lot.name,
    use: `Use by ${lot.useBy ? day(lot.useBy) : 'see pack'}`,
    more: [
      `${lot.isMade ? 'Made' : 'Came'} ${day(lot.since)}${lot.openedOn ? `, opened ${day(lot.openedOn)}` : ''}${lot.who ? ` by ${lot.who}` : ''}`,
      `Lot ${lot.lot} · ${quantity(lot.left, lot.unit)}`,
      lot.allergens ?? '',
      lot.keepAt ?? '',
    ].filter(Boolean),
  }
}

/** The page is as large as the sheet while its labels are looked at. */
const style = document.createElement('style')
onMounted(() => document.head.append(style))
onUnmounted(() => {
  style.remove()
})
function set(text: string): string {
  style.textContent = text
  return text
}
</script>

<template>
  <main class="labels" :data-rule="set(rule)">
    <div class="no-print page above">
      <p>
        <RouterLink to="/prep/stock"><i class="pi pi-arrow-left" aria-hidden="true" /> Stock</RouterLink>
      </p>
      <h1>Labels</h1>
      <p v-if="problem" class="error" role="alert">{{ problem.message }}</p>
      <p class="tools">
        <label
          >Sheet
          <Select
            v-model="chosen"
            :options="[...sheets]"
            option-label="name"
            option-value="id"
            data-test="sheet"
        /></label>
        <label
          >Leave the first
          <InputText v-model="skip" class="short" inputmode="numeric" data-test="skip" /> empty</label
        >
        <Button label="Print" icon="pi pi-print" data-test="print" @click="printIt" />
        <Button
          v-if="devices.data.value?.hasPrinter"
          label="To the label printer"
          icon="pi pi-tag"
          outlined
          :disabled="lots.length === 0"
          :loading="isSending"
          data-test="to-printer"
          @click="send"
        />
      </p>
      <p v-if="sent" role="status" data-test="sent">{{ sent }}</p>
      <p class="soft">Print in true size: no scaling, no margins. A code leads to the lot.</p>
      <p v-if="stock && lots.length === 0">There is no such lot in stock. Mark lots under Stock.</p>
    </div>
    <div class="scroll paper" role="region" aria-label="Sheets of labels" tabindex="0">
      <section
        v-for="(page, i) in pages"
        :key="i"
        class="sheet"
        data-test="label-sheet"
        :style="{ width: `${sheet.page[0]}mm`, height: `${sheet.page[1]}mm` }"
      >
        <article
          v-for="{ lot, left, top } in page"
          :key="lot.lot"
          class="label"
          :class="{ small: isSmall }"
          data-test="label"
          :style="{
            left: `${left}mm`,
            top: `${top}mm`,
            width: `${sheet.label[0]}mm`,
            height: `${sheet.label[1]}mm`,
          }"
        >
          <img
            :src="`/api/qr?path=${encodeURIComponent(`/prep/lots/${lot.lot}`)}`"
            :alt="`Code of lot ${lot.lot}`"
          />
          <strong class="name">{{ lot.name }}</strong>
          <span class="use"
            >Use by <b>{{ lot.useBy ? day(lot.useBy) : 'see pack' }}</b></span
          >
          <span
            >{{ lot.isMade ? 'Made' : 'Came' }} {{ day(lot.since)
            }}<template v-if="lot.openedOn">, opened {{ day(lot.openedOn) }}</template
            ><template v-if="lot.who"> by {{ lot.who }}</template></span
          >
          <span>Lot {{ lot.lot }} · {{ quantity(lot.left, lot.unit) }}</span>
          <span v-if="lot.allergens" class="contains">{{ lot.allergens }}</span>
          <span v-if="lot.keepAt">{{ lot.keepAt }}</span>
        </article>
      </section>
    </div>
  </main>
</template>

<style scoped>
.above {
  padding-bottom: 0;
}

.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1rem;
  align-items: center;
  margin: 0.5rem 0;
}

.short {
  width: 4rem;
}

.sheet {
  position: relative;
  margin: 0.75rem auto;
  background: #fff;
  box-shadow: 0 0 0 1px var(--line-strong);
  break-after: page;
}

.sheet:last-child {
  break-after: auto;
}

.label {
  position: absolute;
  display: flex;
  flex-direction: column;
  padding: 1.6mm 2.2mm;
  overflow: hidden;
  box-sizing: border-box;
  outline: 1px dotted #9aa;
  color: #000;
  font-size: 8pt;
  line-height: 1.16;
}

.label img {
  position: absolute;
  right: 1mm;
  bottom: 1mm;
  width: 15mm;
  height: 15mm;
}

.label .name {
  overflow: hidden;
  font-size: 11.5pt;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.label .use {
  font-size: 10.5pt;
}

.label .contains {
  padding-right: 14mm;
  font-size: 7pt;
}

.label.small {
  padding: 0.8mm 1.6mm;
  font-size: 6.5pt;
  line-height: 1.08;
}

.label.small img {
  width: 12mm;
  height: 12mm;
}

.label.small .name {
  font-size: 9pt;
}

.label.small .use {
  font-size: 8pt;
}

.label.small .contains {
  padding-right: 12mm;
  font-size: 5.5pt;
}

@media print {
  .paper {
    overflow: visible;
  }

  .sheet {
    margin: 0;
    box-shadow: none;
  }

  .label {
    outline: none;
  }
}
</style>
