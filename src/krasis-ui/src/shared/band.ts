import type { BuildSheet, Moment, SheetLine, SizeSheet } from '@/shared/api/types'
import { amount, decimal, fixed, reading } from '@/shared/format'

/** A taste of a size, and how far it is off the reference. */
export interface Taste {
  name: string
  hint: string
  /** Null when it is not known. */
  value: string | null
  /** In %; null when it cannot be said. */
  drift: number | null
  /** How far the house lets it be off, in %; null when it sets no bounds. */
  allowed: number | null
  isFar: boolean
  swatch: string | null
}

/** How strong, how sweet, how milky a size is and which colour it has, and how far off the reference. */
export function tasteOf(sheet: BuildSheet, size: SizeSheet) {
  const { poured, drift, colour } = size.taste
  const plain = { allowed: null, isFar: false, swatch: null }
  const known = <T>(value: T | null, says: (value: T) => string) => (value === null ? null : says(value))
  return {
    strength: {
      ...plain,
      name: 'Strength',
      hint: 'coffee solids',
      value: known(poured.strength, (percent) => `${fixed(percent, 2)} %`),
      drift: drift.strength,
      allowed: sheet.allowedStrengthDrift,
      isFar: drift.isStrengthFar ?? false,
    },
    sweetness: {
      ...plain,
      name: 'Sweetness',
      hint: 'as sucrose',
      value: known(poured.sweetness, (grams) => `${fixed(grams, 1)} g/100 g`),
      drift: drift.sweetness,
      allowed: sheet.allowedSweetnessDrift,
      isFar: drift.isSweetnessFar ?? false,
    },
    ratio: {
      ...plain,
      name: 'Ratio',
      hint: 'coffee to milk, by weight',
      value: known(poured.milkPerCoffee, (parts) => `1 : ${fixed(parts, 1)}`),
      drift: drift.ratio,
    },
    colour: {
      ...plain,
      name: 'Colour',
      hint: 'handed over',
      value: known(drift.colour ?? null, (off) =>
        size.isReference ? 'as it is' : `${fixed(off, 1)} ΔE off`,
      ),
      drift: null,
      isFar: drift.isColourFar ?? false,
      swatch: colour,
    },
  } satisfies Record<string, Taste>
}

/** What becomes of a size, what is in it or what it costs, as it is read out. */
export interface Figure {
  name: string
  hint: string
  group: FigureGroup
  /** Null when it is not known. */
  value: string | null
  more: string
  /** Whether the value is a remark, and no figure to be read first. */
  isRemark: boolean
}

export type FigureGroup = 'taste' | 'warmth' | 'inside' | 'making'

/** What stands on a label, as far as it is known. */
function labelled(energy: string | null, parts: [name: string, value: string | null][]): string | null {
  const known = parts.filter(([, value]) => value !== null)
  if (energy === null && known.length === 0) {
    return null
  }
  const unknown = [
    ...(energy === null ? ['energy'] : []),
    ...parts.filter(([, value]) => value === null).map(([name]) => name),
  ]
  return [
    ...(energy === null ? [] : [energy]),
    ...known.map(([name, value]) => `${name} ${value}`),
    ...(unknown.length > 0 ? [`not known: ${unknown.join(', ')}`] : []),
  ].join(', ')
}

/** How warm it is at a moment, and what has melted. */
function warmth(moment: Moment | undefined, hasIce: boolean): Said {
  if (!moment) {
    return { value: null }
  }

  const parts = hasIce
    ? [
        `${reading(moment.melt, 'g')} melted`,
        moment.strength === null ? '' : `${fixed(moment.strength, 2)} % strong`,
      ]
    : []
  return {
    value: `${decimal(Math.round(moment.temperature) || 0, 0)} °C`,
    more: parts.filter(Boolean).join(', '),
  }
}

type Said = Pick<Figure, 'value'> & Partial<Pick<Figure, 'more' | 'isRemark'>>

/** Whose gap it is that a sum is not known. */
const by = (names: string[]) => (names.length > 0 ? `for ${names.join(', ')}` : '')

/** Between which two values it lies, where that is not the same. */
const range = (from: number | null, to: number | null) =>
  from === null || to === null || to - from < 1 ? '' : `${decimal(from, 0)} to ${decimal(to, 0)} mg`

const bands = { low: 'low', medium: 'medium', high: 'high' }

