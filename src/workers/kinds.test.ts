import { beforeAll, describe, expect, test } from 'vitest'
import { CONDITIONS } from '@/content/conditions'
import { demoPeople } from '@/content/demo'
import { LIBRARY } from '@/content/movements'
import { clientSchema, factsOn } from '@/core/client'
import { fitted, repair, type Solver } from '@/core/compose'
import { assessRoster, evaluate, inGroup, type Judged, troublesOf } from '@/core/evaluate'
import { itemsOf, type Plan, type PlanInput, planSchema, soundPlan } from '@/core/plan'
import { buildRuleBase } from '@/core/safety'
import { HOUSE_RATES } from '@/core/timing'
import { ROOM_KIT } from '@/core/vocabulary'
import { highsSolver, loadSolver } from './highsSolver'

/**
 * Kinds of class that are taught to these groups, each written by hand from the library alone, for people of the demo whom it is for: no movement has to be
 * described in words because the library lacks it.
 */
interface Kind {
  minutes: number
  /** given names of the demo */
  people: readonly string[]
  /** versions by part */
  warm: readonly string[]
  main: readonly string[]
  cool: readonly string[]
}
const OLDER = ['Alba', 'Bertil', 'Greta', 'Ingrid', 'Jory']
const BONES = ['Zelda', 'Birgit', 'Cosmo', 'Dorothea', 'Anselma']
const EXPECTING = ['Maren', 'Nadine', 'Petra', 'Runa']
const BACKS = ['Silas', 'Thora', 'Ulric', 'Wilf', 'Xanthe']
const FIT = ['Xanthe', 'Yorick', 'Wilf', 'Lorna']

