import { type Quality, qualityOf } from '../coverage'
import { isAvailable, kitFew, placeGroup, type Roster, tracksFor, usedBy } from '../evaluate'
import { type Catalogue, type CatalogueEntry, isInOwnWheelchair, ladderOf } from '../movement'
import { kitKey, type Plan } from '../plan'
import { HOUSE_RATES, type Rates } from '../timing'
import { type ClassBrief, MOST_RPE } from './brief'
import { afterEach, prescribedIn, standsIn, turnsOf } from './forms'
import { undominated } from './prune'
import { AT_EASE, HARD_RPE, partsOf, placeOf, type Way } from './way'
import { type DoseChoice, dosesOf, type Given, prescribed, settlesTooHigh, type Taken, timesOf } from './wayDoses'

/** Impact from which a landing is one (rule base, impactLevel). */
const LANDING = 2
const EXTRA_VERSION_LOSS = 0.15
const CHANGE_LOSS = 0.25
/** Another version is said and shown beside the first, s: a house estimate. */
const EXTRA_VERSION_SECONDS = 5
/** A lift of the pelvic floor is strength for itself, and little of what a class means by it. */
const PELVIC_FLOOR_SHARE = 0.3

/**
 * Every way of running a movement in which everybody who may take part has an allowed version, with no more versions side by side than the brief
 * allows. Verdicts, versions and times are those of the one evaluation, each item judged by itself; the ordered class is judged again as a whole.
 *
 * @param plan the empty class: its room, its tracks and what the group has met
 */
export function waysOf(brief: ClassBrief, plan: Plan, roster: Roster, catalogue: Catalogue, rates: Rates = HOUSE_RATES): readonly Way[] {
  const known = waysBefore.get(roster)
  // goals, minutes and counts change nothing of a way
  const { level, mainForm, clock, music, places, resting, banned, familiar, lately, tracks, pinned, room, goals, areas } = brief
  const key = JSON.stringify([
    level,
    mainForm,
    clock,
    music,
    places,
    resting,
    banned,
    familiar,
    lately,
    tracks,
    pinned,
    room,
    goals.power > 0,
    areas.includes('pelvic-floor'),
    rates,
  ])
  if (known?.key === key && known.catalogue === catalogue) return known.ways
  const ways = everyWay(brief, plan, roster, catalogue, rates)
  waysBefore.set(roster, { key, catalogue, ways })
  return ways
}
const waysBefore = new WeakMap<Roster, { key: string; catalogue: Catalogue; ways: readonly Way[] }>()

const mean = (list: readonly number[]): number => list.reduce((sum, one) => sum + one, 0) / Math.max(1, list.length)

/** What of a brief keeps a version out, in the order in which it is asked. */
export const KEPT_OUT = ['place', 'kit', 'effort', 'resting', 'unasked'] as const
export type KeptOut = (typeof KEPT_OUT)[number]

/** Why the brief does not let a version into the class at all; undefined where it does. */
export function keptOut(entry: CatalogueEntry, brief: ClassBrief, plan: Plan): KeptOut | undefined {
  const { movement, planned } = entry
  if (!brief.places.includes(placeOf(entry))) return 'place'
  if (!isAvailable(entry, plan.room)) return 'kit'
  if (planned.intendedRpe > MOST_RPE[brief.level]) return 'effort'
  if (planned.intendedRpe >= HARD_RPE && movement.main.some((muscle) => brief.resting.includes(muscle))) return 'resting'
  if (brief.pinned.includes(movement.id)) return undefined
  // a landing is nobody's filler: whoever wants power asks for it, or names the movement
  const isLanding = planned.impactLevel >= LANDING && brief.goals.power === 0
  return isLanding || isInOwnWheelchair(entry) ? 'unasked' : undefined
}

function everyWay(brief: ClassBrief, plan: Plan, roster: Roster, catalogue: Catalogue, rates: Rates): Way[] {
  const people = roster.people.filter(({ assessment }) => !assessment.closed)
  const given: Given = { plan, people, catalogue, rates }
  const ways = catalogue.movements
    .filter(({ id }) => !brief.banned.includes(id))
    .flatMap(({ id }): Way[] => {
      const ladder = ladderOf(catalogue, id)
      const judged = ladder.map((entry) => {
        const prescription = prescribed(given, { entry }, { sets: entry.variant.dose.sets })
        return { entry, prescription, placements: placeGroup(people, prescription, ladder, plan.room) }
      })
      // the highest step that each may do as it stands or adjusted
      const highest = people.map((_, person) =>
        Math.max(
          0,
          ...judged.flatMap(({ entry, placements }) =>
            ['as-planned', 'modify'].includes(placements[person]!.judgement.verdict) ? [entry.step] : [],
          ),
        ),
      )
      return judged
        .filter(({ entry }) => keptOut(entry, brief, plan) === undefined)
        .flatMap((one) => waysOfVersion({ ...one, ladder }, highest, brief, given))
    })
  return undominated(ways)
}

/** How a version stands somewhere in a class: judged with the dose it has there. */
interface Standing {
  judged: Omit<Taken, 'options'>
  parts: (sets: number) => Way['parts']
  doses: (taken: Taken) => DoseChoice[]
  isTogether: boolean
}

