import { LIBRARY } from '../src/content/movements/index'
const want = new RegExp(process.argv[2]!)
for (const e of LIBRARY.entries) if (want.test(e.variant.id)) { const {setup,do:d,breath,watch}=e.variant.cues; console.log(e.variant.id,'|',e.variant.name,'|',e.variant.step,'|',e.variant.kit.join(),'|S',setup,'|D',d,'|B',breath,'|W',watch, '|', JSON.stringify(e.variant.dose), JSON.stringify(e.variant.tempo)) }
