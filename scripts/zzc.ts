import { LIBRARY } from '../src/content/movements/index'
for (const e of LIBRARY.entries) console.log([e.variant.id, e.planned.basePosition, e.variant.cues.watch].join('\t'))
