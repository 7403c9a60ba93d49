import type { Drawing, Tone } from '../body'

/** A ladder as it is drawn in a file: every step with its name, gentlest first. */
export interface LadderPicture {
  title: string
  steps: { name: string; drawing: Drawing }[]
}
export type InkOf = Record<Tone | 'gap' | 'text' | 'paper', string>

/** Width of a step, px; a person of 1.7 m is about 190 px high. */
const STEP = 210
const METRE = 110
const MARGIN = 24
const TITLE = 52
const LINE = 20
/** So many letters of a name fit under a step. */
const LETTERS = 24
const MOST_A_ROW = 5

const escaped = (text: string): string => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;')

/** Words in lines of so many letters; a word that is longer stands alone. */
function inLines(text: string): string[] {
  const lines: string[] = []
  for (const word of text.split(' ')) {
    const last = lines.at(-1)
    if (last !== undefined && last.length + word.length < LETTERS) lines[lines.length - 1] = `${last} ${word}`
    else lines.push(word)
  }
  return lines
}

/** A figure with its feet on a line, all figures of a ladder in one scale. */
function figure({ layers, box: [x, y, width, height] }: Drawing, left: number, ground: number, ink: InkOf): string {
  const shapes = layers.flatMap(({ shapes: all }) => [
    ...all.flatMap(({ line, path }) =>
      line ? [] : [`<path d="${path}" fill="none" stroke="${ink.gap}" stroke-width="0.018" stroke-linejoin="round"/>`],
    ),
    ...all.map(({ line, path, tone }) =>
      line
        ? `<path d="${path}" fill="none" stroke="${ink[tone]}" stroke-width="${line}" stroke-linejoin="round" stroke-linecap="round"/>`
        : `<path d="${path}" fill="${ink[tone]}"/>`,
    ),
  ])
  const at = `translate(${(left + (STEP - width * METRE) / 2 - x * METRE).toFixed(1)} ${(ground - (y + height) * METRE).toFixed(1)}) scale(${METRE})`
  return `<g transform="${at}">${shapes.join('')}</g>`
}

/**
 * A ladder as a picture that stands by itself (SVG 1.1): steps from the gentlest on, five in a row, each with its figure and its name. No script, no
 * font and nothing from elsewhere is in it.
 */
export function ladderSvg({ title, steps }: LadderPicture, ink: InkOf): string {
  const columns = Math.min(MOST_A_ROW, steps.length)
  const rows = Array.from({ length: Math.ceil(steps.length / MOST_A_ROW) }, (_, row) => steps.slice(row * MOST_A_ROW, (row + 1) * MOST_A_ROW))
  const width = 2 * MARGIN + Math.max(2, columns) * STEP
  const parts: string[] = []
  let top = MARGIN + TITLE
  for (const [row, all] of rows.entries()) {
    const tallest = Math.max(...all.map(({ drawing }) => drawing.box[3] * METRE))
    const lines = all.map(({ name }, at) => inLines(`${row * MOST_A_ROW + at + 1}. ${name}`))
    const ground = top + tallest
    all.forEach(({ drawing }, at) => {
      const left = MARGIN + at * STEP
      parts.push(figure(drawing, left, ground, ink))
      lines[at]!.forEach((line, below) => {
        parts.push(`<text x="${left + STEP / 2}" y="${(ground + 26 + below * LINE).toFixed(1)}" text-anchor="middle">${escaped(line)}</text>`)
      })
    })
    top = ground + 26 + Math.max(...lines.map(({ length }) => length)) * LINE + MARGIN
  }
  const height = Math.ceil(top)
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}" font-family="Atkinson Hyperlegible, Verdana, sans-serif" font-size="16" fill="${ink.text}">`,
    `<title>${escaped(title)}</title>`,
    `<rect width="${width}" height="${height}" fill="${ink.paper}"/>`,
    `<text x="${MARGIN}" y="${MARGIN + 28}" font-size="28" font-weight="bold">${escaped(title)}</text>`,
    ...parts,
    '</svg>',
    '',
  ].join('\n')
}
