import { describe, expect, test } from 'vitest'
import { BANDS } from '@/content/kit/bands'
import { type Body, REFERENCE_BODY } from '@/core/body'
import { GRAVITY, GRIP, LENGTH, SEGMENT } from '@/core/body/skeleton'
import { bandFor, effortOf, search, searchIndex } from '@/core/movement'
import { LIBRARY } from '.'
import { SPOKEN } from './spoken'

const index = searchIndex(LIBRARY, SPOKEN)
const ids = (query: Partial<Parameters<typeof search>[1]>) => search(index, { words: '', ...query }).map(({ movement }) => movement)

describe('search', () => {
  test('without a wish everything is there', () => expect(ids({})).toHaveLength(LIBRARY.movements.length))
  test('words are found in name, purpose, use and step', () => {
    expect(ids({ words: 'push-up' })[0]).toBe('push-up')
    expect(ids({ words: 'bus' }).length).toBeGreaterThan(0)
    expect(ids({ words: 'heel calves' }).every((id) => ids({ words: 'calves' }).includes(id))).toBe(true)
    expect(ids({ words: 'nothing of the kind' })).toEqual([])
  })
  test.each([
    ['bridge', 'bridge'],
    ['knee extension', 'leg-extension'],
    ['clam', 'clam'],
    ['clamshells', 'clam'],
    ['tandem walk', 'heel-to-toe-walk'],
    ['pull-down', 'band-pull-down'],
    ['pulldown', 'band-pull-down'],
    ['lat pull downs', 'band-pull-down'],
    ['crunches', 'curl-up'],
    ['kegel', 'pelvic-floor-lift'],
    ['pushups', 'push-up'],
    ['press-ups', 'push-up'],
    ['push up', 'push-up'],
    ['squats', 'squat'],
    ['calf raises', 'heel-raise'],
    ['plié', 'wide-squat'],
    ['plie', 'wide-squat'],
    ['cat cow', 'arch-and-round'],
    ['bird-dog', 'brace-reach'],
    ['child’s pose', 'press-back'],
    ['getting up from a chair', 'sit-to-stand'],
    ['biceps curls', 'curl'],
    ['deadlfit', 'hinge'],
    ['sqaut', 'squat'],
    ['grapevien', 'grapevine'],
  ])('"%s" finds %s first', (words, first) => expect(ids({ words })[0]).toBe(first))
  test.each([
    ['tandem', ['steady-stand', 'surfer-stance', 'heel-to-toe-walk']],
    ['abs', ['curl-up', 'plank', 'lean-back', 'toe-lower', 'weight-turn', 'brace-reach']],
    ['core', ['curl-up', 'plank', 'press-out', 'brace-reach', 'wood-chop']],
    ['deadlift', ['hinge', 'hinge-lift', 'one-leg-hinge']],
    ['boxing', ['punch', 'cross-punch', 'high-low-punch', 'kick-punch']],
  ])('"%s" finds all of its kind before anything else', (words, wanted) => {
    const found = ids({ words })
    expect(found).toEqual(expect.arrayContaining(wanted))
    for (const id of found.slice(0, wanted.length))
      expect(`${id} ${LIBRARY.movements.find((one) => one.id === id)!.name} ${SPOKEN[id]}`.toLowerCase()).toContain(words)
  })
  test('a word that is only begun finds what it may become', () => {
    expect(ids({ words: 'squat h' })).toContain('squat-heel-raise')
    expect(ids({ words: 's' })).toContain('squat')
  })
  test('every movement has other names, and none is named that is not there', () =>
    expect(Object.keys(SPOKEN).sort()).toEqual(LIBRARY.movements.map(({ id }) => id).sort()))
  test('every movement is found first by its own name', () => {
    for (const { id, name } of LIBRARY.movements) expect(ids({ words: name }).slice(0, 3), name).toContain(id)
  })
  test('a place keeps the steps that are done there', () => {
    const found = search(index, { words: '', place: 'bed' })
    expect(found.length).toBeGreaterThan(15)
    for (const { variants } of found) for (const id of variants) expect(LIBRARY.byId.get(id)!.planned.basePosition).toMatch(/^bed-/)
  })
  test('kit that is not there leaves its steps out', () => {
    for (const { variants } of search(index, { words: '', kit: ['support'] }))
      for (const id of variants) for (const kit of LIBRARY.byId.get(id)!.variant.kit) expect(['chair', 'support']).toContain(kit)
  })
  test('only what may be done', () =>
    expect(search(index, { words: '', only: new Set(['squat/hold2']) })).toEqual([{ movement: 'squat', variants: ['squat/hold2'] }]))
})

