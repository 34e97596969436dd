/** A fact's document, of whatever kind. */
export type FactDocument = Record<string, unknown>

/** A copy that is nobody else's: a document may come as a reactive one, which the browser does not clone. */
export const copyOf = <T extends object>(document: T): T => JSON.parse(JSON.stringify(document)) as T

type Part = Record<string, unknown> | unknown[]

/** The server says lines[2].amount; here the same place is lines.2.amount. */
export function pathOf(field: string): string {
  return field.replace(/\[(\d+)\]/g, '.$1')
}

/** What stands at a path such as per100g.fat or strokesGrams.3. */
export function read(document: FactDocument, path: string): unknown {
  return path
    .split('.')
    .reduce<unknown>((here, step) => (here as Record<string, unknown> | null | undefined)?.[step], document)
}

/** A copy of the document with something else at a path. Parts that are not there yet are made. */
export function write(document: FactDocument, path: string, value: unknown): FactDocument {
  const copy = copyOf(document)
  const steps = path.split('.')
  const last = steps.pop() as string
  let here: Part = copy
  steps.forEach((step, i) => {
    const inside = here as Record<string, unknown>
    inside[step] ??= /^\d+$/.test(steps[i + 1] ?? last) ? [] : {}
    here = inside[step] as Part
  })
  ;(here as Record<string, unknown>)[last] = value
  return copy
}

/** Whether two documents say the same: a field that is null and one that is not there both say nothing. */
export function isSame(one: FactDocument, other: FactDocument): boolean {
  return flat(one) === flat(other)
}

function flat(document: unknown): string {
  return JSON.stringify(document, (_, value: unknown) => {
    if (value === null || (Array.isArray(value) && value.length === 0)) {
      return undefined
    }

    return typeof value === 'object' && !Array.isArray(value)
      ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => a.localeCompare(b)))
      : value
  })
}
