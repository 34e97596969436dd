import type { CupPicture } from './section'

/** The window through which cups are seen, in millimetres, the table at 0 and heights counted downwards from it as
 * SVG does. Cups that share a frame are drawn to one scale. */
export interface Frame {
  left: number
  top: number
  width: number
  height: number
}

const labels = { left: 26, right: 46, above: 14, below: 5 }
const bare = { left: 3, right: 3, above: 6, below: 4 }

/** Whether anything of a cup is where its lid would be. */
export const meetsLid = ({ cup, fill }: Pick<CupPicture, 'cup' | 'fill'>) => fill.crownHeight > cup.height

/** The smallest frame that every one of the cups fits, with its lid where that matters or is asked for. */
export function frameFor(
  sizes: Pick<CupPicture, 'cup' | 'fill'>[],
  withLabels: boolean,
  withLids = false,
): Frame {
  const room = withLabels ? labels : bare
  const width = Math.max(60, ...sizes.flatMap(({ cup }) => [cup.topDiameter, cup.bottomDiameter]))
  const height = Math.max(
    60,
    ...sizes.map((size) =>
      Math.max(
        size.cup.height,
        size.fill.crownHeight,
        withLids || meetsLid(size) ? (size.cup.lidHeight ?? 0) : 0,
      ),
    ),
  )
  return {
    left: -width / 2 - room.left,
    top: -height - room.above,
    width: width + room.left + room.right,
    height: height + room.above + room.below,
  }
}
