import { z } from 'zod'

/** Tracks that the application makes itself, as stand-ins for music that somebody has. */
export const MADE_TRACKS = ['harbour', 'reeds', 'lantern', 'slow-water'] as const
export type MadeTrack = (typeof MADE_TRACKS)[number]

const bpm = z.number().min(30).max(240)
export const trackSchema = z.strictObject({
  id: z.string().regex(/^[a-z0-9][a-z0-9-]{0,39}$/i, 'expected letters, digits and hyphens, 40 at most'),
  title: z.string().trim().min(1).max(200),
  /** length, s */
  seconds: z.number().int().min(1).max(7200),
  /** beats a minute: given by the file, typed or tapped */
  bpm: bpm.optional(),
  /** made here, so that it can be played here */
  made: z.enum(MADE_TRACKS).optional(),
})
export type Track = z.output<typeof trackSchema>

/** The music of a class, in the order in which it plays. */
export const playlistSchema = z.strictObject({ name: z.string().trim().max(120).default(''), tracks: z.array(trackSchema).max(200) })
export type Playlist = z.output<typeof playlistSchema>

/** A track as a playlist file has it. */
export interface ReadTrack {
  title: string
  /** s; undefined = the file does not say */
  seconds?: number
  bpm?: number
}

/** What is wrong with a playlist file, and in which line or entry. */
export class PlaylistError extends Error {
  constructor(
    readonly at: number,
    readonly expected: string,
  ) {
    super(`entry ${at}: expected ${expected}`)
    this.name = 'PlaylistError'
  }
}

/** The last part of a path or address, without its ending: what a track without a title is called. */
const fileName = (location: string): string => {
  const name = location.split(/[\\/]/).at(-1) ?? location
  let plain = name
  try {
    plain = decodeURIComponent(name)
  } catch {
    // a per cent sign that stands for itself
  }
  return plain.replace(/\.[a-z0-9]{2,4}$/i, '') || location
}

const EXTINF = /^#EXTINF:\s*(-?\d+(?:\.\d+)?)\s*([^,]*),?(.*)$/i
const BPM = /\bbpm="?(\d+(?:\.\d+)?)"?/i

/**
 * Tracks of an M3U playlist, plain or extended: `#EXTINF:seconds bpm="120",title`, then where it lies.
 *
 * @throws PlaylistError with the number of the entry when there is none, or one has no place of its own
 */
export function readM3u(text: string): ReadTrack[] {
  const tracks: ReadTrack[] = []
  let info: { seconds: number; attributes: string; title: string } | undefined
  for (const line of text.replace(/^\ufeff/, '').split(/\r\n|\r|\n/)) {
    const said = line.trim()
    if (said === '') continue
    const found = EXTINF.exec(said)
    if (found) {
      if (info) throw new PlaylistError(tracks.length + 1, 'the place of a track after its #EXTINF line')
      info = { seconds: Number(found[1]), attributes: found[2]!, title: found[3]!.trim() }
    } else if (!said.startsWith('#')) {
      const beats = info && BPM.exec(info.attributes)
      tracks.push({
        title: info?.title || fileName(said),
        // a length of -1 says that it is not known
        ...(info && info.seconds > 0 && { seconds: Math.round(info.seconds) }),
        ...(beats && { bpm: Number(beats[1]) }),
      })
      info = undefined
    }
  }
  if (info) throw new PlaylistError(tracks.length + 1, 'the place of a track after its #EXTINF line')
  if (tracks.length === 0) throw new PlaylistError(1, 'a track')
  return tracks
}

/** A title or place of a track, its length in ms and its tempo, as an XSPF file says them. */
export interface XspfTrack {
  title?: string | undefined
  creator?: string | undefined
  location?: string | undefined
  durationMs?: number | undefined
  bpm?: number | undefined
}

/**
 * Tracks of an XSPF playlist, from its elements.
 *
 * @throws PlaylistError when there is none, or one has neither title nor place
 */
export function readXspf(tracks: readonly XspfTrack[]): ReadTrack[] {
  if (tracks.length === 0) throw new PlaylistError(1, 'a track')
  return tracks.map(({ title, creator, location, durationMs, bpm: beats }, index): ReadTrack => {
    const name = title?.trim() || (location ? fileName(location) : '')
    if (name === '') throw new PlaylistError(index + 1, 'a title or a location')
    return {
      title: creator?.trim() ? `${creator.trim()}: ${name}` : name,
      ...(durationMs !== undefined && durationMs > 0 && { seconds: Math.max(1, Math.round(durationMs / 1000)) }),
      ...(beats !== undefined && { bpm: beats }),
    }
  })
}

/** A pause longer than this between two taps begins anew, ms. */
const TAPS_BROKEN_MS = 2500
const FEWEST_TAPS = 4

/**
 * The tempo of taps: sixty over the middle of the intervals since the last pause, so that one bad tap does no harm.
 *
 * @param taps times, ms, ascending
 * @returns beats a minute, to the nearest whole; undefined from fewer than four taps, or where it is no tempo of a class (30 to 240)
 */
export function tappedBpm(taps: readonly number[]): number | undefined {
  const intervals = taps.slice(1).map((tap, index) => tap - taps[index]!)
  const broken = intervals.findLastIndex((interval) => interval > TAPS_BROKEN_MS)
  const last = intervals.slice(broken + 1)
  if (last.length < FEWEST_TAPS - 1) return undefined
  const sorted = [...last].sort((a, b) => a - b)
  const half = sorted.length >> 1
  const middle = sorted.length % 2 === 1 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2
  const beats = Math.round(60_000 / middle)
  return beats >= 30 && beats <= 240 ? beats : undefined
}
