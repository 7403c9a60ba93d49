import { describe, expect, test } from 'vitest'
import { demoPeople } from '@/content/demo'
import { clientSchema } from '@/core/client'
import { draftOf, recordOf } from './draft'

const records = demoPeople('2026-11-24').map(({ record }) => clientSchema.parse(record))

describe('the form of a person', () => {
  test.each(records.map((record) => [record.given, record] as const))('shows and gives back the record of %s without a change', (_, record) => {
    expect(clientSchema.parse(recordOf(draftOf('kg', record), 'kg', record))).toEqual(record)
  })

  test.each(records.map((record) => [record.given, record] as const))('in pounds the record of %s comes back without a change too', (_, record) => {
    const weighed = { ...record, massKg: 68.3 }
    expect(clientSchema.parse(recordOf(draftOf('lb', weighed), 'lb', weighed)).massKg).toBeCloseTo(68.3, 3)
  })

  test('an unasked question stays unknown, and is not made a no', () => {
    const { capability, medicines } = clientSchema.parse(recordOf({ ...draftOf('kg'), given: 'Test', birthDate: '1950-01-01' }, 'kg'))
    expect(capability).toEqual({})
    expect(medicines).toEqual({})
  })

  test('yes and no are kept apart', () => {
    const draft = { ...draftOf('kg'), given: 'Test', birthDate: '1950-01-01', floorTransferOk: 'no' as const, riseNoHands: 'yes' as const }
    expect(clientSchema.parse(recordOf(draft, 'kg')).capability).toEqual({ floorTransferOk: false, riseNoHands: true })
  })

  test('what is no number is refused at its field, and the draft keeps what was typed', () => {
    const draft = { ...draftOf('kg', records[0]), chairRises30s: 'twelve' }
    const checked = clientSchema.safeParse(recordOf(draft, 'kg', records[0]))
    expect(checked.success).toBe(false)
    expect(checked.error?.issues.map(({ path }) => path.join('.'))).toEqual(['capability.chairRises30s'])
    expect(draft.chairRises30s).toBe('twelve')
  })

  test('a plan for one movement and a clearance are both kept', () => {
    const draft = draftOf('kg', records[0])
    draft.clearances = [
      { condition: 'osteoporosis', by: 'Dr Example', on: '2026-11-01', expires: '', scope: '', movement: '' },
      { condition: 'osteoporosis', by: 'Dr Example', on: '2026-11-01', expires: '2027-01-01', scope: 'hands held', movement: 'squat' },
    ]
    const { clearances } = clientSchema.parse(recordOf(draft, 'kg', records[0]))
    expect(clearances.map(({ movement }) => movement)).toEqual([undefined, 'squat'])
    expect(clearances[1]).toMatchObject({ expires: '2027-01-01', scope: 'hands held' })
  })

  test('a field that the form does not show survives an edit', () => {
    const record = clientSchema.parse({
      given: 'Test',
      birthDate: '1950-01-01',
      conditions: [{ slug: 'rotator-cuff-pain', site: 'left-shoulder' }],
    })
    expect(clientSchema.parse(recordOf({ ...draftOf('kg', record), note: 'new' }, 'kg', record)).conditions[0]!.site).toBe('left-shoulder')
  })
})
