import fc from 'fast-check'
import ICAL from 'ical.js'
import { describe, expect, test } from 'vitest'
import { meetings } from '@/core/plan'
import { addDays, type Day, daysBetween } from '@/core/vocabulary'
import { type CalendarClass, calendarFile } from './calendarFile'

const FROM = '2026-11-24'
const NOW = Date.UTC(2026, 10, 24, 8)
const HOUSE = { house: 'The old boathouse, Tarnbeck', address: '3 Slipway Lane', zone: 'Europe/London', closed: [] }
const CLASS: CalendarClass = {
  id: '0b6f6a52-5c1e-4f6e-9a36-0f3a1f1f3c11',
  title: 'Boathouse chairs',
  weekday: 1,
  startTime: '10:00',
  minutes: 35,
  calendar: { dates: [], off: [] },
}

const events = (text: string): ICAL.Event[] =>
  new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((component) => new ICAL.Event(component))
/** The days of an event as another program reads them, with the day it begins where that is left out. */
function daysOf(event: ICAL.Event, until: Day): Day[] {
  if (!event.isRecurring()) return [event.startDate.toString().slice(0, 10)]
  const days: Day[] = []
  const iterator = event.iterator()
  for (let next = iterator.next(); next && next.toString().slice(0, 10) <= until; next = iterator.next()) days.push(next.toString().slice(0, 10))
  return days
}

const day = fc.integer({ min: 0, max: 120 }).map((on) => addDays(FROM, on))
const schedule = fc.record({
  weekday: fc.option(fc.integer({ min: 0, max: 6 }), { nil: null }),
  dates: fc.uniqueArray(day, { maxLength: 6 }),
  off: fc.uniqueArray(day, { maxLength: 6 }),
  closed: fc.array(
    fc.tuple(day, fc.integer({ min: 0, max: 30 })).map(([from, length]) => ({ from, to: addDays(from, length) })),
    { maxLength: 2 },
  ),
  startTime: fc.constantFrom('10:00', '00:30', '18:45', null),
})