/** What becomes of a size, what is in it and what it costs. */
export function figuresOf(sheet: BuildSheet, size: SizeSheet): Figure[] {
  const { fill, life, cost, milk, taste } = size
  const { nutrition, allergens } = size.inside
  const money = (amount: number) => `${fixed(amount, 2)} ${sheet.currency}`.trim()
  const known = (value: number | null, says: (value: number) => string, gaps: string[]): Said =>
    value === null ? { value: null, more: by(gaps) } : { value: says(value) }
  const found: Figure[] = []
  const put = (group: FigureGroup, name: string, hint: string, { value, more, isRemark }: Said) =>
    found.push({ name, hint, group, value, more: more ?? '', isRemark: isRemark ?? false })
  const remark = (value: string | null): Said => ({ value, isRemark: true })

  if (taste.rounding.says || size.isReference) {
    put('taste', 'Rounding', 'to what the bar pours', remark(taste.rounding.says || 'as set'))
  }

  put('warmth', 'At hand-over', 'with what has melted', warmth(life.moments[0], fill.iceMass > 0))
  put('warmth', 'After 10 min', 'standing in the room', warmth(life.moments[1], fill.iceMass > 0))
  put('warmth', 'After 20 min', 'standing in the room', warmth(life.moments[2], fill.iceMass > 0))
  put(
    'inside',
    'Caffeine',
    'by the dose',
    nutrition.caffeine === null
      ? {
          value: null,
          more: `${decimal(nutrition.caffeineKnown, 0)} mg without ${nutrition.gaps.caffeine.join(', ')}`,
        }
      : {
          value: `${decimal(nutrition.caffeine, 0)} mg`,
          more: range(nutrition.caffeineFrom, nutrition.caffeineTo),
        },
  )
  put(
    'inside',
    'Energy',
    '',
    known(nutrition.energy, (kcal) => `${decimal(kcal, 0)} kcal`, nutrition.gaps.energy),
  )
  const grams = (value: number) => reading(value, 'g')
  put(
    'inside',
    'Carbohydrate',
    'sugars with it',
    known(nutrition.carbohydrate, grams, nutrition.gaps.carbohydrate),
  )
  put('inside', 'Sugars', 'UK front-of-pack bands', {
    ...known(nutrition.sugars, grams, nutrition.gaps.sugars),
    ...(nutrition.band ? { more: bands[nutrition.band] } : {}),
  })
  const per = nutrition.euPer100Ml
  put(
    'inside',
    '100 ml on a label',
    'rounded as in the EU',
    remark(
      labelled(per.energy, [
        ['fat', per.fat],
        ['saturates', per.saturates],
        ['carbohydrate', per.carbohydrate],
        ['sugars', per.sugars],
        ['protein', per.protein],
        ['salt', per.salt],
      ]),
    ),
  )
  const portion = nutrition.label
  put(
    'inside',
    'A portion on a label',
    'rounded as in the US',
    remark(
      labelled(portion.calories, [
        ['fat', portion.fat],
        ['saturated fat', portion.saturates],
        ['sodium', portion.sodium],
        ['carbohydrate', portion.carbohydrate],
        ['sugars', portion.sugars],
        ['protein', portion.protein],
      ]),
    ),
  )
  put('inside', 'Allergens', 'never a promise of free from', remark(allergens.says ?? null))
  for (const { pull, ingredientName } of size.lines) {
    if (pull) {
      put('making', `${ingredientName}, ${pull.recipe}`, 'how it is pulled', remark(pullOf(pull)))
    }
  }

  if (milk) {
    const wasted = milk.waste > 0 ? `, ${reading(milk.waste, 'ml')} of milk wasted` : ''
    put(
      'making',
      'Steamed in',
      'and poured away',
      remark(`${milk.pitchers > 1 ? `${milk.pitchers} × ` : ''}${milk.pitcher}${wasted}`),
    )
  }

  const cap = fill.foamCap >= 0.5 ? `, ${decimal(fill.foamCap, 0)} mm` : ''
  put('making', 'On the scale', 'all of it, without the cup', {
    value: reading(fill.totalMass, 'g'),
    more: fill.foamVolume > 0.5 ? `${reading(fill.foamVolume, 'ml')} of foam${cap}` : '',
  })
  put('making', 'Cost', 'with cup, lid and what is poured away', {
    ...known(cost.total, money, cost.unknown),
    ...(cost.shareOfPrice === null || cost.price === null
      ? {}
      : { more: `${decimal(cost.shareOfPrice, 0)} % of ${money(cost.price)}` }),
  })
  return found
}

/** How a size's espresso is pulled: what the barista doses and lets run, and how much of it is poured away. */
export function pullOf(pull: NonNullable<SheetLine['pull']>): string {
  const pulls = pull.wholePulls === 1 ? '1 pull' : `${pull.wholePulls} pulls`
  return `${pulls} of ${amount(pull.dose)} g in, ${amount(pull.yield)} g out${pull.pouredAway > 0 ? ', the rest poured away' : ''}`
}
