import fc from 'fast-check'
import { expect, test } from 'vitest'
import type { Placement } from './options'
import { tracksFor } from './tracks'

const placement = (losses: Record<string, number>): Placement =>
  ({ judgement: {}, options: Object.entries(losses).map(([id, loss]) => ({ id, loss, changes: [] })) }) as unknown as Placement

/** Every subset of versions, the plain way. */
function bestByTrying(people: Record<string, number>[], most: number): number {
  const ids = [...new Set(people.flatMap((losses) => Object.keys(losses)))]
  const served = people.filter((losses) => Object.keys(losses).length > 0)
  let best = Number.POSITIVE_INFINITY
  for (let subset = 1; subset < 1 << ids.length; subset++) {
    const chosen = ids.filter((_, bit) => subset & (1 << bit))
    if (chosen.length > most) continue
    best = Math.min(
      best,
      served.reduce((sum, losses) => sum + Math.min(...chosen.map((id) => losses[id] ?? Number.POSITIVE_INFINITY)), 0),
    )
  }
  return best
}

const peopleArbitrary = fc.array(
  fc.dictionary(
    fc.constantFrom('a', 'b', 'c', 'd', 'e', 'f', 'g'),
    fc.integer({ min: 0, max: 12 }).map((n) => n / 2),
    { maxKeys: 5 },
  ),
  { maxLength: 9 },
)

test('the least total loss, by trying everything', () => {
  fc.assert(
    fc.property(peopleArbitrary, fc.integer({ min: 1, max: 4 }), (people, most) => {
      const tracks = tracksFor(people.map(placement), most, 'a')
      const best = bestByTrying(people, most)
      if (people.every((losses) => Object.keys(losses).length === 0)) expect(tracks.totalLoss).toBe(0)
      else if (Number.isFinite(best)) {
        expect(tracks.totalLoss).toBeCloseTo(best, 9)
        expect(tracks.shown.length).toBeLessThanOrEqual(most)
      } else expect(tracks.shown.length).toBeGreaterThan(most)
    }),
    { numRuns: 400, seed: 9 },
  )
})

test('nobody who has a way is left without one, and nobody gets a version that is not theirs', () => {
  fc.assert(
    fc.property(peopleArbitrary, fc.integer({ min: 1, max: 4 }), (people, most) => {
      const { shown, assignment } = tracksFor(people.map(placement), most, 'a')
      people.forEach((losses, index) => {
        const track = assignment[index]
        if (Object.keys(losses).length === 0) expect(track).toBeUndefined()
        else expect(losses[shown[track!]!]).toBeDefined()
      })
    }),
    { numRuns: 400, seed: 10 },
  )
})
