// Calendar files read by the npm package “ical.js”; on the input a list of files.
import ICAL from 'ical.js'
let read = ''
for await (const part of process.stdin) read += part
const told = JSON.parse(read).map((written) => {
  const calendar = new ICAL.Component(ICAL.parse(written))
  const component = calendar.getFirstSubcomponent('vevent')
  const event = new ICAL.Event(component)
  const alarm = component.getFirstSubcomponent('valarm')
  return {
    uid: event.uid,
    title: event.summary,
    where: event.location,
    about: event.description,
    day: event.startDate.isDate,
    from: event.startDate.isDate ? event.startDate.toString() : event.startDate.toUnixTime(),
    to: event.endDate.isDate ? event.endDate.toString() : event.endDate.toUnixTime(),
    reminds: alarm ? -alarm.getFirstPropertyValue('trigger').toSeconds() : null,
  }
})
process.stdout.write(JSON.stringify(told))
