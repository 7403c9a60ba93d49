import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import { PAPER_INK } from './paperInk'

test('figures in a file have the colours of the light theme', () => {
  const css = readFileSync('src/app/globals.css', 'utf8')
  for (const tone of ['skin', 'hair', 'top', 'topFar', 'legs', 'legsFar', 'shoe', 'prop', 'propFar', 'load'] as const) {
    const name = `--fig-${tone.replace('Far', '-far')}`
    // the first of a name is that of the light theme
    expect(new RegExp(`${name}: (#[0-9a-f]{6})`).exec(css)?.[1], name).toBe(PAPER_INK[tone])
  }
})
