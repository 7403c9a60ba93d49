import fc from 'fast-check'
import { expect, test } from 'vitest'
import { type Band, BandRangeError, bandPull, chooseBand } from './band'

const band = (id: string, factor: number): Band => ({
  id,
  name: id,
  length: 1.5,
  measured: [
    { ratio: 1.25, pullN: 8 * factor },
    { ratio: 1.5, pullN: 14 * factor },
    { ratio: 2, pullN: 22 * factor },
    { ratio: 2.5, pullN: 30 * factor },
  ],
})
const light = band('light', 1)
const firm = band('firm', 2)

test.each([
  [1.4, 0],
  [1.5 * 1.25, 8],
  [1.5 * 1.75, 18],
  [1.5 * 2.5, 30],
])('a path of %d m pulls %d N', (path, pull) => expect(bandPull(light, path)).toBeCloseTo(pull, 6))

test('doubled it pulls twice, gripped nearer it pulls more', () => {
  expect(bandPull(light, 1.2, 0.8, 2)).toBeCloseTo(2 * bandPull(light, 1.2, 0.8), 6)
  expect(bandPull(light, 1.2, 0.7)).toBeGreaterThan(bandPull(light, 1.2, 0.9))
})
test('beyond what was measured it does not guess', () => expect(() => bandPull(light, 4)).toThrow(BandRangeError))

test('the choice comes nearest to the wanted pull, and a taller body needs less band for the same pull', () => {
  fc.assert(
    fc.property(fc.double({ min: 10, max: 55, noNaN: true }), fc.double({ min: 0.6, max: 1.6, noNaN: true }), (wanted, path) => {
      const choice = chooseBand([light, firm], wanted, path)!
      expect(bandPull(choice.band, path, choice.usedM, choice.strands)).toBeCloseTo(choice.pullN, 6)
      for (const other of [light, firm]) {
        const used = Math.max(path / 2.5, 0.5)
        if (used <= other.length) expect(Math.abs(choice.pullN - wanted)).toBeLessThanOrEqual(Math.abs(bandPull(other, path, used) - wanted) + 3)
      }
    }),
    { numRuns: 200, seed: 4 },
  )
})
