import { describe, expect, test } from 'vitest'
import type { Segment, Timeline } from '../timing'
import { soundsBetween } from './sounds'

let now = 0
const segment = (kind: Segment['kind'], seconds: number, item: string, more: Partial<Segment> = {}): Segment => {
  const startSeconds = now
  now += seconds
  return { kind, startSeconds, seconds, phase: 'm', phaseKind: 'main', house: {}, block: 'b', item, base: 'seat', rpe: 3, ...more }
}
const CLASS: Timeline = {
  segments: [
    segment('link', 8, 'press'),
    segment('work', 20, 'press', { set: 1, sets: 2, reps: 10, repSeconds: 2 }),
    segment('rest', 20, 'press'),
    segment('work', 20, 'press', { set: 2, sets: 2, reps: 10, repSeconds: 2 }),
    segment('link', 8, 'stretch'),
    segment('work', 30, 'stretch', { set: 1, sets: 1, side: 'first' }),
    segment('side-change', 5, 'stretch', { set: 1 }),
    segment('work', 30, 'stretch', { set: 1, sets: 1, side: 'second' }),
  ],
  totalSeconds: 141,
  leastSeconds: 141,
  phases: [],
}
const heard = (from: number, to: number) =>
  soundsBetween(CLASS, from, to).map(({ at, sound }) =>
    sound.kind === 'tone'
      ? `${at} ${sound.tone}`
      : sound.kind === 'count'
        ? `${at} ${sound.number}`
        : `${at} ${sound.item}${sound.short ? ' short' : ''}`,
  )

describe('what is heard', () => {
  test('the name on the way, the last three before work, then every repetition', () => {
    expect(heard(-1, 12)).toEqual(['0 press', '5 tick', '6 tick', '7 tick', '8 go', '8 1', '10 2', '12 3'])
  })
  test('a second set has short words', () => {
    expect(heard(27.9, 48)).toEqual(['28 rest', '45 tick', '46 tick', '47 tick', '48 go', '48 1', '48 press short'])
  })
  test('a stretch by the clock ends with three ticks, a change of side has a tone of its own, and the class an end', () => {
    expect(heard(76, 111)).toEqual(['103 tick', '104 tick', '105 tick', '106 side', '108 tick', '109 tick', '110 tick', '111 go'])
    expect(heard(140.5, 141)).toEqual(['141 end'])
  })
  test('each is heard once, however often it is asked; what was jumped over is not made up for', () => {
    const whole = heard(-1, 141)
    const pieces: string[] = []
    for (let at = -1; at < 141; at += 0.25) pieces.push(...heard(at, at + 0.25))
    expect(pieces).toEqual(whole)
    expect(heard(100, 90)).toEqual([])
  })
  test('repetitions quicker than one can say are counted in steps', () => {
    const quick: Timeline = {
      ...CLASS,
      segments: [{ ...CLASS.segments[1]!, startSeconds: 0, seconds: 8, reps: 20, repSeconds: 0.4 }],
      totalSeconds: 8,
    }
    expect(soundsBetween(quick, -1, 8).flatMap(({ sound }) => (sound.kind === 'count' ? [sound.number] : []))).toEqual([3, 6, 9, 12, 15, 18])
  })
})
