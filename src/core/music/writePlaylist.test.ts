import fc from 'fast-check'
import { XMLParser } from 'fast-xml-parser'
import { expect, test } from 'vitest'
import { type Playlist, type ReadTrack, readM3u, readXspf } from './playlist'
import { writeM3u, writeXspf } from './writePlaylist'

const line = fc
  .string({ minLength: 1, maxLength: 40, unit: 'grapheme' })
  .map((text) => text.replaceAll(/[\p{C}\p{Z}\s]+/gu, ' ').trim())
  .filter((text) => text !== '')
const track = fc.record(
  { id: fc.constant('t'), title: line, seconds: fc.integer({ min: 1, max: 7200 }), bpm: fc.integer({ min: 30, max: 240 }) },
  { requiredKeys: ['id', 'title', 'seconds'] },
)
const playlist = fc.record({ name: line, tracks: fc.array(track, { minLength: 1, maxLength: 8 }) }) as fc.Arbitrary<Playlist>
const bare = ({ tracks }: Playlist): ReadTrack[] => tracks.map(({ title, seconds, bpm }) => ({ title, seconds, ...(bpm !== undefined && { bpm }) }))

test('what is written as M3U is read again: title, length, tempo', () =>
  fc.assert(
    fc.property(playlist, (list) => {
      expect(readM3u(writeM3u(list))).toEqual(bare(list))
    }),
  ))

test('what is written as XSPF is what a reader of XML that nobody here wrote finds in it', () =>
  fc.assert(
    fc.property(playlist, (list) => {
      const xml = new XMLParser({ ignoreAttributes: false, parseTagValue: false, trimValues: false, isArray: (name) => name === 'track' })
      const { playlist: found } = xml.parse(writeXspf(list))
      expect(found['@_version']).toBe('1')
      expect(found.title).toBe(list.name)
      const read = readXspf(
        found.trackList.track.map((one: Record<string, string> & { meta?: { '#text': string } }) => ({
          title: one.title,
          location: one.location,
          durationMs: Number(one.duration),
          bpm: one.meta && Number(one.meta['#text']),
        })),
      )
      expect(read).toEqual(bare(list))
    }),
  ))
