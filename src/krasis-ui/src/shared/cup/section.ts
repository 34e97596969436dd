import type { CupDrawing, SizeSheet } from '@/shared/api/types'

/** How thick a wall is drawn, mm. */
export const wall = 1.6

/** As much of a worked-out size as a drawing of it needs. */
export interface CupPicture extends Pick<SizeSheet, 'name' | 'cup' | 'lines'> {
  drawing: CupDrawing
  fill: Pick<SizeSheet['fill'], 'spilt' | 'roomLeft' | 'crownHeight'>
}

/** A size as it is poured, or as a guest gets it: what mixes is one liquid then. */
export function picture(size: SizeSheet, isServed = false): CupPicture {
  return { ...size, drawing: (isServed && size.life.moments[0]?.drawing) || size.drawing.poured }
}

/** A cup filled level with nothing but water, as it is weighed; empty before it is. */
export function waterIn(name: string, cup: SizeSheet['cup'], isFull: boolean): CupPicture {
  const water = { line: 'water', colour: '#bcd9e3', from: 0, to: cup.height, mixesAbove: false }
  const fillHeight = isFull ? cup.height : 0
  return {
    name,
    cup,
    lines: [],
    drawing: { layers: isFull ? [water] : [], foam: null, ice: null, top: null, fillHeight, trims: [] },
    fill: { spilt: 0, roomLeft: 0, crownHeight: cup.height },
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

type Layer = CupDrawing['layers'][number]

/** A stretch of the cup in which one colour passes into another. */
export interface SoftEdge {
  from: number
  to: number
  below: string
  above: string
}

/** Half the height over which liquids that mix are drawn to pass into one another, mm. */
const blur = 7

/** The edges between liquids that mix. */
export function softEdges(layers: Layer[]): SoftEdge[] {
  return layers.flatMap((layer, i) => {
    const above = layers[i + 1]
    return layer.mixesAbove && above
      ? [
          {
            from: layer.to - Math.min(blur, (layer.to - layer.from) / 2),
            to: layer.to + Math.min(blur, (above.to - above.from) / 2),
            below: layer.colour,
            above: above.colour,
          },
        ]
      : []
  })
}

/** Sauce on the inside of the wall: streaks that run down from below the brim. */
export function wallStreaks(cup: SizeSheet['cup']): string[] {
  return [-0.86, -0.52, -0.12, 0.3, 0.66, 0.92].map((at, i) => {
    const top = cup.height * (0.9 - (i % 3) * 0.03)
    const foot = cup.height * (0.28 + ((i * 5) % 4) * 0.09)
    const bend = ((i % 2) * 2 - 1) * 3
    const [x, low] = [at * halfWidth(cup, top), at * halfWidth(cup, foot)]
    return `M${x},${-top} C${x + bend},${-(top * 0.75 + foot * 0.25)} ${low - bend},${-(top * 0.35 + foot * 0.65)} ${low},${-foot}`
  })
}

/** A drizzle over what stands on top: bars to and fro across it. */
export function drizzle(half: number, from: number, to: number): string {
  const steps = 9
  const points = Array.from({ length: steps + 1 }, (_, i) => {
    const x = -half * 0.82 + (1.64 * half * i) / steps
    // The crown is rounded: what lies at its edge lies lower.
    const crown = from + (to - from) * (0.55 + 0.4 * (1 - (x / half) ** 2))
    return `${x},${-crown + (i % 2 === 0 ? 1.6 : -1.6)}`
  })
  return `M${points.join(' L')}`
}

/** Where grains of a dusting lie on what stands on top. */
export function grains(half: number, from: number, to: number): { x: number; y: number }[] {
  return Array.from({ length: 14 }, (_, i) => {
    const x = -half * 0.8 + ((i * 37) % 100) * 0.016 * half
    const crown = from + (to - from) * (0.5 + 0.42 * (1 - (x / half) ** 2))
    return { x, y: -crown + ((i * 13) % 5) - 2 }
  })
}