const KINDS: Readonly<Record<string, Kind>> = {
  'strength on the chair': {
    minutes: 30,
    people: OLDER,
    warm: ['march/seated', 'shoulder-roll/seated', 'breath-reach/seated', 'ankle-circles/seatBack', 'trunk-turn/seat'],
    main: [
      'leg-extension/seat',
      'row/squeeze',
      'squat-curl/seat',
      'chest-press/seat',
      'side-leg-lift/seated',
      'lateral-raise/seat',
      'heel-raise/seated',
    ],
    cool: ['hamstring-stretch/seated', 'chest-open/low-v', 'side-stretch/seat', 'belly-breath/seat'],
  },
  'cardio on the chair': {
    minutes: 25,
    people: OLDER,
    warm: ['march/seated', 'arm-swing/seat', 'heel-dig/seat', 'breath-reach/half'],
    main: [
      'jog-press/seat',
      'side-step-curl/seat',
      'cross-and-press/seat',
      'flutter-turn/seat',
      'press-back-tap/seat',
      'scissor-jab/seat',
      'high-low-punch/seat',
      'jack/seat',
    ],
    cool: ['calf-stretch/seatBack', 'upper-back-hug/seat', 'long-out-breath/seat', 'hamstring-stretch/heel-forward'],
  },
  'standing strength with a chair': {
    minutes: 30,
    people: FIT,
    warm: ['march/held', 'hip-circles/hold2', 'shoulder-roll/elbow', 'weight-shift/held'],
    main: [
      'squat/hold1',
      'one-arm-row/hold1',
      'back-leg-lift/hold1',
      'push-up/wall2',
      'side-leg-lift/one-hand',
      'heel-raise/one-hand',
      'curl-press/free',
    ],
    cool: ['calf-stretch/wall2', 'quad-stretch/hold2', 'hamstring-standing/hold2', 'chest-open/wide', 'breath-reach/standing'],
  },
  'squats with arms': {
    minutes: 25,
    people: FIT,
    warm: ['march/free', 'hip-circles/free', 'arm-circles/free'],
    main: ['squat-curl/free', 'squat-press/hold1', 'squat-push/free', 'three-squats-press/free', 'held-squat-arms/hold1', 'squat-low-kick/hold1'],
    cool: ['quad-stretch/hold2', 'inner-thigh-shift/hold2', 'cross-body-stretch/free', 'breath-reach/standing'],
  },
  'one arm in a split stance, with weights': {
    minutes: 30,
    people: FIT,
    warm: ['step-touch/free', 'arm-swing/free', 'hip-turn/hold2'],
    main: [
      'split-row/hold1',
      'split-kick-back/hold1',
      'split-both-arms/free',
      'split-curl/hold1',
      'split-front-raise/hold1',
      'hinge-row/narrow',
      'seesaw-row/free',
    ],
    cool: ['hip-flexor-stretch/hold2', 'triceps-stretch/free', 'chest-open/wide', 'breath-reach/standing'],
  },
  'bones: hinges, hips and posture': {
    minutes: 30,
    people: BONES,
    warm: ['march/held', 'weight-shift/held', 'grow-tall/seat', 'heel-toe-rock/hold2'],
    main: ['hinge/held', 'sit-to-stand/hands', 'row/squeeze', 'back-leg-lift/hold2', 'heel-drop/hold2', 'side-leg-lift/two-hands', 'stamp/hold2'],
    cool: ['chest-open/low-v', 'calf-stretch/wall2', 'hamstring-stretch/seated', 'breath-reach/seated'],
  },
  'steady on the feet': {
    minutes: 25,
    people: ['Alba', 'Bertil', 'Jory', 'Cosmo', 'Dorothea'],
    warm: ['march/held', 'ankle-circles/hold2', 'weight-shift/one-hand'],
    main: [
      'steady-stand/together',
      'clock-reach/hold2',
      'heel-to-toe-walk/rail2',
      'step-when-called/hold2',
      'half-ahead-stand/hold2',
      'gaze-steady/seat',
      'step-over/rail2',
      'sit-to-stand/hands',
    ],
    cool: ['calf-stretch/wall2', 'hamstring-stretch/seated', 'breath-reach/seated'],
  },
  'expecting: chair and standing': {
    minutes: 30,
    people: EXPECTING,
    warm: ['march/held', 'hip-circles/hold2', 'shoulder-roll/elbow', 'side-reach/seat'],
    main: [
      'squat/hold2',
      'row/band-light',
      'side-leg-lift/two-hands',
      'push-up/wall2',
      'pelvic-floor-hold/seat',
      'heel-raise/two-hands',
      'pelvic-floor-short/seat',
    ],
    cool: ['calf-stretch/wall2', 'inner-thigh-stretch/seatBack', 'chest-open/low-v', 'breath-reach/seated'],
  },
  'expecting: on hands and knees and on the side': {
    minutes: 25,
    people: EXPECTING,
    warm: ['breath-reach/seated', 'pelvic-tilt/seat', 'hip-circles/seat', 'shoulder-roll/seated'],
    main: [
      'arch-and-round/allFours',
      'brace-reach/arm-only',
      'side-leg-lift/side-lying',
      'clam/sideLie',
      'press-back/allFours',
      'pelvic-floor-lift/seat',
    ],
    cool: ['quad-stretch/bedSide', 'open-arm-turn/bedSide', 'body-scan/bedSide'],
  },
  'after the birth: floor of the pelvis and trunk': {
    minutes: 25,
    people: ['Quilla', 'Verity'],
    warm: ['breath-reach/seated', 'shoulder-roll/seated', 'pelvic-tilt/seat', 'trunk-turn/seat'],
    main: ['pelvic-floor-lift/seat', 'pelvic-floor-short/seat', 'bridge/bed', 'heel-slide/bedSupine', 'clam/bedSide', 'press-out/seat'],
    cool: ['chest-open/low-v', 'side-stretch/seat', 'belly-breath/seat'],
  },
  'beginners: low impact': {
    minutes: 25,
    people: ['Lorna', 'Xanthe', 'Ingrid'],
    warm: ['march/free', 'step-touch/free', 'arm-swing/free'],
    main: [
      'heel-dig/free',
      'grapevine/rail2',
      'knee-lift-step/hold1',
      'curl-step/hold1',
      'v-step/free',
      'punch/free',
      'side-glide/free',
      'low-kick/hold1',
    ],
    cool: ['calf-stretch/wall2', 'hamstring-stretch/seated', 'breath-reach/standing'],
  },
  'march, step, hop: power in small doses': {
    minutes: 25,
    people: FIT,
    warm: ['march/free', 'side-step-heel-curls/free', 'hip-circles/free', 'heel-raise/two-hands'],
    main: [
      'heel-dig-hop/hop',
      'squat-jump/jump',
      'lunge-switch/rails2',
      'one-leg-hop/hold2',
      'wide-and-touch/free',
      'quick-step/hold2',
      'quick-stand/standard',
    ],
    cool: ['calf-stretch/wall2', 'quad-stretch/hold2', 'breath-reach/standing'],
  },
  'steps that become a dance': {
    minutes: 30,
    people: FIT,
    warm: ['march/free', 'step-touch/arms', 'arm-swing/free'],
    main: [
      'grapevine/free',
      'box-step/free',
      'rock-step/free',
      'double-step-scoop/free',
      'cross-step/free',
      'rope-step/free',
      'quarter-turns/hold1',
      'toe-back-arms/free',
      'knee-up-clap/free',
      'reach-and-hook/free',
    ],
    cool: ['calf-stretch/wall2', 'side-stretch/hold1', 'breath-reach/standing'],
  },
  'long stretches, standing and on the chair': {
    minutes: 30,
    people: ['Xanthe', 'Lorna', 'Ingrid', 'Wilf'],
    warm: ['march/free', 'side-reach/free', 'hip-circles/free'],
    main: ['open-arm-turn/seat', 'big-open/free', 'press-back/counter2', 'hinge-open-arm/counter2'],
    cool: [
      'hamstring-standing/hold2',
      'inner-thigh-shift/hold2',
      'hip-flexor-stretch/hold2',
      'clasped-behind/free',
      'hands-pushed-forward/seat',
      'calf-stretch/wall2',
      'figure-four/seat',
      'breath-reach/standing',
    ],
  },
  'stretches lying down': {
    minutes: 25,
    people: ['Lorna', 'Xanthe', 'Yorick'],
    warm: ['breath-reach/seated', 'shoulder-roll/seated', 'pelvic-tilt/seat', 'trunk-turn/seat'],
    main: ['lying-long-reach/supine', 'knee-rock/supine'],
    cool: ['hamstring-lying/supine', 'knee-hug/supine', 'knee-across-press/supine', 'long-body/supine', 'quad-stretch/bedSide', 'body-scan/supine'],
  },
  'backs and trunks, lying and on all fours': {
    minutes: 30,
    people: BACKS,
    warm: ['march/held', 'pelvic-tilt/seat', 'hip-circles/seat', 'breath-reach/seated'],
    main: [
      'bridge/bed',
      'brace-reach/counter',
      'forearm-lean/counter2',
      'toe-lower/bedSupine',
      'side-lean-hold/rail1',
      'heel-slide/bedSupine',
      'hinge/seated',
    ],
    cool: ['hip-flexor-stretch/seat', 'chest-open/low-v', 'breath-reach/seated'],
  },
  'after a stroke: the weaker side first': {
    minutes: 25,
    people: ['Ingrid', 'Alba'],
    warm: ['breath-reach/seated', 'clasped-reach/seat', 'ankle-pump/seat'],
    main: ['weight-on-arms/seat', 'sit-to-stand/hands', 'weight-shift/held', 'step-up/rail2', 'hand-work/open', 'towel-pull/seat'],
    cool: ['forearm-stretch/seat', 'calf-stretch/seatBack', 'belly-breath/seat'],
  },
  'large moves and two things at once': {
    minutes: 25,
    people: ['Desmond'],
    warm: ['big-open/seat', 'rock-to-rise/seat', 'trunk-turn/seat'],
    main: [
      'big-open/hold1',
      'step-and-name/hold2',
      'wide-swing/seat',
      'step-over/rail2',
      'turn-around/hold1',
      'sit-to-stand/hands',
      'jaw-and-face/seat',
    ],
    cool: ['chest-open/low-v', 'hamstring-stretch/seated', 'breath-reach/seated'],
  },
  'bands and loops': {
    minutes: 30,
    people: FIT,
    warm: ['march/free', 'arm-swing/free', 'hip-circles/free'],
    main: [
      'band-curl/free',
      'band-side-raise/free',
      'band-front-raise/free',
      'band-kick-back/free',
      'loop-squat/hold2',
      'loop-side-kick/hold2',
      'loop-back-kick/hold2',
      'loop-knee-up/hold2',
      'band-up-and-fold/seat',
    ],
    cool: ['cross-body-stretch/free', 'figure-four/seat', 'breath-reach/standing'],
  },
  'the large ball': {
    minutes: 25,
    people: ['Xanthe', 'Lorna'],
    warm: ['march/free', 'side-reach/free', 'shoulder-roll/elbow'],
    main: [
      'ball-wide-squat/free',
      'ball-wall-squat/hold2',
      'legs-on-ball/ball',
      'shoulders-up-hip-lift/bench',
      'ball-stir/seat',
      'side-push-leg-out/seat',
    ],
    cool: ['chest-open/low-v', 'hamstring-stretch/seated', 'breath-reach/seated'],
  },
  'the mini-trampoline': {
    minutes: 20,
    people: ['Xanthe', 'Lorna', 'Wilf'],
    warm: ['march/held', 'weight-shift/held', 'heel-raise/two-hands'],
    main: ['bounce/trampoline', 'mat-walk-wide/trampoline', 'mat-front-back/trampoline', 'frame-push/trampoline', 'press-down-reach/hold1'],
    cool: ['calf-stretch/wall2', 'quad-stretch/hold2', 'breath-reach/standing'],
  },
  'in one’s own wheelchair': {
    minutes: 25,
    people: ['Fenwick'],
    warm: ['breath-reach/seated', 'shoulder-roll/seated', 'wheel-push/seatBack'],
    main: ['wheel-turn/seatBack', 'wheel-brakes/seatBack', 'chair-push/seat', 'row/squeeze', 'paddle-stroke/seatBack', 'punch/seatBack'],
    cool: ['chest-open/palms', 'forearm-stretch/seatBack', 'belly-breath/seatBack'],
  },
  'up from the floor, link by link': {
    minutes: 30,
    people: FIT,
    warm: ['march/free', 'sit-to-stand/arms-crossed', 'hip-circles/free'],
    main: ['bed-roll/mat', 'bed-roll/mat-push', 'fours-to-seat/both', 'foot-forward/rock', 'down-and-up/pad', 'step-up/up'],
    cool: ['hip-flexor-stretch/hold2', 'chest-open/low-v', 'breath-reach/seated'],
  },
  'at a desk and on pedals': {
    minutes: 20,
    people: ['Lorna', 'Hartley'],
    warm: ['shoulder-roll/seated', 'ankle-circles/seatBack', 'trunk-turn/seatBack'],
    main: ['pedals-under-chair/seatBack', 'chin-draw/seat', 'blade-set/seatBack', 'sit-to-stand/hands', 'wrist-work/seat', 'grow-tall/seat'],
    cool: ['forearm-stretch/seat', 'chest-open/palms', 'long-out-breath/seat'],
  },
}

