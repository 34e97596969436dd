// Puts the counts of one folder's mutants into the table of docs/measured.md, and prints what survived.
// Usage: node mutants-table.mjs PROJECT FOLDER REPORT TABLE
import { readFileSync, writeFileSync } from 'node:fs'

const [project, inside, report, method] = process.argv.slice(2)
const folder = inside === '.' ? project : `${project}/${inside}`
const [start, end] = ['<!-- mutants -->', '<!-- /mutants -->']
const counts = { Killed: 0, Timeout: 0, Survived: 0, NoCoverage: 0 }
for (const [path, file] of Object.entries(JSON.parse(readFileSync(report, 'utf8')).files)) {
  const name = `${project}/${path.split(`/Krasis.${project}/`).pop()}`
  if (!name.startsWith(`${folder}/`)) continue
  const lines = file.source.split('\n')
  for (const { status, location, replacement } of file.mutants) {
    if (!(status in counts)) continue
    counts[status]++
    if (status === 'Survived' || status === 'NoCoverage') {
      const { line, column } = location.start
      console.log(`${status} ${name}:${line}:${column}  ${lines[line - 1].trim()}  =>  ${replacement.replace(/\s+/g, ' ')}`)
    }
  }
}

const killed = counts.Killed + counts.Timeout
const all = killed + counts.Survived + counts.NoCoverage
const row = `| ${folder} | ${all} | ${killed} | ${all ? Math.round((100 * killed) / all) : 100} % | ${new Date().toISOString().slice(0, 10)} |`
const text = readFileSync(method, 'utf8')
const [before, after] = [text.indexOf(start), text.indexOf(end)]
if (before < 0 || after < before) throw new Error(`${method} has no ${start} … ${end}`)
const rows = text
  .slice(before + start.length, after)
  .split('\n')
  .filter((line) => line.startsWith('| ') && !line.startsWith('| Folder') && !line.startsWith('| ---') && !line.startsWith(`| ${folder} |`))
const table = ['| Folder | Mutants | Killed | Share | Measured |', '| --- | ---: | ---: | ---: | --- |', ...[...rows, row].sort()]
writeFileSync(method, `${text.slice(0, before)}${start}\n${table.join('\n')}\n${text.slice(after)}`)
console.log(row)
