/** A number as somebody types it, with a decimal point or comma; NaN for anything else, and for nothing. */
export function typedNumber(text: string): number {
  const bare = text.trim().replace(',', '.')
  return bare === '' ? NaN : Number(bare)
}
