import { describe, expect, test } from 'vitest'
import { demoPeople } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { BODY_REGIONS, type BodyRegion, clientSchema, factsOn, partOf } from '@/core/client'
import { assess, BODY_PARTS, buildRuleBase, judge, VERDICTS } from '@/core/safety'
import { CONDITIONS } from '.'

const base = buildRuleBase(CONDITIONS)
const DAY = '2026-11-28'
const well = clientSchema.parse({ given: 'Well', birthDate: '1980-01-01', screening: { completedOn: DAY, findings: [], skipped: [] } })
const judgedWith = (record: typeof well, sore: BodyRegion[]) =>
  assess(base, factsOn(base, record, DAY, { today: { sore } }), { supportInReach: true })

describe('sore here today', () => {
  test('each part of the body has one condition that speaks for it, at a stage that it has', () => {
    const spoken = CONDITIONS.flatMap(({ slug, variants, soreHere }) => {
      if (soreHere) expect(variants, slug).toContain(soreHere.variant)
      return soreHere?.parts ?? []
    })
    expect([...spoken].sort()).toEqual([...BODY_PARTS].sort())
  })

  test.each(BODY_REGIONS)('%s: bites somewhere in the library, asks for no letter and closes nothing', (region) => {
    const sore = judgedWith(well, [region])
    expect(sore.closed).toBeUndefined()
    expect(sore.pending).toEqual([])
    const hits = LIBRARY.entries.flatMap((entry) => judge(sore, entry.vector).hits.filter(({ today, then }) => today && then !== 'prefer'))
    expect(hits.length).toBeGreaterThan(5)
    // told as a soreness, never as a diagnosis that nobody made
    for (const { why } of hits) expect(why).toMatch(/sore today|aches today/)
  })

  test('the side that is sore is the side that is spared', () => {
    const { side } = partOf('left-knee')
    const left = judgedWith(well, ['left-knee'])
    expect(side).toBe('left')
    expect(left.conditions.find(({ presence }) => presence === 'today')?.fields.side).toBe('left')
  })

  test('nobody of the demo may do more for being sore', () => {
    for (const { record: input } of demoPeople(DAY)) {
      const record = clientSchema.parse(input)
      const usual = judgedWith(record, [])
      for (const region of BODY_REGIONS) {
        const sore = judgedWith(record, [region])
        for (const entry of LIBRARY.entries.filter((_, index) => index % 7 === 0))
          expect(VERDICTS.indexOf(judge(sore, entry.vector).verdict), `${record.given} ${region} ${entry.variant.id}`).toBeGreaterThanOrEqual(
            VERDICTS.indexOf(judge(usual, entry.vector).verdict),
          )
      }
    }
  })

  test('a bad night takes one off the effort, and never makes an unwell day a better one', () => {
    const capOf = (today: object) => assess(base, factsOn(base, well, DAY, { today })).limits.rpeCap.value
    expect(capOf({ sleptBadly: true })).toBe(capOf({}) - 1)
    expect(factsOn(base, well, DAY, { today: { sleptBadly: true, dayFeel: 'unwell' } }).dayFeel).toBe('unwell')
  })
})
