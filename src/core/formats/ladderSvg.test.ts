import { XMLParser, XMLValidator } from 'fast-xml-parser'
import { describe, expect, test } from 'vitest'
import { LIBRARY } from '@/content/movements'
import { PAPER_INK } from '@/ui/figure/paperInk'
import { ladderOf, pictureOf } from '../movement'
import { ladderSvg } from './ladderSvg'

const ladder = (id: string) => ({
  title: LIBRARY.movements.find((one) => one.id === id)!.name,
  steps: ladderOf(LIBRARY, id).map(({ variant }) => ({ name: variant.name, drawing: pictureOf(variant) })),
})
const read = (svg: string) => new XMLParser({ ignoreAttributes: false }).parse(svg).svg

describe('a ladder as a picture, read by another program', () => {
  test.each(LIBRARY.movements.map(({ id }) => id))('%s: well formed, all steps named, all figures within the picture', (id) => {
    const picture = ladder(id)
    const svg = ladderSvg(picture, PAPER_INK)
    expect(XMLValidator.validate(svg)).toBe(true)
    const found = read(svg)
    expect(found.title).toBe(picture.title)
    const groups = [found.g].flat()
    expect(groups.length).toBe(picture.steps.length)
    const [width, height] = [Number(found['@_width']), Number(found['@_height'])]
    groups.forEach((group: { '@_transform': string }, at: number) => {
      const [dx, dy, scale] = group['@_transform'].match(/-?[\d.]+/g)!.map(Number) as [number, number, number]
      const [x, y, w, h] = picture.steps[at]!.drawing.box
      expect(dx + x * scale).toBeGreaterThan(-1)
      expect(dx + (x + w) * scale).toBeLessThan(width + 1)
      expect(dy + y * scale).toBeGreaterThan(40)
      expect(dy + (y + h) * scale).toBeLessThan(height + 1)
    })
    const words = [found.text]
      .flat()
      .map((one: { '#text': string }) => String(one['#text']))
      .join(' ')
    for (const { name } of picture.steps) for (const word of name.split(' ')) expect(words).toContain(word.replace(/&amp;/g, '&'))
    // nothing from elsewhere, nothing that runs
    expect(svg).not.toMatch(/<script|href=|url\(|@import/)
  })
  test('names with signs of their own stay what they are', () => {
    const [step] = ladder('march').steps
    const svg = ladderSvg({ title: 'Up & <down>', steps: [{ name: '"A" & B', drawing: step!.drawing }] }, PAPER_INK)
    expect(XMLValidator.validate(svg)).toBe(true)
    expect(read(svg).title).toBe('Up &amp; <down>'.replace('&amp;', '&'))
  })
})
