/** An id that nothing else has. Not crypto.randomUUID, which browsers keep from pages that come over plain HTTP from
 * another machine, as a tablet's at the bar does. */
export function newId(): string {
  return randomHex(12)
}

/** The same as the server gives ids to builds: 32 digits in groups. */
export function newGuid(): string {
  return randomHex(16).replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5')
}

function randomHex(bytes: number): string {
  return [...crypto.getRandomValues(new Uint8Array(bytes))]
    .map((byte) => byte.toString(16).padStart(2, '0'))
    .join('')
}
