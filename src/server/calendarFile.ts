import { getVtimezoneComponent } from '@touch4it/ical-timezones'
import ICAL from 'ical.js'
import type { Closed, Schedule } from '@/core/plan'
import { addDays, type Day, weekdayOf } from '@/core/vocabulary'

/** A class as it goes into a calendar: nobody of those who come is named. */
export interface CalendarClass extends Schedule {
  id: string
  title: string
  /** HH:MM; null = a whole day */
  startTime: string | null
  minutes: number
  /** what is said of single days beside the title: where each stands in its series */
  sessions?: readonly { day: Day; words: string }[]
}

interface House {
  house: string
  address: string
  /** IANA name */
  zone: string
  closed: readonly Closed[]
}

/** So long before a class it is time to go, min. */
const ALARM_MINUTES = 60
/** Names of the time that needs no zone. */
const UNIVERSAL = ['UTC', 'Etc/UTC', 'GMT', 'Etc/GMT']
const WEEKDAYS = ['SU', 'MO', 'TU', 'WE', 'TH', 'FR', 'SA']
// its folded lines begin with a blank that it does not count (RFC 5545, 3.1: 75 octets)
ICAL.foldLength = 74

const PRODUCT = '-//Velvet Step//Classes//EN'

/**
 * Days of a weekday on which a class does not meet, of all that are known of: days off, and days on which the house is closed unless the class has
 * that day of its own.
 */
function excluded({ weekday, calendar: { dates, off } }: Schedule, closed: readonly Closed[], from: Day): Day[] {
  const shut = closed.flatMap(({ from: first, to }) => {
    const days: Day[] = []
    for (let day = first > from ? first : from; day <= to; day = addDays(day, 1)) days.push(day)
    return days
  })
  return [...new Set([...off, ...shut])].filter((day) => day >= from && weekdayOf(day) === weekday && !dates.includes(day)).sort()
}

/**
 * Classes as a calendar file (iCalendar, RFC 5545): a weekly series with the days on which it does not meet and those beside it, in the time zone of
 * the house, with an alarm an hour before.
 *
 * @param from series begin on this day at the earliest
 * @param now when the file is made, ms since 1970
 */
export function calendarFile(classes: readonly CalendarClass[], house: House, from: Day, now: number): string {
  const calendar = new ICAL.Component('vcalendar')
  calendar.addPropertyWithValue('version', '2.0')
  calendar.addPropertyWithValue('prodid', PRODUCT)
  const zone = UNIVERSAL.includes(house.zone) ? undefined : (getVtimezoneComponent(house.zone) ?? undefined)
  if (zone) calendar.addSubcomponent(ICAL.Component.fromString(zone))
  for (const one of classes) {
    const event = eventOf(one, house, zone !== undefined, from, now)
    if (!event) continue
    calendar.addSubcomponent(event)
    for (const session of sessionsOf(one, event, from)) calendar.addSubcomponent(session)
  }
  return calendar.toString()
}

/**
 * Days of a class of which something of their own is said: the same event with another title on that day (RFC 5545, 3.8.4.4). A reader that does not
 * know such days shows the class without it.
 */
function sessionsOf({ title, sessions = [] }: CalendarClass, event: ICAL.Component, from: Day): ICAL.Component[] {
  const repeats = event.hasProperty('rrule') || event.hasProperty('rdate')
  return sessions
    .filter(({ day }) => day >= from)
    .flatMap(({ day, words }) => {
      const own = repeats ? ICAL.Component.fromString(event.toString()) : event
      own.updatePropertyWithValue('summary', `${title}: ${words}`)
      if (!repeats) return []
      for (const name of ['rrule', 'rdate', 'exdate']) own.removeAllProperties(name)
      const start = own.getFirstProperty('dtstart')!
      const time = (start.getFirstValue() as ICAL.Time).clone()
      const [year, month, date] = day.split('-').map(Number)
      time.fromData({ ...time.toJSON(), year: year!, month: month!, day: date! }, time.zone)
      start.setValue(time)
      const zone = start.getFirstParameter('tzid')
      const which = own.addPropertyWithValue('recurrence-id', time)
      if (zone) which.setParameter('tzid', zone)
      return [own]
    })
}

/**
 * @param zoned whether the file describes the zone of the house: only then may a time speak of it. A time of a zone that is not known there says none,
 * and is read as that of whoever reads it
 */
function eventOf(one: CalendarClass, { house, address, zone, closed }: House, zoned: boolean, from: Day, now: number): ICAL.Component | undefined {
  const { weekday, startTime, calendar } = one
  const first = weekday === null ? undefined : addDays(from, (weekday - weekdayOf(from) + 7) % 7)
  const single = calendar.dates.filter((day) => day >= from && (weekday === null || weekdayOf(day) !== weekday))
  const start = first ?? single[0]
  if (start === undefined) return undefined
  const event = new ICAL.Component('vevent')
  const universal = UNIVERSAL.includes(zone) ? 'Z' : ''
  const at = (day: Day): ICAL.Time =>
    startTime === null ? ICAL.Time.fromDateString(day) : ICAL.Time.fromDateTimeString(`${day}T${startTime}:00${universal}`)
  const addTime = (name: string, day: Day) => {
    const property = event.addPropertyWithValue(name, at(day))
    if (startTime !== null && zoned) property.setParameter('tzid', zone)
  }
  event.addPropertyWithValue('uid', `${one.id}@velvet-step`)
  event.addPropertyWithValue('dtstamp', ICAL.Time.fromJSDate(new Date(now), true))
  event.addPropertyWithValue('summary', one.title)
  event.addPropertyWithValue('location', address === '' ? house : `${house}, ${address}`)
  addTime('dtstart', start)
  if (startTime !== null) event.addPropertyWithValue('duration', ICAL.Duration.fromSeconds(60 * one.minutes))
  if (first !== undefined && weekday !== null) {
    event.addPropertyWithValue('rrule', ICAL.Recur.fromData({ freq: 'WEEKLY', byday: [WEEKDAYS[weekday]!] }))
    for (const day of excluded(one, closed, from)) addTime('exdate', day)
  }
  // readers differ in whether the first of single days counts by itself; named twice it is there once
  if (first !== undefined || single.length > 1) for (const day of single) addTime('rdate', day)
  if (startTime !== null) {
    const alarm = new ICAL.Component('valarm')
    alarm.addPropertyWithValue('action', 'DISPLAY')
    alarm.addPropertyWithValue('description', one.title)
    alarm.addPropertyWithValue('trigger', ICAL.Duration.fromSeconds(-60 * ALARM_MINUTES))
    event.addSubcomponent(alarm)
  }
  return event
}
