import type { KitNeed } from '@/core/evaluate'
import { clock } from '@/core/timing'
import { type MassUnit, sayMass } from '@/core/vocabulary'
import { KIT_WORDS } from '../fit/warningWords'
import { sentence } from '../shell/list'

/** One kind of kit, with how much of it. */
export function kitAmountWords({ kit, people, loads, bands }: KitNeed, unit: MassUnit): string {
  const each = [
    ...loads.map(({ kg, people: many }) => (many > 0 ? `${many} × ${sayMass(kg, unit)}` : sayMass(kg, unit))),
    ...bands.map(({ name, people: many }) => `${many} × ${name.split(',')[0]!}`),
  ]
  const amount = each.length > 0 ? each.join(', ') : people > 0 ? String(people) : 'one each'
  return `${sentence(kit === 'mat' ? 'mats' : KIT_WORDS[kit])}: ${amount}`
}

/** One kind of kit to set out, as a line. @param nameOf what an item is called */
export const kitListWords = (need: KitNeed, nameOf: (item: string) => string, unit: MassUnit): string =>
  `${kitAmountWords(need, unit)}, from ${clock(need.fromSeconds)} (${nameOf(need.firstItem).toLowerCase()}) to ${clock(need.untilSeconds)}`
