import type { Playlist } from './playlist'

/** No line of an M3U file may break, and a title has no comma's meaning after the first. */
const oneLine = (text: string): string => text.replaceAll(/\s+/g, ' ').trim()
/** Where a track lies is not known here: its name stands for it, as a relative address. */
const placeOf = (title: string): string => encodeURIComponent(oneLine(title))

/** A playlist as an extended M3U file in UTF-8: length in whole seconds, tempo as an attribute where it is known, title. */
export const writeM3u = ({ name, tracks }: Playlist): string =>
  [
    '#EXTM3U',
    ...(name === '' ? [] : [`#PLAYLIST:${oneLine(name)}`]),
    ...tracks.flatMap(({ title, seconds, bpm }) => [
      `#EXTINF:${seconds}${bpm === undefined ? '' : ` bpm="${bpm}"`},${oneLine(title)}`,
      placeOf(title),
    ]),
    '',
  ].join('\n')

const escaped = (text: string): string => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;')
/** Whose meaning a meta element has is said by an address (XSPF 1); the reader looks at its last part. */
const BPM_REL = 'urn:velvet-step:bpm'

/** A playlist as an XSPF file, version 1: length in milliseconds, tempo as a meta element where it is known. */
export const writeXspf = ({ name, tracks }: Playlist): string =>
  [
    '<?xml version="1.0" encoding="UTF-8"?>',
    '<playlist version="1" xmlns="http://xspf.org/ns/0/">',
    ...(name === '' ? [] : [`  <title>${escaped(name)}</title>`]),
    '  <trackList>',
    ...tracks.flatMap(({ title, seconds, bpm }) => [
      '    <track>',
      `      <location>${escaped(placeOf(title))}</location>`,
      `      <title>${escaped(title)}</title>`,
      `      <duration>${seconds * 1000}</duration>`,
      ...(bpm === undefined ? [] : [`      <meta rel="${BPM_REL}">${bpm}</meta>`]),
      '    </track>',
    ]),
    '  </trackList>',
    '</playlist>',
    '',
  ].join('\n')
