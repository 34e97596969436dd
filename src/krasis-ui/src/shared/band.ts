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
        value: size.taste.poured.strength === null ? null : `${fixed(size.taste.poured.strength, 2)} %`,
        drift: size.taste.drift.strength,
        isFar: size.taste.drift.isStrengthFar ?? false,
        swatch: null,
      })),
    },
    {
      name: 'Sweetness',
      hint: 'as sucrose',
      allowed: sheet?.allowedSweetnessDrift ?? null,
      cells: sizes.map((size) => ({
        size,
        value:
          size.taste.poured.sweetness === null ? null : `${fixed(size.taste.poured.sweetness, 1)} g/100 g`,
        drift: size.taste.drift.sweetness,
        isFar: size.taste.drift.isSweetnessFar ?? false,
        swatch: null,
      })),
    },
    {
      name: 'Ratio',
      hint: 'coffee to milk, by weight',
      allowed: null,
      cells: sizes.map((size) => ({
        size,
        value:
          size.taste.poured.milkPerCoffee === null
            ? null
            : `1 : ${fixed(size.taste.poured.milkPerCoffee, 1)}`,
        drift: size.taste.drift.ratio,
        isFar: false,
        swatch: null,
      })),
    },
    {
      name: 'Colour',
      hint: 'handed over',
      allowed: null,
      cells: sizes.map((size) => ({
        size,
        value:
          size.taste.drift.colour == null
            ? null
            : size.isReference
              ? 'as it is'
              : `${fixed(size.taste.drift.colour, 1)} ΔE off`,
        swatch: size.taste.colour,
        drift: null,
        isFar: size.taste.drift.isColourFar ?? false,
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

/** What stands on a label, as far as it is known. */
function labelled(label: {
  energy: string | null
  fat: string | null
  carbohydrate: string | null
  sugars: string | null
  protein: string | null
}): string | null {
  const { energy, fat, carbohydrate, sugars, protein } = label
  const parts = [
    energy,
    fat && `fat ${fat}`,
    carbohydrate && `carbohydrate ${carbohydrate}`,
    sugars && `sugars ${sugars}`,
    protein && `protein ${protein}`,
  ]
  return parts.filter(Boolean).join(', ') || null
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
    size.fill.iceMass > 0 ? `${reading(moment.melt, 'g')} melted` : '',
    size.fill.iceMass > 0 && moment.strength !== null ? `${fixed(moment.strength, 2)} % strong` : '',
  ]
  return {
    size: size.size,
    value: `${decimal(Math.round(moment.temperature) || 0, 0)} °C`,
    more: parts.filter(Boolean).join(', '),
  }
}

/** Whose gap it is that a sum is not known. */
const by = (names: string[]) => (names.length > 0 ? `for ${names.join(', ')}` : '')

/** Between which two values it lies, where that is not the same. */
const range = (from: number | null, to: number | null) =>
  from === null || to === null || to - from < 1 ? '' : `${decimal(from, 0)} to ${decimal(to, 0)} mg`

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
  const rounded = sheet.sizes.some((size) => size.taste.rounding.says)
  return [
    ...(rounded
      ? [
          row('Rounding', 'to what the bar pours', (size) => ({
            size: size.size,
            isRemark: true,
            value: size.taste.rounding.says || (size.isReference ? 'as set' : 'none'),
          })),
        ]
      : []),
    row('At hand-over', 'with what has melted', (size) => at(size.life.moments[0], size)),
    row('After 10 min', 'standing in the room', (size) => at(size.life.moments[1], size)),
    row('After 20 min', 'standing in the room', (size) => at(size.life.moments[2], size)),
    row('Caffeine', 'by the dose', ({ size, inside: { nutrition } }) => ({
      size,
      value: nutrition.caffeine === null ? null : `${decimal(nutrition.caffeine, 0)} mg`,
      ...(nutrition.caffeine ? { more: range(nutrition.caffeineFrom, nutrition.caffeineTo) } : {}),
      ...(nutrition.caffeine === null ? { more: by(nutrition.unknown) } : {}),
    })),
    row('Energy', '', ({ size, inside: { nutrition } }) => ({
      size,
      value: nutrition.energy === null ? null : `${decimal(nutrition.energy, 0)} kcal`,
      ...(nutrition.energy === null ? { more: by(nutrition.unknown) } : {}),
    })),
    row('Carbohydrate', 'sugars with it', ({ size, inside: { nutrition } }) => ({
      size,
      value: nutrition.carbohydrate === null ? null : reading(nutrition.carbohydrate, 'g'),
      ...(nutrition.carbohydrate === null ? { more: by(nutrition.unknown) } : {}),
    })),
    row('Sugars', 'UK front-of-pack bands', ({ size, inside: { nutrition } }) => ({
      size,
      value: nutrition.sugars === null ? null : reading(nutrition.sugars, 'g'),
      ...(nutrition.band ? { more: bands[nutrition.band] } : {}),
      ...(nutrition.sugars === null ? { more: by(nutrition.unknown) } : {}),
    })),
    row('100 ml on a label', 'rounded as in the EU', ({ size, inside: { nutrition } }) => ({
      size,
      isRemark: true,
      value: labelled(nutrition.euPer100Ml),
    })),
    row('A portion on a label', 'rounded as in the US', ({ size, inside: { nutrition } }) => ({
      size,
      isRemark: true,
      value: labelled({ ...nutrition.label, energy: nutrition.label.calories }),
    })),
    row('Allergens', 'never a promise of free from', ({ size, inside: { allergens } }) => {
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
    row('On the scale', 'all of it, without the cup', ({ size, fill }) => ({
      size,
      value: reading(fill.totalMass, 'g'),
      ...(fill.foamVolume > 0.5
        ? {
            more: `${reading(fill.foamVolume, 'ml')} of foam${fill.foamCap >= 0.5 ? `, ${decimal(fill.foamCap, 0)} mm` : ''}`,
          }
        : {}),
    })),
    row('Cost', 'with cup, lid and what is poured away', ({ size, cost }) => ({
      size,
      value: cost.total === null ? null : money(cost.total),
      ...(cost.total === null ? { more: by(cost.unknown) } : {}),
      ...(cost.shareOfPrice === null || cost.price === null
        ? {}
        : { more: `${decimal(cost.shareOfPrice, 0)} % of ${money(cost.price)}` }),
    })),
  ]
}
