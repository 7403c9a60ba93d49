import { kgOf } from '../vocabulary'
import { type PlanDose, planDoseSchema } from './dose'

/** What was understood of a dose that was typed as it is said. */
export interface SaidDose {
  /** the fields that were named */
  part: Partial<PlanDose>
  /** fields that cannot stand beside them */
  unset: (keyof PlanDose)[]
  /** words that were not understood */
  unknown: string[]
}

const NUMBER_WORDS = [
  ...['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'],
  ...['thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen', 'twenty'],
]
/** Words that say nothing by themselves. */
const FILLERS =
  /^(of|and|then|with|the|at|for|in|a|an|to|on|by|each|every|per|sets?|reps?|repetitions?|times?|x|about|end|count|counts|s|sec|secs|seconds?)$/

const N = '(\\d+(?:\\.\\d+)?)'
const S = '(?:s|secs?|seconds?)'
const TIME = `(?:(\\d+):(\\d\\d)|${N} ?(?:min|mins|minutes?)|${N} ?${S}?)`

/** Seconds of the three ways in which `TIME` is written. */
const timeOf = (minutes?: string, seconds?: string, wholeMinutes?: string, plain?: string): number =>
  minutes !== undefined ? Number(minutes) * 60 + Number(seconds) : wholeMinutes !== undefined ? Number(wholeMinutes) * 60 : Number(plain)

type Take = (found: (string | undefined)[], dose: Partial<PlanDose>) => void
/** What is looked for, the longer sayings first; each takes its words away. */
const SAYINGS: [RegExp, Take][] = [
  // tempo in counts: "4 up 4 down", "2 up, 1 hold, 3 down"
  [
    new RegExp(`${N} up,? ?(?:${N} (?:hold|held|stay),? ?)?(?:and )?${N} down`),
    ([up, hold, down], dose) => (dose.tempo = { by: 'counts', up: Number(up), hold: Number(hold ?? 0), down: Number(down) }),
  ],
  [new RegExp(`(?:on |over )?${N} beats?(?: each| a rep(?:etition)?)?`), ([beats], dose) => (dose.tempo = { by: 'beats', beats: Number(beats) })],
  [
    new RegExp(`${N} ?${S} (?:each|a rep(?:etition)?|per rep(?:etition)?)`),
    ([seconds], dose) => (dose.tempo = { by: 'seconds', seconds: Number(seconds) }),
  ],
  [/\b(?:slow(?:ly)?|controlled)\b/, (_, dose) => (dose.tempo = { by: 'controlled' })],
  // holds
  [new RegExp(`(?:hold|held)(?: for)? ${N} breaths?|${N} breaths?(?: hold)?`), ([a, b], dose) => (dose.holdBreaths = Number(a ?? b))],
  [new RegExp(`(?:hold|held)(?: for)? ${N} counts?|${N} counts? hold`), ([a, b], dose) => (dose.holdCounts = Number(a ?? b))],
  [new RegExp(`(?:hold|held)(?: for)? ${N} ?${S}?|${N} ?${S}? (?:hold|held)`), ([a, b], dose) => (dose.holdSeconds = Number(a ?? b))],
  // rests
  [/\bno rest\b/, (_, dose) => (dose.restSeconds = 0)],
  [new RegExp(`rest(?: of| for)? ${TIME}`), (found, dose) => (dose.restSeconds = timeOf(...found))],
  [new RegExp(`${TIME} (?:of )?(?:rest|off)\\b`), (found, dose) => (dose.restSeconds = timeOf(...found))],
  // load, effort, the end of a set
  [new RegExp(`${N} ?(kg|lbs?|pounds?)\\b`), ([mass, unit], dose) => (dose.loadKg = kgOf(Number(mass), unit === 'kg' ? 'kg' : 'lb'))],
  [new RegExp(`(?:effort|rpe) ${N}`), ([rpe], dose) => (dose.rpe = Number(rpe))],
  [new RegExp(`(?:and )?${N} pulses?(?: at the end| to finish)?`), ([pulses], dose) => (dose.finish = { pulses: Number(pulses) })],
  // sides
  [/\b(?:a|per|each|every) side\b/, (_, dose) => (dose.counted = 'per-side')],
  [/\b(?:in all|in total|altogether|all together)\b/, (_, dose) => (dose.counted = 'in-all')],
  [/\b(?:alternating|alternately|in turn|taking turns)\b/, (_, dose) => (dose.sides = 'alternating')],
  [/\bone side(?:,)? then the other\b/, (_, dose) => (dose.sides = 'one-then-other')],
  [/\bboth sides(?: together)?\b/, (_, dose) => (dose.sides = 'both')],
  [/\b(left|right)(?: only| side)?\b/, ([side], dose) => (dose.sides = side as 'left' | 'right')],
  // work by the clock or by counts
  [new RegExp(`${N} counts?`), ([counts], dose) => (dose.workCounts = Number(counts))],
  [new RegExp(`${TIME} on\\b`), (found, dose) => (dose.workSeconds = timeOf(...found))],
  // sets
  [
    new RegExp(`${N} sets?(?: of)? ${N}(?: reps?| times)?(?! ?(?:s|sec|min|:))\\b`),
    ([sets, reps], dose) => Object.assign(dose, { sets: Number(sets), reps: Number(reps) }),
  ],
  [new RegExp(`${N} ?x ?${N}(?! ?(?:s|sec|min|:))\\b`), ([sets, reps], dose) => Object.assign(dose, { sets: Number(sets), reps: Number(reps) })],
  [new RegExp(`${N} sets?\\b`), ([sets], dose) => (dose.sets = Number(sets))],
  [new RegExp(`${N} ?x(?= |$)|${N} rounds?\\b`), ([a, b], dose) => (dose.sets = Number(a ?? b))],
  [/(\d+) ?x ?(?=\d+ ?(?:s|sec|min|:))/, ([sets], dose) => (dose.sets = Number(sets))],
  [/(\d+(?: then \d+)+)/, ([list], dose) => (dose.eachSet = list!.split(' then ').map((reps) => ({ reps: Number(reps) })))],
  [/(\d+(?:(?: ?- ?| |, ?)\d+){2,})/, ([list], dose) => (dose.shrinking = list!.split(/[^\d]+/).map(Number))],
  [new RegExp(`(?:(\\d+):(\\d\\d)|${N} ?(?:min|mins|minutes?)|${N} ?${S})\\b`), (found, dose) => (dose.workSeconds = timeOf(...found))],
  // with a length said already, "ten times" are sets
  [
    /(\d+) (?:times|reps?|repetitions?)/,
    ([times], dose) => Object.assign(dose, dose.workSeconds === undefined ? { reps: Number(times) } : { sets: Number(times) }),
  ],
  [/(\d+)/, ([reps], dose) => (dose.reps ??= Number(reps))],
]

