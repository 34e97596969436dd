import type { SizeSheet } from '@/shared/api/types'

/** As much of a worked-out size as a drawing of it needs. */
export type CupPicture = Pick<
  SizeSheet,
  'name' | 'cup' | 'lines' | 'drawing' | 'spilt' | 'roomLeft' | 'fillHeight' | 'crownHeight'
>

/** A cup filled level with nothing but water, as it is weighed; empty before it is. */
export function waterIn(name: string, cup: SizeSheet['cup'], isFull: boolean): CupPicture {
  const water = { line: 'water', colour: '#bcd9e3', from: 0, to: cup.height }
  return {
    name,
    cup,
    lines: [],
    drawing: { layers: isFull ? [water] : [], ice: null, top: null },
    spilt: 0,
    roomLeft: 0,
    fillHeight: isFull ? cup.height : 0,
    crownHeight: cup.height,
  }
}

/** Half the inner width of a cup at a height: the straight wall between its two diameters. */
export function halfWidth(cup: SizeSheet['cup'], height: number): number {
  return (cup.bottomDiameter + (cup.topDiameter - cup.bottomDiameter) * (height / cup.height)) / 2
}

/** The inside of a cup between two heights, as the points of an SVG polygon. */
export function slice(cup: SizeSheet['cup'], from: number, to: number): string {
  const low = halfWidth(cup, from)
  const high = halfWidth(cup, to)
  return `${-low},${-from} ${low},${-from} ${high},${-to} ${-high},${-to}`
}

export interface Cube {
  x: number
  y: number
  side: number
  turn: number
}

/** A cut through the floating ice: the cubes that it meets, row by row down from the surface. */
export function cubes(size: CupPicture): Cube[] {
  const ice = size.drawing.ice
  if (!ice) {
    return []
  }

  const side = ice.pieceSide
  const found: Cube[] = []
  // A cut through the middle meets about as many cubes as the two thirds power of their number.
  const most = Math.max(1, Math.round(ice.pieces ** (2 / 3) * 1.2))
  // A cube floats with a twelfth of its side above the surface (0.917 against a drink of about 1).
  let top = ice.to + side / 12
  for (
    let row = 0;
    found.length < most && top - side * 0.6 > Math.min(ice.from, ice.to - side) - side;
    row++
  ) {
    const width = 2 * halfWidth(size.cup, Math.max(0, Math.min(top - side / 2, size.cup.height))) - 2
    const count = Math.max(1, Math.min(Math.floor(width / (side * 1.06)), most - found.length))
    const gap = (width - count * side) / (count + 1)
    for (let i = 0; i < count; i++) {
      found.push({
        x: -width / 2 + gap + i * (side + gap),
        y: -top,
        side,
        turn: ((row * 7 + i * 11) % 9) - 4,
      })
    }

    top -= side * 1.04
    if (top - side < 0) {
      break
    }
  }

  return found
}
