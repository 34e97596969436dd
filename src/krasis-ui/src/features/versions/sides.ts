/** One of the things that are compared. */
export interface Side {
  /** The build; empty before one is chosen. */
  id: string
  /** A version of it: now, v3 (a save) or s1 (a standard). */
  place: string
  /** One of its sizes; empty for its reference. */
  size: string
}

/** The most that stand beside each other. */
export const mostSides = 6

/** The sides as they stand in an address: build@place@size. */
export function readSide(text: unknown): Side {
  const [id = '', place = 'now', size = ''] = String(text ?? '').split('@')
  return { id, place, size }
}

export function writeSide({ id, place, size }: Side): string {
  return [id, place, size].join('@').replace(/@$/, '')
}

/** The address at which sides are compared. */
export const comparing = (sides: Side[]) => ({ path: '/compare', query: { side: sides.map(writeSide) } })
