/** How far a tasting has come. */
export const states: Record<string, string> = {
  draft: 'being set up',
  open: 'being tasted',
  closed: 'over',
}

/** The nine points of liking, the least first. */
export const likings = [
  'dislike it extremely',
  'dislike it very much',
  'dislike it',
  'dislike it a little',
  'neither',
  'like it a little',
  'like it',
  'like it very much',
  'like it extremely',
]

/** A time before something, as a timer shows it: 6.5 min is 6:30. */
export function minutes(value: number): string {
  const seconds = Math.round(value * 60)
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}
