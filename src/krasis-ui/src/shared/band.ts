import type { BuildSheet, Moment, SizeSheet } from '@/shared/api/types'
import { decimal, fixed, reading } from '@/shared/format'

/** How strong, how sweet and how milky each size is, and how far off the reference. */
export function tasteRows(sheet: BuildSheet | undefined) {
  const sizes = sheet?.sizes ?? []
  return [
    {
      name: 'Strength',
      hint: 'coffee solids',
      allowed: sheet?.allowedStrengthDrift ?? null,
      cells: sizes.map((size) => ({
        size,
        value: size.taste.strength === null ? null : `${fixed(size.taste.strength, 2)} %`,
        drift: size.drift.strength,
        isFar: size.drift.isStrengthFar ?? false,
      })),
    },
    {
      name: 'Sweetness',
      hint: 'as sucrose',
      allowed: sheet?.allowedSweetnessDrift ?? null,
      cells: sizes.map((size) => ({
        size,
        value: size.taste.sweetness === null ? null : `${fixed(size.taste.sweetness, 1)} g/100 g`,
        drift: size.drift.sweetness,
        isFar: size.drift.isSweetnessFar ?? false,
      })),
    },
    {
      name: 'Ratio',
      hint: 'coffee to milk, by weight',
      allowed: null,
      cells: sizes.map((size) => ({
        size,
        value: size.taste.milkPerCoffee === null ? null : `1 : ${fixed(size.taste.milkPerCoffee, 1)}`,
        drift: size.drift.ratio,
        isFar: false,
      })),
    },
  ]
}

interface Figure {
  size: string
  /** Null when it is not known. */
  value: string | null
  more?: string
  /** Whether the value is a remark, and no figure to be read first. */
  isRemark?: boolean
}

interface FigureRow {
  name: string
  hint: string
  cells: Figure[]
}

function at(moment: Moment | undefined, size: SizeSheet): Figure {
  if (!moment) {
    return { size: size.size, value: null }
  }

  const parts = [
    size.iceMass > 0 ? `${reading(moment.melt, 'g')} melted` : '',
    size.iceMass > 0 && moment.strength !== null ? `${fixed(moment.strength, 2)} % strong` : '',
  ]
  return {
    size: size.size,
    value: `${decimal(Math.round(moment.temperature) || 0, 0)} °C`,
    more: parts.filter(Boolean).join(', '),
  }
}

/** Whose gap it is that a sum is not known. */
const by = (names: string[]) => (names.length > 0 ? `for ${names.join(', ')}` : '')

const bands = { low: 'low', medium: 'medium', high: 'high' }

/** What becomes of each size, what is in it and what it costs. */
export function figureRows(sheet: BuildSheet | undefined): FigureRow[] {
  if (!sheet) {
    return []
  }

  const row = (name: string, hint: string, figure: (size: SizeSheet) => Figure): FigureRow => ({
    name,
    hint,
    cells: sheet.sizes.map(figure),
  })
  const money = (amount: number) => `${fixed(amount, 2)} ${sheet.currency}`.trim()
  const rounded = sheet.sizes.some((size) => size.rounding.says)
  return [
    ...(rounded
      ? [
          row('Rounding', 'to what the bar pours', (size) => ({
            size: size.size,
            isRemark: true,
            value: size.rounding.says || (size.isReference ? 'as set' : 'none'),
          })),
        ]
      : []),
    row('At hand-over', 'with what has melted', (size) => at(size.moments[0], size)),
    row('After 10 min', 'standing in the room', (size) => at(size.moments[1], size)),
    row('After 20 min', 'standing in the room', (size) => at(size.moments[2], size)),
    row('Caffeine', '', ({ size, nutrition }) => ({
      size,
      value: nutrition.caffeine === null ? null : `${decimal(nutrition.caffeine, 0)} mg`,
      ...(nutrition.caffeine === null ? { more: by(nutrition.unknown) } : {}),
    })),
    row('Energy', '', ({ size, nutrition }) => ({
      size,
      value: nutrition.energy === null ? null : `${decimal(nutrition.energy, 0)} kcal`,
      ...(nutrition.energy === null ? { more: by(nutrition.unknown) } : {}),
    })),
    row('Sugars', 'UK front-of-pack bands', ({ size, nutrition }) => ({
      size,
      value: nutrition.sugars === null ? null : reading(nutrition.sugars, 'g'),
      ...(nutrition.band ? { more: bands[nutrition.band] } : {}),
      ...(nutrition.sugars === null ? { more: by(nutrition.unknown) } : {}),
    })),
    row('Allergens', 'never a promise of free from', ({ size, allergens }) => {
      const names = (isTrace: boolean) =>
        allergens.found.filter((found) => found.isTrace === isTrace).map(({ name }) => name)
      const parts = [
        names(false).join(', '),
        names(true).length > 0 ? `may have ${names(true).join(', ')}` : '',
        allergens.unknown.length > 0 ? `not known: ${allergens.unknown.join(', ')}` : '',
      ]
      return { size, isRemark: true, value: parts.filter(Boolean).join('; ') || 'none on the labels' }
    }),
    ...(sheet.sizes.some((size) => size.milk)
      ? [
          row('Steamed in', 'and poured away', ({ size, milk }) => ({
            size,
            isRemark: true,
            value: milk
              ? `${milk.pitchers > 1 ? `${milk.pitchers} × ` : ''}${milk.pitcher}${milk.waste > 0 ? `, ${reading(milk.waste, 'ml')} of milk wasted` : ''}`
              : 'nothing',
          })),
        ]
      : []),
    row('Cost', 'with cup and lid', ({ size, cost }) => ({
      size,
      value: cost.total === null ? null : money(cost.total),
      ...(cost.total === null ? { more: by(cost.unknown) } : {}),
      ...(cost.shareOfPrice === null || cost.price === null
        ? {}
        : { more: `${decimal(cost.shareOfPrice, 0)} % of ${money(cost.price)}` }),
    })),
  ]
}
