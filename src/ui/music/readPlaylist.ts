import { PlaylistError, type ReadTrack, readM3u, readXspf, type XspfTrack } from '@/core/music'

const textIn = (element: Element, name: string): string | undefined => element.getElementsByTagNameNS('*', name)[0]?.textContent ?? undefined
const numberIn = (text: string | undefined): number | undefined => {
  const number = Number(text)
  return text === undefined || text.trim() === '' || Number.isNaN(number) ? undefined : number
}

/** Elements of an XSPF file; its tempo stands in a meta element whose name ends in bpm, where it has one. */
function xspfTracks(text: string): XspfTrack[] {
  const document = new DOMParser().parseFromString(text, 'application/xml')
  if (document.getElementsByTagName('parsererror').length > 0) throw new PlaylistError(0, 'XML that is well formed')
  return [...document.getElementsByTagNameNS('*', 'track')].map((track) => {
    const meta = [...track.getElementsByTagNameNS('*', 'meta')].find((one) => /bpm$/i.test(one.getAttribute('rel') ?? ''))
    return {
      title: textIn(track, 'title'),
      creator: textIn(track, 'creator'),
      location: textIn(track, 'location'),
      durationMs: numberIn(textIn(track, 'duration')),
      bpm: numberIn(meta?.textContent ?? undefined),
    }
  })
}

/** A file as tracks, or why it cannot be taken; then nothing of it is. */
export function readPlaylist(name: string, text: string): ReadTrack[] | { refused: string } {
  try {
    return /^\s*(\ufeff)?\s*</.test(text) ? readXspf(xspfTracks(text)) : readM3u(text)
  } catch (error) {
    if (error instanceof PlaylistError)
      return { refused: error.at > 0 ? `${name}, track ${error.at}: expected ${error.expected}.` : `${name}: expected ${error.expected}.` }
    throw error
  }
}
