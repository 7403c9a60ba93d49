import type { InkOf } from '@/core/formats'

/** Colours of a figure on paper, as the style sheet of the light theme has them: a file that leaves the house has no style sheet. */
export const PAPER_INK: InkOf = {
  skin: '#c1957a',
  hair: '#8d959b',
  top: '#75456f',
  topFar: '#5f365a',
  legs: '#3c5462',
  legsFar: '#2f434f',
  shoe: '#24292c',
  prop: '#a89b83',
  propFar: '#c3b9a6',
  load: '#8a5310',
  band: '#8a5310',
  ground: '#b9c7c4',
  gap: '#ffffff',
  text: '#1b2529',
  paper: '#ffffff',
}