const tall: Body = { ...REFERENCE_BODY, stature: 1.9, mass: 90 }
const short: Body = { ...REFERENCE_BODY, stature: 1.5, mass: 56 }
const variant = (id: string) => LIBRARY.byId.get(id)!.variant

describe('loads follow the body', () => {
  test('more weight and longer arms mean more moment at the shoulder', () => {
    const raise = variant('lateral-raise/free')
    const at = (body: Body, kg: number) => effortOf(raise, body, kg).moments.shoulder!
    expect(at(REFERENCE_BODY, 2)).toBeGreaterThan(at(REFERENCE_BODY, 0))
    expect(at(tall, 2)).toBeGreaterThan(at(short, 2))
  })
  test('a hand on the chair widens the base of a one-leg stance', () => {
    expect(effortOf(variant('steady-stand/one-leg-two-hands'), REFERENCE_BODY, 0).balanceMarginCm!).toBeGreaterThan(
      effortOf(variant('steady-stand/one-leg-free'), REFERENCE_BODY, 0).balanceMarginCm!,
    )
  })
  test('a band has a longer path on a taller body, so the same pull takes more slack or a lighter band', () => {
    const row = variant('row/band-light')
    const [small, large] = [short, tall].map((body) => bandFor(row, body, 2, BANDS)!)
    expect(large!.pathM).toBeGreaterThan(small!.pathM)
    for (const advice of [small!, large!]) expect(Math.abs(advice.pullN - advice.wantedN)).toBeLessThan(3)
  })
  test('what has no band gets no advice', () => expect(bandFor(variant('squat/free'), tall, 2, BANDS)).toBeUndefined())
})

test('moments are those of the longest lever on the way, not only of the ends', () => {
  const body: Body = { ...REFERENCE_BODY, stature: 1.65, mass: 68 }
  const at = (id: string, kg: number) => effortOf(LIBRARY.byId.get(id)!.variant, body, kg).moments
  // forearm level: 3 kg at the grip, forearm and hand at their centres, of 1.65 m and 68 kg
  const fore = LENGTH.forearm * 1.65
  const hand = LENGTH.hand * 1.65
  const byHand =
    GRAVITY *
    (68 * SEGMENT.forearm.mass * SEGMENT.forearm.centre * fore +
      68 * SEGMENT.hand.mass * (fore + SEGMENT.hand.centre * hand) +
      3 * (fore + GRIP * hand))
  expect(byHand).toBeCloseTo(12.8, 1)
  expect(at('curl/standing', 3).elbow!).toBeGreaterThan(byHand * 0.95)
  expect(at('curl/standing', 3).elbow!).toBeLessThan(byHand * 1.05)
  expect(at('overhead-press/standing', 2).shoulder!).toBeGreaterThan(13)
  // a cuff round the wrist hangs on the arm
  expect(at('lateral-raise/cuff', 2).shoulder!).toBeGreaterThan(at('lateral-raise/cuff', 0).shoulder! + 8)
})

test.each([
  ['arch-and-round/allFours', ['shoulder', 'elbow', 'hip', 'knee', 'lumbar']],
  ['plank/plank', ['shoulder', 'elbow', 'hip', 'knee', 'lumbar']],
  ['push-up/wall2', ['shoulder', 'elbow', 'hip', 'knee', 'lumbar']],
  ['bridge/floor', ['hip', 'knee', 'lumbar']],
  ['back-lift/prone', ['hip', 'lumbar']],
] as const)('%s: what the pose alone does not give is not estimated, never shown as nothing', (id, joints) => {
  const { moments } = effortOf(LIBRARY.byId.get(id)!.variant, REFERENCE_BODY, 0)
  for (const joint of joints) expect(moments[joint], joint).toBeUndefined()
})
