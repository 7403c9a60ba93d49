import type { Track } from '../music'
import type { PlanDraft } from '../plan'
import type { Timeline } from './segment'

/** A stretch of the class in which a track plays. */
export interface MusicCue {
  track: string
  title: string
  /** s of the class */
  atSeconds: number
  seconds: number
  /** s of the track's end that are not heard: another begins, or its block is over */
  cutSeconds: number
  /** block that it began with, or goes on in */
  block: string
}

export interface MusicPlan {
  cues: MusicCue[]
  /** parts of blocks that were laid on music and have none: the playlist is over, s of the class */
  silent: { block: string; atSeconds: number; seconds: number }[]
  /** blocks that count by another tempo than their track has, beats a minute */
  offBeat: { block: string; track: string; blockBpm: number; trackBpm: number }[]
}

/** Tempos that differ by no more than this are heard as the same, beats a minute: an estimate. */
const SAME_TEMPO = 1

/** What a block counts by: half or double the tempo of a track keeps its beat. */
const keepsBeat = (blockBpm: number, trackBpm: number): boolean => [0.5, 1, 2].some((factor) => Math.abs(blockBpm - trackBpm * factor) <= SAME_TEMPO)

/**
 * The blocks of a class laid on its playlist: a block that names a track begins with it, and the list goes on till the block is over; a track that is
 * asked for elsewhere begins from its start.
 */
export function musicOf(plan: PlanDraft, timeline: Pick<Timeline, 'segments'>): MusicPlan {
  const tracks = plan.playlist?.tracks ?? []
  const found: MusicPlan = { cues: [], silent: [], offBeat: [] }
  for (const block of plan.phases.flatMap(({ blocks }) => blocks)) {
    const first = tracks.findIndex(({ id }) => id === block.track)
    const own = timeline.segments.filter((segment) => segment.block === block.id)
    const [start, last] = [own[0], own.at(-1)]
    if (first < 0 || !start || !last) continue
    const end = last.startSeconds + last.seconds
    let at = start.startSeconds
    for (const track of tracks.slice(first)) {
      if (at >= end) break
      const seconds = Math.min(track.seconds, end - at)
      found.cues.push({ track: track.id, title: track.title, atSeconds: at, seconds, cutSeconds: track.seconds - seconds, block: block.id })
      at += seconds
    }
    if (at < end) found.silent.push({ block: block.id, atSeconds: at, seconds: end - at })
    const blockBpm = block.bpm ?? plan.bpm
    const track: Track = tracks[first]!
    if (block.format === 'counts' || block.format === 'phrase' || block.bpm !== undefined)
      if (blockBpm !== undefined && track.bpm !== undefined && !keepsBeat(blockBpm, track.bpm))
        found.offBeat.push({ block: block.id, track: track.title, blockBpm, trackBpm: track.bpm })
  }
  return found
}

/** What plays at a second of the class, and how far into it; undefined = nothing. */
export function playingAt(cues: readonly MusicCue[], second: number): { cue: MusicCue; intoSeconds: number } | undefined {
  const cue = cues.find(({ atSeconds, seconds }) => second >= atSeconds && second < atSeconds + seconds)
  return cue && { cue, intoSeconds: second - cue.atSeconds }
}
