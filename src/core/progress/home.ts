import { type Quality, qualityOf } from '../coverage'
import { isAvailable } from '../evaluate'
import type { Catalogue, CatalogueEntry } from '../movement'
import { type Assessment, judge } from '../safety'
import { baseOf } from '../timing'
import type { RoomKit } from '../vocabulary'

/** A movement that somebody does in class, in the version for alone at home. */
export interface HomeMovement {
  entry: CatalogueEntry
  /** the version of the class, or a gentler one of the same ladder */
  gentler: boolean
}

/** Alone nobody catches or stops anybody: house estimates, stricter than any class. */
const MOST_RPE = 4
const MOST_IMPACT = 1
const MOST_FALL_RISK = 1

/** Whether a version may be done with nobody there: held or sitting, easy, eyes open, the head up; on the floor only by who is known to get up again. */
function forAlone({ planned, variant }: CatalogueEntry, upFromFloor: boolean): boolean {
  const base = baseOf(planned.basePosition)
  const place = base === 'seat' || base === 'heldStand' || base === 'bed' || (base === 'floor' && upFromFloor)
  return (
    place &&
    planned.intendedRpe <= MOST_RPE &&
    planned.impactLevel <= MOST_IMPACT &&
    planned.fallContactRisk <= MOST_FALL_RISK &&
    !planned.eyesClosed &&
    planned.headBelowHeartSec === 0 &&
    planned.balanceDemand <= 2 &&
    variant.dose.sets > 0
  )
}

/**
 * What somebody can do alone at home, of what they do in class: of each movement the version that they take there, or the nearest gentler one of its
 * ladder, that needs nothing they have not got, and that the rules let them do just as it is written. What would have to be changed is left out: nobody
 * is there to change it.
 *
 * @param taken versions that they do in class
 * @param kit what is there beside a chair, a wall and something steady to hold
 */
export function homeMovements(
  assessment: Assessment,
  taken: readonly CatalogueEntry[],
  catalogue: Catalogue,
  kit: readonly RoomKit[],
): HomeMovement[] {
  if (assessment.closed) return []
  const room = {
    kit: [...new Set<RoomKit>([...kit, 'support', 'wall'])],
    supportInReach: true,
    floorWork: assessment.person.floorTransferOk === true,
  }
  const seen = new Set<string>()
  return taken.flatMap((inClass): HomeMovement[] => {
    const { movement, step } = inClass
    if (seen.has(movement.id)) return []
    seen.add(movement.id)
    for (let at = step; at >= 0; at--) {
      const entry = catalogue.byId.get(movement.variants[at]!.id)
      if (!entry || !forAlone(entry, room.floorWork) || !isAvailable(entry, room)) continue
      const { verdict } = judge(assessment, entry.vector, { movement: movement.id, freeHands: entry.hands.free, loadedHands: entry.hands.loaded })
      if (verdict === 'as-planned') return [{ entry, gentler: at < step }]
    }
    return []
  })
}

/** What is worth most alone between two classes stands first: what keeps people on their feet. */
const WORTH: readonly Quality[] = ['strength', 'balance', 'heart', 'mobility', 'stretch', 'power', 'skill', 'calm']

/** A few of them in which every quality comes before any comes twice, those that are worth most first to come in; in the order of the class. */
export function homeChoice(all: readonly HomeMovement[], most: number): HomeMovement[] {
  const rounds = new Map<string, number>()
  return all
    .map((one, place) => {
      const quality = qualityOf(one.entry.movement.purpose)
      const round = rounds.get(quality) ?? 0
      rounds.set(quality, round + 1)
      return { one, place, round, worth: WORTH.indexOf(quality) }
    })
    .toSorted((a, b) => a.round - b.round || a.worth - b.worth || a.place - b.place)
    .slice(0, most)
    .toSorted((a, b) => a.place - b.place)
    .map(({ one }) => one)
}
