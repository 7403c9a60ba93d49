import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { clicksOf, notesOf, PlaylistError, playlistSchema, RECIPES, readM3u, readXspf, tappedBpm } from '.'

describe('playlist files', () => {
  test('an extended M3U: length, tempo and title; a track without says what it can', () => {
    const text =
      '\ufeff#EXTM3U\r\n#EXTINF:214 bpm="112",Weir Lane: Oars\r\nmusic/oars.mp3\r\n#EXTINF:-1,Unknown length\nb.ogg\n\n# a remark\nC:\\sets\\Slow%20Rain.flac\n'
    expect(readM3u(text)).toEqual([{ title: 'Weir Lane: Oars', seconds: 214, bpm: 112 }, { title: 'Unknown length' }, { title: 'Slow Rain' }])
  })
  test.each([
    ['no track at all', '#EXTM3U\n', 1],
    ['a track without a place', '#EXTM3U\n#EXTINF:10,A\na.mp3\n#EXTINF:20,B\n', 2],
    ['two headers for one place', '#EXTINF:10,A\n#EXTINF:20,B\nb.mp3', 1],
  ])('%s is refused whole, with its place', (_name, text, at) => {
    expect(() => readM3u(text)).toThrow(PlaylistError)
    try {
      readM3u(text)
    } catch (error) {
      expect((error as PlaylistError).at).toBe(at)
    }
  })
  test('elements of an XSPF: milliseconds, creator and title, or the name of its place', () => {
    expect(readXspf([{ creator: 'Weir Lane', title: 'Oars', durationMs: 214_400, bpm: 112 }, { location: 'file:///sets/Slow%20Rain.flac' }])).toEqual(
      [{ title: 'Weir Lane: Oars', seconds: 214, bpm: 112 }, { title: 'Slow Rain' }],
    )
    expect(() => readXspf([{ title: 'A' }, { durationMs: 1 }])).toThrow('entry 2')
    expect(() => readXspf([])).toThrow(PlaylistError)
  })
  test('whatever is written, it is read or refused, and never half', () =>
    fc.assert(
      fc.property(fc.array(fc.oneof(fc.string(), fc.constantFrom('#EXTM3U', '#EXTINF:12,A', 'a.mp3', '#EXTINF:x,B')), { maxLength: 12 }), (lines) => {
        try {
          for (const { title } of readM3u(lines.join('\n'))) expect(title.length).toBeGreaterThan(0)
        } catch (error) {
          expect(error).toBeInstanceOf(PlaylistError)
        }
      }),
    ))
})

describe('a tempo that is tapped', () => {
  test.each([40, 92, 108, 128, 200])('%d beats a minute', (bpm) =>
    expect(tappedBpm(Array.from({ length: 6 }, (_, index) => 5000 + (index * 60_000) / bpm))).toBe(bpm),
  )
  test('one tap that came late, or was missed, does no harm', () => {
    const steady = Array.from({ length: 9 }, (_, index) => index * 500)
    expect(tappedBpm(steady.map((tap, index) => (index === 4 ? tap + 120 : tap)))).toBe(120)
    expect(tappedBpm(steady.filter((_, index) => index !== 4))).toBe(120)
  })
  test('a pause begins anew, three taps are too few, and what is no tempo is none', () => {
    expect(tappedBpm([0, 500, 1000, 1500, 9000, 9600, 10_200, 10_800])).toBe(100)
    expect(tappedBpm([0, 500, 1000])).toBeUndefined()
    expect(tappedBpm([0, 100, 200, 300])).toBeUndefined()
  })
})

describe.each(RECIPES)('$title', (recipe) => {
  test('has a drum on each beat where it says so, and everything within its length', () => {
    const notes = notesOf(recipe, 0, 60)
    const drums = notes.filter(({ voice }) => voice === 'drum')
    expect(drums.length).toBe(recipe.drum ? recipe.bpm : 0)
    for (const [index, { at }] of drums.entries()) expect(at).toBeCloseTo((index * 60) / recipe.bpm, 6)
    expect(notesOf(recipe, recipe.seconds, recipe.seconds + 60)).toEqual([])
    for (const { hz, voice, loudness } of notes) {
      if (voice !== 'drum' && voice !== 'brush') expect(hz).toBeGreaterThan(40)
      expect(loudness).toBeLessThanOrEqual(1)
    }
  })
  test('sounds the same wherever one begins: parts put together are the whole', () =>
    fc.assert(
      fc.property(fc.double({ min: 0, max: recipe.seconds, noNaN: true }), (at) => {
        expect([...notesOf(recipe, 0, at), ...notesOf(recipe, at, recipe.seconds)]).toEqual(notesOf(recipe, 0, recipe.seconds))
      }),
      { numRuns: 15 },
    ))
  test('can be a track of a playlist', () => {
    const { key, title, seconds, bpm } = recipe
    expect(playlistSchema.safeParse({ tracks: [{ id: 't', title, seconds, bpm, made: key }] }).success).toBe(true)
  })
})

test('clicks come on every beat, the first of four louder, and parts put together are the whole', () => {
  const clicks = clicksOf(120, 0, 4)
  expect(clicks.map(({ at }) => at)).toEqual([0, 0.5, 1, 1.5, 2, 2.5, 3, 3.5])
  expect(clicks.map(({ loudness }) => loudness === 1)).toEqual([true, false, false, false, true, false, false, false])
  expect([...clicksOf(90, 0, 7.3), ...clicksOf(90, 7.3, 20)]).toEqual(clicksOf(90, 0, 20))
})
