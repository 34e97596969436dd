import { defineAsyncComponent, type Component } from 'vue'
import type { BarView } from '@/shared/api/types'
import { decimal, reading } from '@/shared/format'
import type { Fact, Kind } from '@/features/bar/facts/facts'
import type { FactDocument } from '@/features/bar/facts/paths'

/** One fact in the list of an area. */
export interface Item {
  fact: Fact
  name: string
  /** The number that matters. */
  says: string
  /** What is to be done about it; empty when nothing is. */
  todo: string
  colour?: string
}

/** A part of the bar that is measured alike. */
export interface Area {
  slug: string
  kind: Kind
  /** Its name where there is little room. */
  tab: string
  title: string
  /** What one of them is called in a sentence. */
  what: string
  hint: string
  add: string
  blank: () => FactDocument
  /** Whether another can begin as a copy of one; what is measured of one thing is not true of another. */
  copies?: boolean
  items: (bar: BarView) => Item[]
  bench: Component
}

const asFact = (fact: { id: string; etag: string; document: object }) => fact as Fact
const per100 = { sucrose: 0, glucose: 0, fructose: 0, lactose: 0, maltose: 0 }

const shown = [
  {
    slug: 'cups',
    tab: 'Cups',
    kind: 'cups',
    title: 'Cups',
    what: 'cup',
    hint: 'Measure inside, then weigh the water that fills it level. Labels lie.',
    add: 'Measure a cup',
    blank: () => ({ waterCelsius: 20 }),
    items: (bar) =>
      bar.cups.map((cup) => ({
        fact: asFact(cup),
        name: cup.document.name ?? '',
        says: cup.measured.brimCapacity === null ? '' : reading(cup.measured.brimCapacity, 'ml'),
        todo: cup.document.invented
          ? 'invented: measure yours'
          : cup.measured.brimCapacity === null
            ? 'not weighed'
            : cup.measured.isLabelWrong
              ? 'the label is wrong'
              : '',
      })),
    bench: defineAsyncComponent(() => import('@/features/bar/benches/CupBench.vue')),
  },
  {
    slug: 'dispensers',
    tab: 'Pumps',
    kind: 'dispensers',
    title: 'Pumps and bottles',
    what: 'pump or bottle',
    hint: 'The stroke belongs to the pump in hand: weigh some, one after another.',
    add: 'Weigh a pump',
    blank: () => ({ kind: 'pump', strokesGrams: [] }),
    copies: false,
    items: (bar) =>
      bar.dispensers.map((pump) => ({
        fact: asFact(pump),
        name: pump.document.name ?? '',
        says:
          pump.measured.mlPerStroke === null ? '' : `${decimal(pump.measured.mlPerStroke, 2)} ml a stroke`,
        todo: pump.measured.isStale
          ? 'weighed long ago'
          : pump.measured.count === 0
            ? 'not weighed'
            : (pump.measured.moreStrokes ?? 0) > 0
              ? 'not settled'
              : '',
      })),
    bench: defineAsyncComponent(() => import('@/features/bar/benches/DispenserBench.vue')),
  },
  {
    slug: 'espresso',
    tab: 'Espresso',
    kind: 'espresso',
    title: 'Espresso',
    what: 'espresso recipe',
    hint: 'Grams in, grams out, seconds. A shot is the yield shared among the shots of a pull.',
    add: 'Write a recipe',
    blank: () => ({ shotsPerPull: 2 }),
    items: (bar) =>
      bar.espresso.map((recipe) => ({
        fact: asFact(recipe),
        name: recipe.document.name ?? '',
        says: `${decimal(recipe.document.doseGrams ?? 0, 1)} → ${decimal(recipe.document.yieldGrams ?? 0, 1)} g`,
        todo:
          recipe.measured.strength === null
            ? 'strength not known'
            : recipe.measured.verdict && !recipe.measured.verdict.isGood
              ? 'the last pull was off'
              : '',
      })),
    bench: defineAsyncComponent(() => import('@/features/bar/benches/EspressoBench.vue')),
  },
  {
    slug: 'coffees',
    tab: 'Coffees',
    kind: 'coffees',
    title: 'Coffee bases',
    what: 'coffee recipe',
    hint: 'What is brewed in a batch, steeped, stirred or whipped, and how strong it comes out.',
    add: 'Write a recipe',
    blank: () => ({ method: 'batch' }),
    items: (bar) =>
      bar.coffees.map((coffee) => ({
        fact: asFact(coffee),
        name: coffee.document.name ?? '',
        says: coffee.measured.strength === null ? '' : `${decimal(coffee.measured.strength, 2)} % strong`,
        todo: coffee.measured.strength === null ? 'strength not known' : '',
      })),
    bench: defineAsyncComponent(() => import('@/features/bar/benches/CoffeeBench.vue')),
  },
  {
    slug: 'foams',
    tab: 'Foam',
    kind: 'foams',
    title: 'Milk and foam',
    what: 'foam level',
    hint: 'The house’s own names for how far milk grows and how warm it gets.',
    add: 'Name a level',
    blank: () => ({ fromCelsius: 4, toCelsius: 60, steamCelsius: 110 }),
    items: (bar) =>
      bar.foams.map((foam) => ({
        fact: asFact(foam),
        name: foam.document.name ?? '',
        says: `grows by ${decimal(foam.measured.overrun ?? 0, 0)} %`,
        todo: '',
      })),
    bench: defineAsyncComponent(() => import('@/features/bar/benches/FoamBench.vue')),
  },
  {
    slug: 'pitchers',
    tab: 'Pitchers',
    kind: 'pitchers',
    title: 'Pitchers',
    what: 'pitcher',
    hint: 'Milk goes in to just under the spout. Weigh that much water once.',
    add: 'Measure a pitcher',
    blank: () => ({}),
    items: (bar) =>
      bar.pitchers.map((pitcher) => ({
        fact: asFact(pitcher),
        name: pitcher.document.name ?? '',
        says: `${decimal(pitcher.document.spoutMl ?? 0, 0)} ml to the spout`,
        todo: '',
      })),
    bench: defineAsyncComponent(() => import('@/features/bar/benches/PitcherBench.vue')),
  },
  {
    slug: 'ice',
    tab: 'Ice',
    kind: 'ingredients',
    title: 'Ice',
    what: 'ice',
    hint: 'Fill a cup with it, weigh it, count the pieces.',
    add: 'Weigh another ice',
    blank: () => ({ kind: 'ice', colour: '#dcedf3' }),
    items: (bar) =>
      bar.ingredients
        .filter(({ document }) => document.kind === 'ice')
        .map((ice) => ({
          fact: asFact(ice),
          name: ice.document.name ?? '',
          says: `${decimal(ice.document.pieceGrams ?? 0, 1)} g a piece`,
          todo: ice.document.solidPercent == null ? 'heap not weighed' : '',
        })),
    bench: defineAsyncComponent(() => import('@/features/bar/benches/IceBench.vue')),
  },
  {
    slug: 'ingredients',
    tab: 'Ingredients',
    kind: 'ingredients',
    title: 'Ingredients',
    what: 'ingredient',
    hint: 'What the label says, where it was read and when. Leave empty what nobody knows: unknown is not zero.',
    add: 'Enter an ingredient',
    blank: () => ({ kind: 'syrup', colour: '#c9a15a', per100g: { ...per100, sucrose: null } }),
    items: (bar) =>
      bar.ingredients
        .filter(({ document }) => document.kind !== 'ice')
        .map((ingredient) => ({
          fact: asFact(ingredient),
          name: ingredient.document.name ?? '',
          says: ingredient.measured.density === null ? '' : `${decimal(ingredient.measured.density, 3)} g/ml`,
          todo:
            ingredient.measured.unknown.length > 0
              ? `not known: ${ingredient.measured.unknown.join(', ')}`
              : '',
          colour: ingredient.document.colour ?? 'transparent',
        })),
    bench: defineAsyncComponent(() => import('@/features/bar/benches/IngredientBench.vue')),
  },
  {
    slug: 'parts',
    tab: 'Parts',
    kind: 'parts',
    title: 'House-made parts',
    what: 'part',
    hint: 'What the house makes for its drinks, from what it buys and from other parts.',
    add: 'Write a part',
    blank: () => ({ kind: 'syrup', colour: '#c9b24e', lines: [] }),
    items: (bar) =>
      bar.parts.map((part) => ({
        fact: asFact(part),
        name: part.document.name ?? '',
        says: `${decimal(part.measured.density, 3)} g/ml`,
        todo: part.measured.unknown.length > 0 ? `not known: ${part.measured.unknown.join(', ')}` : '',
        colour: part.document.colour ?? 'transparent',
      })),
    bench: defineAsyncComponent(() => import('@/features/bar/benches/PartBench.vue')),
  },
  {
    slug: 'stations',
    tab: 'Stations',
    kind: 'stations',
    title: 'Stations',
    what: 'station',
    hint: 'Where drinks are made. Standards are set at the first; a sheet says how they are poured at the others.',
    add: 'Add a station',
    blank: () => ({}),
    copies: false,
    items: (bar) =>
      bar.stations.map((station, i) => ({
        fact: asFact(station),
        name: station.document.name ?? '',
        says: i === 0 ? 'standards are set here' : '',
        todo: '',
      })),
    bench: defineAsyncComponent(() => import('@/features/bar/benches/StationBench.vue')),
  },
  {
    slug: 'house',
    tab: 'House',
    kind: 'house',
    title: 'House rules',
    what: 'set of house rules',
    hint: 'What this house has decided for all its drinks.',
    add: '',
    blank: () => ({}),
    copies: false,
    items: (bar) => [{ fact: asFact(bar.house), name: 'House rules', says: '', todo: '' }],
    bench: defineAsyncComponent(() => import('@/features/bar/benches/HouseBench.vue')),
  },
] as const satisfies Area[]

// A sort of fact that no area shows does not compile.
type Forgotten = Exclude<Kind, (typeof shown)[number]['kind']>
const all: [Forgotten] extends [never] ? readonly Area[] : Forgotten = shown

export const areas: readonly Area[] = all
