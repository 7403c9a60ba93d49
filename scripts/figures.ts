/** `npm run figures [folder]`: draws every variant of the library, all its poses, to PNG sheets outside the repository. */
import { mkdirSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { chromium } from '@playwright/test'
import { createElement } from 'react'
import { renderToStaticMarkup } from 'react-dom/server'
import { LIBRARY } from '../src/content/movements'
import { pictureOf } from '../src/core/movement'
import { commonBox, FigureDrawing } from '../src/ui/figure/FigureDrawing'
import { CHROMIUM } from './hall.mjs'

const COLUMNS = 7
const ROWS = 6
const folder = path.resolve(process.argv[2] ?? path.join(tmpdir(), 'velvet-figures'))
mkdirSync(folder, { recursive: true })

const COLOURS = `--fig-skin:#c1957a;--fig-hair:#8d959b;--fig-top:#75456f;--fig-top-far:#5f365a;--fig-legs:#3c5462;--fig-legs-far:#2f434f;--fig-shoe:#24292c;--fig-prop:#a89b83;--fig-prop-far:#c3b9a6;--fig-load:#8a5310;--fig-gap:#fff;--line:#ccc`

const cells = LIBRARY.entries.map(({ movement, variant }) => {
  const drawings = variant.poses.map((_, pose) => pictureOf(variant, undefined, pose))
  const box = commonBox(drawings)
  const figures = drawings.map((drawing, index) =>
    renderToStaticMarkup(createElement(FigureDrawing, { drawing, label: `${variant.id} ${index}`, box, className: 'f' })),
  )
  return `<div class="c"><div class="r">${figures.join('')}</div><p>${variant.id}</p><p class="s">${movement.name}: ${variant.name}</p></div>`
})

const browser = await chromium.launch(CHROMIUM)
const page = await browser.newPage({ viewport: { width: COLUMNS * 236, height: ROWS * 196 } })
const size = COLUMNS * ROWS
for (let sheet = 0; sheet * size < cells.length; sheet++) {
  await page.setContent(
    `<style>body{margin:0;${COLOURS};font:11px sans-serif;display:grid;grid-template-columns:repeat(${COLUMNS},236px)}.c{height:196px;border:1px solid #eee;overflow:hidden}.r{display:flex;height:160px;justify-content:center}.f{height:156px;flex:1;min-width:0}p{margin:0 3px;white-space:nowrap;overflow:hidden}.s{color:#666}</style>${cells.slice(sheet * size, (sheet + 1) * size).join('')}`,
  )
  await page.screenshot({ path: path.join(folder, `sheet-${String(sheet + 1).padStart(2, '0')}.png`) })
}
await browser.close()
process.stdout.write(
  `${LIBRARY.entries.length} variants of ${LIBRARY.movements.length} movements on ${Math.ceil(cells.length / size)} sheets in ${folder}\n`,
)
