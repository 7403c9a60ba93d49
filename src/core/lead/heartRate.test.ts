import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { generator } from '../vocabulary'
import { decodeHeartRate, encodeHeartRate, HeartRateFrameError, heardFrom, NEW_STRAP, SILENT_MS, silentAt, simulatedStrap } from './heartRate'

const bytes = (...all: number[]) => new DataView(Uint8Array.from(all).buffer)

describe('the frame of a strap', () => {
  // flags as the characteristic 0x2A37 has them
  test.each([
    ['8 bit, nothing else', [0x00, 72], { bpm: 72, rrMs: [] }],
    ['16 bit', [0x01, 0x2c, 0x01], { bpm: 300, rrMs: [] }],
    ['contact told and there', [0x06, 80], { bpm: 80, contact: true, rrMs: [] }],
    ['contact told and lost', [0x04, 80], { bpm: 80, contact: false, rrMs: [] }],
    ['a contact bit without the word that it is told says nothing', [0x02, 80], { bpm: 80, rrMs: [] }],
    ['energy', [0x08, 90, 0x10, 0x27], { bpm: 90, energyKj: 10_000, rrMs: [] }],
    ['two distances between beats, of 1/1024 s', [0x10, 60, 0x00, 0x04, 0x00, 0x02], { bpm: 60, rrMs: [1000, 500] }],
    ['all of it', [0x1f, 0x64, 0x00, 0x01, 0x00, 0x00, 0x04], { bpm: 100, contact: true, energyKj: 1, rrMs: [1000] }],
  ])('%s', (_what, frame, expected) => expect(decodeHeartRate(bytes(...frame))).toEqual(expected))
  test('one that is cut short is refused with what was expected', () => {
    for (const frame of [[], [0x00], [0x01, 0x2c], [0x08, 90, 0x10]]) expect(() => decodeHeartRate(bytes(...frame))).toThrow(HeartRateFrameError)
  })
  test('what is written is read again', () =>
    fc.assert(
      fc.property(
        fc.record(
          {
            bpm: fc.integer({ min: 0, max: 400 }),
            contact: fc.boolean(),
            energyKj: fc.integer({ min: 0, max: 65_535 }),
            rrMs: fc.array(fc.integer({ min: 200, max: 3000 }), { maxLength: 6 }),
          },
          { requiredKeys: ['bpm', 'rrMs'] },
        ),
        (frame) => {
          const read = decodeHeartRate(encodeHeartRate(frame))
          expect({ ...read, rrMs: [] }).toEqual({ ...frame, rrMs: [] })
          for (const [index, ms] of read.rrMs.entries()) expect(Math.abs(ms - frame.rrMs[index]!)).toBeLessThanOrEqual(1)
        },
      ),
    ))
})

describe('what a strap has told', () => {
  test('seconds above the ceiling are counted, those below are not', () => {
    let state = NEW_STRAP
    for (const [second, bpm] of [
      [0, 100],
      [1, 130],
      [2, 131],
      [3, 100],
      [4, 100],
    ] as const)
      state = heardFrom(state, { bpm, rrMs: [] }, 120, 10_000 + second * 1000)
    expect(state.overSeconds).toBe(2)
  })
  test('a silence is a dropout, once, and no old number stands for it; a strap off the skin is silent', () => {
    const state = heardFrom(NEW_STRAP, { bpm: 90, rrMs: [] }, 120, 10_000)
    expect(silentAt(state, 10_000 + SILENT_MS).bpm).toBe(90)
    const quiet = silentAt(state, 10_001 + SILENT_MS)
    expect(quiet).toMatchObject({ dropouts: 1 })
    expect(quiet.bpm).toBeUndefined()
    expect(silentAt(quiet, 60_000).dropouts).toBe(1)
    expect(heardFrom(state, { bpm: 90, contact: false, rrMs: [] }, 120, 11_000).bpm).toBeUndefined()
    expect(heardFrom(quiet, { bpm: 95, rrMs: [] }, 90, 30_000)).toMatchObject({ bpm: 95, overSeconds: 0 })
  })
  test('a simulated strap follows the effort with a delay, by the standard bytes, the same for the same seed', () => {
    const run = (seed: number) => {
      const strap = simulatedStrap(70, 150, (second) => (second < 300 ? 8 : 1), generator(seed))
      return Array.from({ length: 600 }, (_, second) => strap(second)).map((frame) => frame && decodeHeartRate(frame).bpm)
    }
    const one = run(7)
    expect(run(7)).toEqual(one)
    expect(run(8)).not.toEqual(one)
    const near = (second: number) => one.slice(second - 10, second + 10).find((bpm) => bpm !== undefined)!
    expect(near(12)).toBeLessThan(95)
    expect(near(290)).toBeGreaterThan(128)
    expect(near(590)).toBeLessThan(90)
    expect(one.some((bpm) => bpm === undefined)).toBe(true)
  })
})
