// How much script, gzipped, is fetched before the first page can be used: the entry, what it needs at once, and the page's own.
// Fails above 350 kB, and when the pages are not split from one another.
import { readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { gzipSync } from 'node:zlib'

const most = 350_000
const built = join(dirname(fileURLToPath(import.meta.url)), '..', 'src', 'Krasis.Web', 'wwwroot')
const manifest = JSON.parse(readFileSync(join(built, '.vite', 'manifest.json'), 'utf8'))
const pages = Object.keys(manifest).filter((name) => name.endsWith('Page.vue'))
const [entry] = Object.keys(manifest).filter((name) => manifest[name].isEntry)

function needs(name, found = new Set()) {
  if (!found.has(name)) {
    found.add(name)
    manifest[name].imports?.forEach((other) => needs(other, found))
  }

  return found
}

const size = (names) =>
  [...names].reduce((sum, name) => sum + gzipSync(readFileSync(join(built, manifest[name].file))).length, 0)
let worst = 0
for (const page of pages) {
  const bytes = size(new Set([...needs(entry), ...needs(page)]))
  worst = Math.max(worst, bytes)
  console.log(`${(bytes / 1000).toFixed(0).padStart(4)} kB  ${page}`)
}

if (pages.some((page) => needs(entry).has(page))) {
  console.error('A page is part of the entry: the routes are not split.')
  process.exit(1)
}

if (worst > most) {
  console.error(`The first load is ${worst} bytes of gzipped script; ${most} are allowed.`)
  process.exit(1)
}
