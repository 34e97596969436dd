/** An id that nothing else has. Not crypto.randomUUID, which browsers keep from pages that come over plain HTTP from
 * another machine, as a tablet's at the bar does. */
export function newId(): string {
  return [...crypto.getRandomValues(new Uint8Array(12))]
    .map((byte) => byte.toString(16).padStart(2, '0'))
    .join('')
}