const DAY = '2026-11-24'
const base = buildRuleBase(CONDITIONS)
const PEOPLE = demoPeople(DAY).map(({ record }) => clientSchema.parse(record))

let solver: Solver
beforeAll(async () => {
  solver = highsSolver(await loadSolver())
})

const planOf = (title: string, { minutes, warm, main, cool }: Kind): Plan => {
  const phase = (kind: 'warm-up' | 'main' | 'cool-down', versions: readonly string[]) => ({
    id: kind,
    kind,
    title: '',
    blocks: [{ id: `${kind}-b`, items: versions.map((variant, index) => ({ id: `${kind}-${index}`, variant })) }],
  })
  const input: PlanInput = {
    version: 2,
    title,
    promisedMinutes: minutes,
    room: { kit: [...ROOM_KIT], floorWork: true },
    phases: [phase('warm-up', warm), phase('main', main), phase('cool-down', cool)],
  }
  return soundPlan(planSchema.parse(input), LIBRARY)
}
function judged(plan: Plan, names: readonly string[]): Judged {
  const people = names.map((name) => {
    const record = PEOPLE.find(({ given }) => given === name)
    if (!record) throw new Error(`nobody of the demo is called ${name}`)
    const facts = factsOn(base, record, DAY)
    // whoever is pregnant has answered her questions and may take part
    return { id: name, name, facts: record.dueDate ? { ...facts, screenOutcome: 'go' as const } : facts, ...inGroup(record) }
  })
  const roster = assessRoster(base, people, plan)
  return { plan, evaluation: evaluate(plan, roster, LIBRARY), roster, catalogue: LIBRARY, rates: HOUSE_RATES }
}

describe('kinds of class from the library alone', () => {
  test('there are as many as were asked for, and more', () => expect(Object.keys(KINDS).length).toBeGreaterThanOrEqual(21))

  test.each(Object.entries(KINDS))('%s: fits its people, in its length, with nothing described in words', (title, kind) => {
    const written = judged(planOf(title, kind), kind.people)
    expect(itemsOf(written.plan).every(({ item }) => item.variant !== undefined)).toBe(true)
    expect(troublesOf(written.plan, written.evaluation)).toEqual([])
    expect(repair(written, solver)).toBeUndefined()
    const { evaluation, isReached } = fitted(written, kind.minutes, solver)
    expect(isReached, `${Math.round(written.evaluation.timeline.totalSeconds / 60)} minutes as written`).toBe(true)
    // what is written is what is mostly done, and not something gentler by another name
    const uses = evaluation.items.flatMap(({ prescription: { item }, uses: each }) =>
      each.map((use) => ({ use, movement: item.variant?.split('/')[0] })),
    )
    const asMeant = uses.filter(({ use, movement }) => use.kind === 'does' && use.option.id.split('/')[0] === movement)
    expect(asMeant.length / uses.length, 'do the movement that is written').toBeGreaterThanOrEqual(0.95)
  })
})
