// What Krasis ships with: the NuGet packages of the program and the npm packages of its pages, with version and licence.
import { existsSync, readFileSync } from 'node:fs'
import { homedir } from 'node:os'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

const root = join(dirname(fileURLToPath(import.meta.url)), '..')
const read = (...path) => JSON.parse(readFileSync(join(root, ...path), 'utf8'))

const nuget = Object.entries(read('src/Krasis.Web/packages.lock.json').dependencies['net10.0'])
  .filter(([, { type }]) => type !== 'Project')
  .map(([name, { resolved }]) => ({ name, version: resolved, licence: nuspecLicence(name, resolved) }))

function nuspecLicence(name, version) {
  const folder = process.env.NUGET_PACKAGES ?? join(homedir(), '.nuget', 'packages')
  const file = join(folder, name.toLowerCase(), version, `${name.toLowerCase()}.nuspec`)
  const text = existsSync(file) ? readFileSync(file, 'utf8') : ''
  return (
    /<license type="expression">([^<]+)/.exec(text)?.[1] ??
    (/<licenseUrl>([^<]+)/.exec(text)?.[1] ? 'see the package' : 'see the package')
  )
}

const lock = read('src/krasis-ui/package-lock.json').packages
const npm = Object.entries(lock)
  .filter(([path, { dev }]) => path.startsWith('node_modules/') && !dev)
  .map(([path, { version, license }]) => ({
    name: path.split('node_modules/').at(-1),
    version,
    licence: license ?? 'see the package',
  }))

const table = (packages) =>
  packages
    .sort((one, other) => (one.name.toLowerCase() < other.name.toLowerCase() ? -1 : 1))
    .map(({ name, version, licence }) => `| ${name} | ${version} | ${licence} |`)
    .join('\n')

console.log(`# Third-party packages

Made by \`tools/third-party\` from the lock files. What only builds or tests Krasis is not listed.

## The program (NuGet)

| package | version | licence |
|---|---|---|
${table(nuget)}

## The pages (npm)

| package | version | licence |
|---|---|---|
${table(npm)}`)