/** The ways of one planned version: none where somebody would have nothing, or more versions were needed than may be shown. */
function waysOfVersion(judged: Omit<Taken, 'options'>, highest: readonly number[], brief: ClassBrief, given: Given): Way[] {
  const { entry } = judged
  const { movement, variant } = entry
  const quality = qualityOf(movement.purpose)
  const inMain = standsIn(brief.mainForm, entry, quality, brief.pinned.includes(movement.id))
  // what stands together in the main part stands there in no other way
  const others = partsOf(entry).filter((part) => part !== 'main' || inMain === 'alone')
  const isLonger = (part: Way['parts'][number]) => part === 'main' || (part === 'warm-up' && AT_EASE.has(quality))
  const alone: Standing = {
    judged,
    parts: (sets) => (sets === variant.dose.sets ? others : others.filter(isLonger)),
    doses: (taken) => dosesOf(given, taken, quality, others.some(isLonger)),
    isTogether: false,
  }
  return [
    ...(others.length > 0 ? waysOfStanding(alone, highest, brief, given) : []),
    ...(inMain === 'together' && partsOf(entry).includes('main')
      ? waysOfStanding(together(judged, quality, brief, given), highest, brief, given)
      : []),
  ]
}

/** In the block of the main part's form: with the rests of others for its own, or judged anew with the dose that the form gives it. */
function together(judged: Omit<Taken, 'options'>, quality: Quality, brief: ClassBrief, given: Given): Standing {
  const { entry, ladder } = judged
  const prescription = prescribedIn(brief, entry, given.catalogue)
  const { workSeconds: ownWork } = entry.variant.dose
  const turns = turnsOf(brief.mainForm)
  return {
    judged: prescription ? { ...judged, prescription, placements: placeGroup(given.people, prescription, ladder, given.plan.room) } : judged,
    parts: () => ['main'],
    doses: (taken) => {
      if (turns !== undefined) return [{ sets: turns, mostExtra: 0, turns, ...(ownWork !== undefined && { workSeconds: ownWork }) }]
      if (!prescription) return dosesOf(given, taken, quality, true)
      // nobody goes on for longer than in the library who would settle above their cap
      const isTooLong = prescription.workSeconds > judged.prescription.workSeconds && settlesTooHigh(given, taken.options)
      return isTooLong ? [] : [{ sets: prescription.dose.sets, mostExtra: 0, prescription }]
    },
    isTogether: true,
  }
}

function waysOfStanding({ judged, parts, doses, isTogether }: Standing, highest: readonly number[], brief: ClassBrief, given: Given): Way[] {
  const { entry, placements } = judged
  const { movement, variant, planned } = entry
  const { people, catalogue } = given
  const quality = qualityOf(movement.purpose)
  const { shown, assignment } = tracksFor(placements, brief.tracks, variant.id)
  const isForAll = people.every((_, person) => assignment[person] !== undefined)
  if (!isForAll || shown.length > brief.tracks || (people.length > 0 && shown[0] !== variant.id)) return []
  const ids = people.map((_, person) => shown[assignment[person]!]!)
  const options = ids.map((id, person) => placements[person]!.options.find((option) => option.id === id))
  if (kitFew(usedBy(ids.map((id) => catalogue.byId.get(id))), given.plan.room).length > 0) return []
  const taken: Taken = { ...judged, options }
  const heights = ids.map((id, person) => Math.min(1, (catalogue.byId.get(id)!.step + 1) / (highest[person]! + 1)))
  const isAside = movement.purpose === 'pelvic-floor' && !brief.areas.includes('pelvic-floor')
  const training = (people.length === 0 ? 1 : mean(heights)) * (isAside ? PELVIC_FLOOR_SHARE : 1)
  const beside = Math.max(0, shown.length - 1)
  const changes = options.map((option) => (option?.changes.length ?? 0) + (option?.sessionChanges.length ?? 0))
  return doses(taken).map((dose): Way => {
    const prescription = dose.prescription ?? prescribed(given, judged, dose)
    const times = timesOf(given, taken, prescription, dose.turns)
    return {
      id: `${variant.id} ×${dose.sets}${isTogether ? ' together' : ''}`,
      movement: movement.id,
      variant: variant.id,
      sets: dose.sets,
      parts: parts(dose.sets),
      isTogether,
      ...times,
      seconds: times.seconds + EXTRA_VERSION_SECONDS * beside + (isTogether ? afterEach(brief) : 0),
      mostExtra: dose.mostExtra,
      trainingSeconds: times.workSeconds * training,
      loss: CHANGE_LOSS * mean(changes) + EXTRA_VERSION_LOSS * beside,
      place: placeOf(entry),
      kit: kitKey(prescription),
      quality,
      serves: movement.serves,
      partners: movement.partners,
      main: movement.main,
      helping: movement.helping,
      rpe: planned.intendedRpe,
      isNew: !brief.familiar.includes(movement.id),
      wasLately: brief.lately.includes(movement.id),
      shown: people.length > 0 ? shown : [variant.id],
      prescription,
    }
  })
}
