// Reads a calendar with ical.js and prints what it found in each event. Usage: node calendar.mjs FILE
import { readFileSync } from 'node:fs'
import ICAL from '../../src/krasis-ui/node_modules/ical.js/dist/ical.js'

const calendar = new ICAL.Component(ICAL.parse(readFileSync(process.argv[2], 'utf8')))
const events = calendar.getAllSubcomponents('vevent').map((component) => {
  const event = new ICAL.Event(component)
  const alarm = component.getFirstSubcomponent('valarm')
  return {
    uid: event.uid,
    sequence: event.sequence,
    summary: event.summary,
    start: event.startDate.toJSDate().toISOString(),
    minutes: event.duration.toSeconds() / 60,
    alarm: alarm?.getFirstPropertyValue('trigger').toSeconds() ?? null,
  }
})
console.log(JSON.stringify(events))
