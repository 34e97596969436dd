/** What may be 1500 or 1.5, by where somebody comes from: it has to be asked about. */
const ambiguous = /^[+-]?[1-9]\d{0,2},\d{3}$/
/** Several groups of three, or three and a decimal point: thousands, whoever writes them. */
const thousands = /^[+-]?[1-9]\d{0,2}(,\d{3})+(\.\d+)?$/

/** A number as somebody types it, with a decimal point or comma; NaN for anything else, for nothing, and for what can be
 * read in two ways, such as "1,500". */
export function typedNumber(text: string): number {
  const bare = text.trim()
  if (bare === '' || ambiguous.test(bare)) {
    return NaN
  }

  return Number(thousands.test(bare) ? bare.replaceAll(',', '') : bare.replace(',', '.'))
}
