// Puts the counts of one folder's mutants into the table of docs/method.md. Usage: node mutants-table.mjs FOLDER REPORT METHOD
import { readFileSync, writeFileSync } from 'node:fs'

const [folder, report, method] = process.argv.slice(2)
const [start, end] = ['<!-- mutants -->', '<!-- /mutants -->']
const counts = { Killed: 0, Timeout: 0, Survived: 0, NoCoverage: 0 }
for (const file of Object.values(JSON.parse(readFileSync(report, 'utf8')).files)) {
  for (const { status } of file.mutants) {
    if (status in counts) counts[status]++
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
  .filter((line) => line.startsWith('| ') && !line.startsWith('| Folder') && !line.startsWith(`| ${folder} |`))
const table = ['| Folder | Mutants | Killed | Share | Measured |', '| --- | ---: | ---: | ---: | --- |', ...[...rows, row].sort()]
writeFileSync(method, `${text.slice(0, before)}${start}\n${table.join('\n')}\n${text.slice(after)}`)
console.log(row)
