// A small client of the API: reads a build, changes an amount, meets somebody else's change, merges both and saves.
// Usage: node client.mjs ADDRESS NAME
const [address, name] = process.argv.slice(2)

/** One request; the answer's status, its version and its document. */
async function ask(method, path, body, ifMatch) {
  const answer = await fetch(address + path, {
    method,
    headers: {
      'Content-Type': 'application/json',
      'Krasis-Who': encodeURIComponent('The example client'),
      ...(ifMatch ? { 'If-Match': ifMatch } : {}),
    },
    body: body && JSON.stringify(body),
  })
  return { status: answer.status, etag: answer.headers.get('ETag'), json: await answer.json() }
}

const { json: builds } = await ask('GET', '/api/builds')
const { id } = builds.find((build) => build.name === name)
const path = `/api/builds/${id}`
const mine = await ask('GET', path)
console.log(`${name}, version ${mine.etag}`)

// Somebody else is first: they rename the last line's note.
const theirs = structuredClone(mine.json.document)
theirs.lines.at(-1).note = 'Pour slowly.'
await ask('PUT', path, theirs, mine.etag)

// My change is of the version before theirs, and is refused.
const origin = mine.json.document
const changed = structuredClone(origin)
changed.lines[0].amount += 1
const refused = await ask('PUT', path, changed, mine.etag)
console.log(`${refused.status}: ${refused.json.title}`)

// The merged build has both changes. If both had changed the same thing, it would be listed in "clashes", and the
// next request would answer it in "choices".
const { json: merge } = await ask('POST', `${path}/merge`, { origin, mine: changed })
const saved = await ask('PUT', path, merge.document, merge.etag)
const [first, last] = [saved.json.document.lines[0], saved.json.document.lines.at(-1)]
console.log(`${saved.status}: ${first.amount} and "${last.note}", ${merge.clashes.length} clashes`)
