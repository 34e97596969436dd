// Checks a bundle's documents against its schemas with ajv, a second validator. Usage: node schemas.mjs SCHEMAS DOCUMENTS
// Each document is also spoiled in one place, so that a schema that lets everything through is found out.
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import Ajv from '../../src/krasis-ui/node_modules/ajv/dist/2020.js'

const [, , schemas, documents] = process.argv
const ajv = new Ajv.default({ strict: false, allErrors: true, formats: { 'date-time': (text) => !Number.isNaN(Date.parse(text)) } })
for (const file of readdirSync(schemas).filter((name) => name.endsWith('.schema.json'))) {
  ajv.addSchema(JSON.parse(readFileSync(join(schemas, file), 'utf8')))
}

let count = 0
for (const file of readdirSync(documents, { recursive: true }).filter((name) => name.endsWith('.json'))) {
  const document = JSON.parse(readFileSync(join(documents, file), 'utf8'))
  const name = file === 'manifest.json' ? 'manifest-1' : document.schema
  const validate = ajv.getSchema(`/schemas/${name}.json`)
  if (!validate) throw new Error(`There is no schema ${name} for ${file}.`)
  if (!validate(document)) throw new Error(`${file}: ${ajv.errorsText(validate.errors)}`)
  if (validate({ ...document, surprise: 1 })) throw new Error(`${name} takes a field that nobody knows.`)
  count += 1
}

console.log(`${count} documents are as their schemas say, and a field that nobody knows is refused in each`)
