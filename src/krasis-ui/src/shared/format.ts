const formats = [0, 1, 2, 3].map(
  (digits) =>
    new Intl.NumberFormat('en-GB', {
      maximumFractionDigits: digits,
      useGrouping: false,
      // What rounds to nothing has no sign.
      signDisplay: 'negative',
    }),
)

/** A number to at most so many decimals. */
export function decimal(value: number, digits: 0 | 1 | 2 | 3): string {
  return (formats[digits] as Intl.NumberFormat).format(value)
}

/** A number with just so many decimals, so that a row of them can be compared by eye. */
export function fixed(value: number, digits: number): string {
  return value.toFixed(digits).replace(/^-(?=0(\.0+)?$)/, '')
}

/** A mass, volume or length as one reads it off a scale or a jug: whole, or to a tenth below ten. */
export function reading(value: number, unit: string): string {
  return `${decimal(value, Math.abs(value) < 9.95 ? 1 : 0)} ${unit}`
}

/** An amount in a cell. */
export function amount(value: number): string {
  return decimal(value, 2)
}

/** What an amount was rounded from. A third decimal tells 1.496, which goes down, from the half that goes up. */
export function unrounded(value: number): string {
  const short = decimal(value, 2)
  return short.endsWith('.5') ? decimal(value, 3) : short
}

/** Seconds as a timer shows them: 390 is 6:30, and 59.6 is 1:00. */
export function timer(seconds: number): string {
  const whole = Math.round(seconds)
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}

const moment = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' })

const date = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium' })

/** The day of a time. */
export function day(iso: string): string {
  return date.format(new Date(iso))
}

/** A time as date, hour and minute. */
export function when(iso: string): string {
  return moment.format(new Date(iso))
}
