import { describe, expect, test } from 'vitest'
import { type PlanInput, planSchema, soundPlan } from '../plan'
import { smallCatalogue } from '../testing/library'
import { musicOf, playingAt } from './music'
import { expand } from './timeline'

const catalogue = smallCatalogue()
const TRACKS = [
  { id: 'a', title: 'Ash', seconds: 100, bpm: 120 },
  { id: 'b', title: 'Birch', seconds: 60 },
  { id: 'c', title: 'Cedar', seconds: 90, bpm: 96 },
]
type Blocks = NonNullable<PlanInput['phases'][number]['blocks']>
const song = (id: string, seconds: number, more: object = {}) => ({
  id,
  format: 'song' as const,
  seconds,
  items: [{ id: `${id}i`, variant: 'push/seated' }],
  ...more,
})
function laid(blocks: Blocks, more: Partial<PlanInput> = {}) {
  const plan = soundPlan(
    planSchema.parse({
      title: 'T',
      promisedMinutes: 20,
      familiar: ['push'],
      playlist: { tracks: TRACKS },
      phases: [{ id: 'm', kind: 'main', blocks }],
      ...more,
    }),
    catalogue,
  )
  const timeline = expand(plan, catalogue)
  return { ...musicOf(plan, timeline), timeline }
}
// coming to the first item of a block takes 8 s

describe('blocks laid on tracks', () => {
  test('the list goes on till the block is over, and the last track is cut', () => {
    const { cues, silent } = laid([song('x', 142, { track: 'a' })])
    expect(cues).toEqual([
      { track: 'a', title: 'Ash', atSeconds: 0, seconds: 100, cutSeconds: 0, block: 'x' },
      { track: 'b', title: 'Birch', atSeconds: 100, seconds: 50, cutSeconds: 10, block: 'x' },
    ])
    expect(silent).toEqual([])
  })
  test('another block begins with its own track, and a block without has none', () => {
    const { cues, timeline } = laid([song('x', 92, { track: 'c' }), song('y', 30), song('z', 52, { track: 'a' })])
    const start = (block: string) => timeline.segments.find((segment) => segment.block === block)!.startSeconds
    expect(cues.map(({ track, atSeconds }) => [track, atSeconds])).toEqual([
      ['c', start('x')],
      ['a', start('z')],
    ])
  })
  test('where the list is over the block is silent, and it is said for how long', () => {
    const { cues, silent } = laid([song('x', 192, { track: 'c' })])
    expect(cues).toHaveLength(1)
    expect(silent).toEqual([{ block: 'x', atSeconds: 90, seconds: 110 }])
  })
  test('no track, no music', () => expect(laid([song('x', 60)], { playlist: undefined })).toMatchObject({ cues: [], silent: [], offBeat: [] }))
})

test('a block that counts by another beat than its track is named; half the tempo keeps the beat', () => {
  const counts = (bpm: number, track: string): Blocks => [
    { id: 'x', format: 'counts', bpm, track, items: [{ id: 'i', variant: 'push/seated', dose: { workCounts: 32 } }] },
  ]
  expect(laid(counts(108, 'a')).offBeat).toEqual([{ block: 'x', track: 'Ash', blockBpm: 108, trackBpm: 120 }])
  expect(laid(counts(120, 'a')).offBeat).toEqual([])
  expect(laid(counts(60, 'a')).offBeat).toEqual([])
  // a track of which no tempo is known contradicts nobody
  expect(laid(counts(108, 'b')).offBeat).toEqual([])
})

test('what plays at a second, and how far into it', () => {
  const { cues } = laid([song('x', 142, { track: 'a' })])
  expect(playingAt(cues, 120)).toMatchObject({ cue: { track: 'b' }, intoSeconds: 20 })
  expect(playingAt(cues, 150)).toBeUndefined()
})
