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
