import type { Answers } from '@/core/client'

/** What somebody of Tarnbeck ticked; every other question that was due they answered with its plain answer. */
export interface DemoForm {
  /** weeks ago */
  weeksAgo: number
  ticked: Record<string, readonly string[]>
  follow?: Record<string, Answers[string]['follow']>
}

const form = (ticked: DemoForm['ticked'], rest: Partial<Omit<DemoForm, 'ticked'>> = {}): DemoForm => ({ weeksAgo: 12, ticked, ...rest })

/** By first name. Petra and Wilf have not answered yet, so that a class without an answer can be seen. */
export const DEMO_FORMS: Record<string, DemoForm> = {
  Alba: form({ G0: ['leg'], G15c: ['knee'], G9: ['none'] }, { follow: { G15c: { knee: { side: 'right', pain: 3 } } } }),
  Bertil: form({ G0: ['senses'], G5: ['treated'], G5b: ['fine'], G18: ['partial'] }),
  Corisande: form({ G0: ['bones'], G7b: ['osteoporosis'], G13: ['hands'], G13b: ['no'], G9c: ['no'] }),
  Desmond: form({ G0: ['nerves'], G10: ['pd-early'] }),
  Edda: form({ G1: ['weak-heart'], G4b: ['no'] }),
  Fenwick: form({ G0: ['aid'], G19: ['chair-all'], G13: ['sore'], G13b: ['no'] }),
  Greta: form({ G0: ['joint'], G16: ['hip-back'] }, { follow: { G16: { 'hip-back': { side: 'left', pain: 1 } } } }),
  Hartley: form({ G4: ['copd-mild'], G4c: ['no'] }),
  Ingrid: form({ G0: ['arm'], G15b: ['shoulder'] }, { follow: { G15b: { shoulder: { side: 'left', pain: 5, nights: true } } } }),
  Jory: form({ G0: ['numb'], G6: ['insulin'], G6b: ['always'], G6c: ['feet-numb'] }),
  Kestrel: form(
    { G0: ['nerves', 'aid'], G10: ['stroke-aid'], G19: ['stick'], G13: ['sore'] },
    { follow: { G10: { 'stroke-aid': { side: 'right' } } } },
  ),
  Lorna: form({ G3: ['spinning-past'] }),
  Maren: form({ G23: ['pregnant'], W15: ['regular'] }, { weeksAgo: 4 }),
  Nadine: form({ G23: ['pregnant'], W15: ['jump'] }, { weeksAgo: 4 }),
  Orla: form({ G23: ['pregnant'], W8: ['mild'], W15: ['regular'] }, { weeksAgo: 1 }),
  Quilla: form({ G23: ['birth'], W9: ['caesarean'], W10: ['gap'] }, { weeksAgo: 4 }),
  Runa: form(
    { G0: ['arm'], G15b: ['tingling'], G23: ['pregnant'], W15: ['regular'] },
    { weeksAgo: 4, follow: { G15b: { tingling: { side: 'both' } } } },
  ),
  Silas: form({ G0: ['back'], G15: ['back'] }, { follow: { G15: { back: { pain: 2 } } } }),
  Thora: form({ G0: ['back'], G15: ['back-bend'] }, { follow: { G15: { 'back-bend': { pain: 4 } } } }),
  Ulric: form({ G0: ['back'], G15: ['narrow'], G13b: ['no'] }),
  Verity: form({ G0: ['back'], G15: ['leg-pain'] }, { follow: { G15: { 'leg-pain': { pain: 4 } } } }),
  Xanthe: form({ G0: ['joints'], G15d: ['loose'] }),
  Yorick: form({ G0: ['joints'], G15d: ['as-mobile'] }),
  Zelda: form({ G0: ['bones'], G7b: ['osteoporosis'] }),
  Anselma: form({ G0: ['bones'], G7b: ['osteopenia'] }),
  Birgit: form({ G0: ['bones'], G7: ['spine-old'], G7b: ['osteoporosis'] }),
  Cosmo: form({ G0: ['bones'], G7b: ['osteopenia'], G9: ['once'], G9b: ['trip'] }),
  Dorothea: form({ G0: ['bones'], G7b: ['osteoporosis'] }),
  Evander: form({ G1: ['heart-attack'], G12: ['beta'] }),
}
