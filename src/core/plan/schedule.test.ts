import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { addDays, weekdayOf } from '../vocabulary'
import { atHour, calendarSchema, meetings, planSchema, timeSchema } from './index'

const TUESDAY = 2
const NONE = { dates: [], off: [] }

describe('when a class meets', () => {
  test('on its weekday, today included', () => {
    expect(meetings({ weekday: TUESDAY, calendar: NONE }, [], '2026-11-24', 3)).toEqual(['2026-11-24', '2026-12-01', '2026-12-08'])
    expect(meetings({ weekday: TUESDAY, calendar: NONE }, [], '2026-11-25', 1)).toEqual(['2026-12-01'])
  })
  test('not on a day that is off, and not while the house is closed', () => {
    const calendar = { dates: [], off: ['2026-12-01'] }
    const closed = [{ from: '2026-12-08', to: '2026-12-15' }]
    expect(meetings({ weekday: TUESDAY, calendar }, closed, '2026-11-25', 2)).toEqual(['2026-12-22', '2026-12-29'])
  })
  test('on single dates too, even while the house is closed', () => {
    const calendar = { dates: ['2026-11-27', '2026-10-01'], off: [] }
    expect(meetings({ weekday: TUESDAY, calendar }, [{ from: '2026-11-26', to: '2026-11-30' }], '2026-11-25', 2)).toEqual([
      '2026-11-27',
      '2026-12-01',
    ])
    expect(meetings({ weekday: null, calendar }, [], '2026-11-25', 5)).toEqual(['2026-11-27'])
  })
  test('never, when there is no day', () => {
    expect(meetings({ weekday: null, calendar: NONE }, [], '2026-11-25', 5)).toEqual([])
    expect(meetings({ weekday: TUESDAY, calendar: NONE }, [{ from: '2026-01-01', to: '2030-01-01' }], '2026-11-25', 5)).toEqual([])
  })

  const day = fc.integer({ min: 0, max: 120 }).map((ahead) => addDays('2026-11-01', ahead))
  const calendar = fc.record({ dates: fc.array(day, { maxLength: 6 }), off: fc.array(day, { maxLength: 6 }) }).map((one) => calendarSchema.parse(one))
  const closed = fc.array(
    fc.tuple(day, fc.nat(20)).map(([from, days]) => ({ from, to: addDays(from, days) })),
    { maxLength: 3 },
  )
  test('whatever is set: in order, once, and each either a single date or a free weekday', () => {
    fc.assert(
      fc.property(fc.option(fc.nat(6)), calendar, closed, day, (weekday, own, shut, from) => {
        const found = meetings({ weekday, calendar: own }, shut, from, 12)
        expect(found).toEqual([...new Set(found)].sort())
        for (const one of found) {
          expect(one >= from).toBe(true)
          const free = !own.off.includes(one) && !shut.some((stretch) => stretch.from <= one && one <= stretch.to)
          expect(own.dates.includes(one) || (weekdayOf(one) === weekday && free)).toBe(true)
        }
        // none is left out before the last that is told
        for (let one = from; found.length > 0 && one <= found.at(-1)!; one = addDays(one, 1))
          if (own.dates.includes(one)) expect(found).toContain(one)
      }),
    )
  })
})

test('the hour of the class is the hour of its room', () => {
  const plan = planSchema.parse({ title: 'Seats', promisedMinutes: 20, phases: [], room: { startHour: 11 } })
  expect(atHour(plan, '18:30').room.startHour).toBe(18)
  expect(atHour(plan, null).room.startHour).toBe(11)
  expect(timeSchema.safeParse('24:00').success).toBe(false)
})