describe('a class in a calendar file', () => {
  test('meets there on just the days on which it meets here', () => {
    fc.assert(
      fc.property(schedule, ({ weekday, dates, off, closed, startTime }) => {
        const calendar = { dates: dates.toSorted(), off: off.toSorted() }
        const text = calendarFile([{ ...CLASS, weekday, startTime, calendar }], { ...HOUSE, closed }, FROM, NOW)
        const until = addDays(FROM, 140)
        const ours = meetings({ weekday, calendar }, closed, FROM, 200).filter((one) => one <= until)
        const theirs = events(text).flatMap((event) => daysOf(event, until))
        expect(theirs.toSorted()).toEqual(ours)
      }),
      { numRuns: 300 },
    )
  })

  test('begins at its hour in the zone of the house, in summer and in winter', () => {
    const text = calendarFile([CLASS], HOUSE, FROM, NOW)
    const component = new ICAL.Component(ICAL.parse(text))
    const zone = new ICAL.Timezone(component.getFirstSubcomponent('vtimezone')!)
    const utc = (on: Day) => {
      const time = ICAL.Time.fromDateTimeString(`${on}T10:00:00`)
      time.zone = zone
      return time.convertToZone(ICAL.Timezone.utcTimezone).toString()
    }
    expect(utc('2026-11-30')).toBe('2026-11-30T10:00:00Z')
    expect(utc('2027-06-07')).toBe('2027-06-07T09:00:00Z')
    const [event] = events(text)
    expect(event!.startDate.toString()).toBe('2026-11-30T10:00:00')
    expect(event!.component.getFirstProperty('dtstart')!.getParameter('tzid')).toBe('Europe/London')
    expect(event!.duration.toSeconds()).toBe(35 * 60)
    expect(event!.component.getFirstPropertyValue('dtstamp')!.toString()).toBe('2026-11-24T08:00:00Z')
  })

  test('speaks of no zone that the file does not describe', () => {
    const universal = events(calendarFile([CLASS], { ...HOUSE, zone: 'UTC' }, FROM, NOW))[0]!
    expect(universal.startDate.toString()).toBe('2026-11-30T10:00:00Z')
    const unknown = calendarFile([CLASS], { ...HOUSE, zone: 'Europe/Nowhere' }, FROM, NOW)
    expect(unknown).not.toContain('TZID')
    expect(events(unknown)[0]!.startDate.toString()).toBe('2026-11-30T10:00:00')
  })

  test('says of each day where it stands in its series, and of no other day', () => {
    const sessions = [
      { day: '2026-11-23', words: 'week 1 of 3' },
      { day: '2026-11-30', words: 'week 2 of 3, legs' },
      { day: '2026-12-07', words: 'week 3 of 3, a gentler week' },
    ]
    for (const startTime of ['10:00', null])
      for (const zone of ['Europe/London', 'UTC', 'Europe/Nowhere']) {
        const all = events(calendarFile([{ ...CLASS, startTime, sessions }], { ...HOUSE, zone }, FROM, NOW))
        const [series, ...own] = all
        for (const one of own) series!.relateException(one)
        const iterator = series!.iterator()
        const said = Array.from({ length: 3 }, () => {
          const { item, startDate } = series!.getOccurrenceDetails(iterator.next()!)
          return `${startDate.toString().slice(0, 16)} ${item.summary}`
        })
        const at = startTime === null ? '' : 'T10:00'
        expect(said).toEqual([
          `2026-11-30${at} Boathouse chairs: week 2 of 3, legs`,
          `2026-12-07${at} Boathouse chairs: week 3 of 3, a gentler week`,
          `2026-12-14${at} Boathouse chairs`,
        ])
        expect(own.map((one) => one.component.getFirstProperty('recurrence-id')!.getParameter('tzid'))).toEqual(
          own.map(() => (zone === 'Europe/London' && startTime !== null ? zone : undefined)),
        )
      }
  })

  test('a class of one day says it in its own title', () => {
    const one = { ...CLASS, weekday: null, calendar: { dates: ['2026-12-03'], off: [] }, sessions: [{ day: '2026-12-03', words: 'week 2 of 2' }] }
    const all = events(calendarFile([one], HOUSE, FROM, NOW))
    expect(all.map(({ summary }) => summary)).toEqual(['Boathouse chairs: week 2 of 2'])
  })

  test('says where, warns an hour before, and keeps commas, lines and long titles', () => {
    const title = `Chairs, and; more\nof them ${'long '.repeat(30)}`.trim()
    const text = calendarFile([{ ...CLASS, title }], HOUSE, FROM, NOW)
    const [event] = events(text)
    expect(event!.summary).toBe(title)
    expect(event!.location).toBe('The old boathouse, Tarnbeck, 3 Slipway Lane')
    const alarm = event!.component.getFirstSubcomponent('valarm')!
    expect(alarm.getFirstPropertyValue('trigger')!.toString()).toBe('-PT1H')
    // no line is longer than a reader has to take (RFC 5545, 3.1)
    expect(Math.max(...text.split('\r\n').map((line) => Buffer.byteLength(line)))).toBeLessThanOrEqual(75)
  })

  test('is left out while it has no day, and a class of single days has only these', () => {
    expect(events(calendarFile([{ ...CLASS, weekday: null }], HOUSE, FROM, NOW))).toEqual([])
    const dates = ['2026-12-03', '2026-12-19']
    const [event] = events(calendarFile([{ ...CLASS, weekday: null, calendar: { dates, off: [] } }], HOUSE, FROM, NOW))
    expect(daysOf(event!, addDays(FROM, 60))).toEqual(dates)
    expect(daysBetween(FROM, dates[0]!)).toBe(9)
  })
})
