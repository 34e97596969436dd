/** One field of a fact, as it is asked for on the page. */
export interface Field {
  /** Where it stands in the document; a dot leads into a part of it. */
  key: string
  label: string
  kind: 'text' | 'number' | 'numbers' | 'choice' | 'colour'
  unit?: string
  options?: { value: string; label: string }[]
  /** Whether a fact has the field at all, from what has been entered so far. */
  applies?: (entered: Record<string, string>) => boolean
}

export type Entered = Record<string, string>
export type FactDocument = Record<string, unknown>

function read(document: FactDocument, key: string): unknown {
  return key
    .split('.')
    .reduce<unknown>((here, step) => (here as FactDocument | null | undefined)?.[step], document)
}

function write(document: FactDocument, key: string, value: unknown): void {
  const [first = '', ...rest] = key.split('.')
  if (rest.length === 0) {
    document[first] = value
  } else if (value !== null || document[first]) {
    // A part of which nothing is entered stays away altogether.
    const part = (document[first] ??= {}) as FactDocument
    write(part, rest.join('.'), value)
  }
}

function said(value: unknown): string {
  return Array.isArray(value) ? value.join('  ') : String(value)
}

/** What stands in the boxes for a document. */
export function toEntered(fields: Field[], document: FactDocument): Entered {
  return Object.fromEntries(
    fields.map(({ key, kind }) => [
      key,
      read(document, key) == null ? (kind === 'colour' ? '#b0a090' : '') : said(read(document, key)),
    ]),
  )
}

/** The document that the boxes say, or the fields whose text is no number. */
export function toDocument(
  fields: Field[],
  entered: Entered,
  kept: FactDocument,
): { document: FactDocument } | { faults: Map<string, string> } {
  const faults = new Map<string, string>()
  // What the page has no box for stays as it is kept.
  const document = structuredClone(kept)
  for (const { key, kind, applies } of fields) {
    const text = (entered[key] ?? '').trim()
    if (applies && !applies(entered)) {
      write(document, key, null)
      continue
    }

    if (kind === 'numbers') {
      const numbers = text
        .split(/[\s;]+/)
        .filter(Boolean)
        .map((word) => Number(word.replace(',', '.')))
      if (numbers.every(Number.isFinite)) {
        write(document, key, numbers)
      } else {
        faults.set(key, `'${text.slice(0, 40)}' are not numbers. Accepted: numbers with spaces between them.`)
      }
    } else if (kind !== 'number') {
      write(document, key, text || null)
    } else if (text === '') {
      write(document, key, null)
    } else if (Number.isFinite(Number(text.replace(',', '.')))) {
      write(document, key, Number(text.replace(',', '.')))
    } else {
      faults.set(key, `'${text.slice(0, 40)}' is not a number.`)
    }
  }

  return faults.size > 0 ? { faults } : { document }
}