/** Amounts of a set: one of them at a time. */
const AMOUNTS = ['reps', 'workSeconds', 'workCounts', 'shrinking', 'eachSet'] as const
const HOLDS = ['holdSeconds', 'holdCounts', 'holdBreaths'] as const

/**
 * Understands a dose as instructors say it: "2 sets of 12 a side, slow, 20 rest", "45 on, 15 off, ten times", "8 4 2 1", "hold 3 breaths".
 * What is not understood is named and changes nothing.
 */
export function sayDose(typed: string): SaidDose {
  let rest = ` ${typed.toLowerCase().replace(/[×✕*]/g, 'x').replace(/[–—]/g, '-')} `
  NUMBER_WORDS.forEach((word, index) => {
    rest = rest.replace(new RegExp(`\\b${word}\\b(?! side)`, 'g'), String(index + 1))
  })
  const part: Partial<PlanDose> = {}
  for (const [saying, take] of SAYINGS) {
    const found = saying.exec(rest)
    if (!found) continue
    take(found.slice(1), part)
    rest = rest.replace(found[0], ' , ')
  }
  if (part.eachSet) part.sets = part.eachSet.length
  const amounts = AMOUNTS.filter((name) => part[name] !== undefined)
  const unset: (keyof PlanDose)[] = []
  if (amounts.length > 0) unset.push(...AMOUNTS.filter((name) => part[name] === undefined))
  // as many own sets as there are sets
  if (part.sets !== undefined && part.eachSet === undefined && !unset.includes('eachSet')) unset.push('eachSet')
  if (HOLDS.some((name) => part[name] !== undefined)) {
    unset.push(...HOLDS.filter((name) => part[name] === undefined && name !== 'holdSeconds'))
    if (part.holdSeconds === undefined) part.holdSeconds = 0
  }
  const unknown = rest.split(/[\s,;.]+/).filter((word) => word !== '' && word !== '-' && !FILLERS.test(word))
  return { part, unset, unknown }
}

/** A dose with what was said on top of it; undefined where that is no dose. @param before what it was */
export function withSaid(before: PlanDose, { part, unset }: SaidDose): PlanDose | undefined {
  const next = { ...before, ...part }
  for (const key of unset) delete next[key]
  const parsed = planDoseSchema.safeParse(next)
  return parsed.success ? parsed.data : undefined
}
