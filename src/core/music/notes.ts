import { generator } from '../vocabulary'
import type { MadeTrack } from './playlist'

export const VOICES = ['drum', 'brush', 'bass', 'chord', 'tune'] as const
export type Voice = (typeof VOICES)[number]

/** One sound of a track. */
export interface Note {
  /** s from the beginning */
  at: number
  voice: Voice
  /** Hz; a drum's and a brush's say nothing */
  hz: number
  /** s */
  seconds: number
  /** 0 to 1 */
  loudness: number
}

/** How a track is made. */
export interface Recipe {
  key: MadeTrack
  title: string
  bpm: number
  seconds: number
  /** Hz of its key note */
  root: number
  /** steps of the scale, in semitones */
  scale: readonly number[]
  /** degrees of the scale on which each bar stands, in turn */
  bars: readonly number[]
  /** a drum on every beat */
  drum: boolean
  seed: number
}

const MAJOR = [0, 2, 4, 5, 7, 9, 11] as const
const MINOR = [0, 2, 3, 5, 7, 8, 10] as const

/** The tracks that ship: for marching, for stepping, for strength, and for the end. */
export const RECIPES: readonly Recipe[] = [
  { key: 'harbour', title: 'Harbour steps', bpm: 108, seconds: 240, root: 220, scale: MAJOR, bars: [0, 5, 3, 4], drum: true, seed: 11 },
  { key: 'reeds', title: 'Through the reeds', bpm: 120, seconds: 210, root: 196, scale: MAJOR, bars: [0, 3, 4, 3], drum: true, seed: 23 },
  { key: 'lantern', title: 'Lantern walk', bpm: 92, seconds: 270, root: 174.6, scale: MINOR, bars: [0, 5, 2, 6], drum: true, seed: 37 },
  { key: 'slow-water', title: 'Slow water', bpm: 60, seconds: 300, root: 164.8, scale: MAJOR, bars: [0, 3], drum: false, seed: 53 },
]

const BEATS_A_BAR = 4
/** From one note to another, in semitones. */
const hzOf = (root: number, semitones: number): number => root * 2 ** (semitones / 12)

/** Sounds of a track between two moments, s: the same for the same track, whatever part is asked for. */
export function notesOf(recipe: Recipe, fromSeconds: number, untilSeconds: number): Note[] {
  const beat = 60 / recipe.bpm
  const bar = beat * BEATS_A_BAR
  const { root, scale, bars, drum, seconds: length } = recipe
  const last = Math.min(untilSeconds, length)
  const notes: Note[] = []
  const pitch = (degree: number) => {
    const octave = Math.floor(degree / scale.length)
    return hzOf(root, scale[degree - octave * scale.length]! + 12 * octave)
  }
  for (let index = Math.max(0, Math.floor(fromSeconds / bar)); index * bar < last; index++) {
    // every bar has chance of its own, so that it sounds the same wherever one begins
    const random = generator(recipe.seed * 1000 + index)
    const degree = bars[index % bars.length]!
    const start = index * bar
    const put = (beats: number, voice: Voice, hz: number, seconds: number, loudness: number) => {
      const at = start + beats * beat
      if (at >= fromSeconds && at < last) notes.push({ at, voice, hz, seconds, loudness })
    }
    for (let count = 0; count < BEATS_A_BAR; count++) {
      // the first beat of a bar is heard
      if (drum) put(count, 'drum', 0, 0.12, count === 0 ? 0.9 : 0.6)
      if (drum) put(count + 0.5, 'brush', 0, 0.06, 0.25)
      if (random() < 0.6) put(count + (random() < 0.3 ? 0.5 : 0), 'tune', pitch(degree + scale.length + Math.floor(random() * 5)), beat * 0.9, 0.3)
    }
    put(0, 'bass', pitch(degree) / 2, beat * 1.8, 0.5)
    put(2, 'bass', pitch(degree) / 2, beat * 1.8, 0.4)
    for (const third of [0, 2, 4]) put(0, 'chord', pitch(degree + third), bar * 0.95, 0.14)
  }
  return notes.sort((a, b) => a.at - b.at)
}

/** Clicks of a metronome between two moments, s; the first of four is louder. @param bpm beats a minute */
export function clicksOf(bpm: number, fromSeconds: number, untilSeconds: number): Pick<Note, 'at' | 'loudness'>[] {
  const beat = 60 / bpm
  const clicks: Pick<Note, 'at' | 'loudness'>[] = []
  for (let count = Math.max(0, Math.ceil(fromSeconds / beat - 1e-9)); count * beat < untilSeconds; count++)
    clicks.push({ at: count * beat, loudness: count % BEATS_A_BAR === 0 ? 1 : 0.6 })
  return clicks
}
