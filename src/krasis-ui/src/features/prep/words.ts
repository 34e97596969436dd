import { decimal } from '@/shared/format'

/** A mass as it is said in the kitchen: 850 g, 4.2 kg. */
export function mass(grams: number): string {
  return grams < 1000 ? `${decimal(grams, 0)} g` : `${decimal(grams / 1000, 2)} kg`
}

/** An amount of something that is weighed or counted. */
export function quantity(value: number, unit: string): string {
  return unit === 'g' ? mass(value) : `${decimal(value, 0)} ${unit}`
}

/** A while: 45 min, 2 h, 16 h 30 min. */
export function span(minutes: number): string {
  const [hours, rest] = [Math.floor(minutes / 60), Math.round(minutes % 60)]
  return [hours > 0 ? `${hours} h` : '', rest > 0 || hours === 0 ? `${rest} min` : '']
    .filter(Boolean)
    .join(' ')
}

/** What a batch stands for. */
export const waits: Record<string, string> = {
  steep: 'steeps',
  cool: 'cools',
  freeze: 'freezes',
  rest: 'rests',
}

/** What happened to a lot. */
export const moves: Record<string, string> = {
  made: 'Made',
  bought: 'Delivered',
  opened: 'Opened',
  used: 'Used',
  thrown: 'Thrown away',
  counted: 'Counted',
}

/** Money in the house's currency. */
export function money(value: number, currency: string): string {
  return `${value.toFixed(2)} ${currency}`.trim()
}

const weekday = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' })

/** A day, short: Sat 28 Nov. */
export function shortDay(iso: string): string {
  return weekday.format(new Date(`${iso}T12:00:00`)).replace(',', '')
}
