import type { ClientRecord } from '../client'
import type { Plan } from '../plan'
import { type Assessment, assess, type PersonFacts, type RuleBase, type SessionFacts } from '../safety'

/** What of somebody matters to a group without being read by any rule. */
export interface InGroup {
  /** a helper of their own stands beside them */
  ownHelper?: boolean
  /** s to rise from a chair, walk three metres, turn, come back and sit; known people who are slower make changes of place longer */
  upAndGoSec?: number
  /** for the forecast of effort; unknown = the lower capacity */
  sex?: 'female' | 'male'
  /** cm; reach, and the pull of a band, go with it */
  statureCm?: number
  /** kg, by movement, where they lift something else than the plan says */
  ownLoads?: Readonly<Record<string, number>>
  /** the version, by movement, that the instructor took them down to: nothing above it till they are taken up again */
  notAbove?: Readonly<Record<string, string>>
}
export const inGroup = ({
  ownHelper,
  sex,
  statureCm,
  ownLoads,
  notAbove,
  capability: { getUpAndGoSec },
}: Pick<ClientRecord, 'ownHelper' | 'sex' | 'statureCm' | 'ownLoads' | 'notAbove' | 'capability'>): InGroup => ({
  ...(ownHelper && { ownHelper }),
  ...(sex && { sex }),
  ...(statureCm !== undefined && { statureCm }),
  ...(ownLoads.length > 0 && { ownLoads: Object.fromEntries(ownLoads.map(({ movement, kg }) => [movement, kg])) }),
  ...(notAbove.length > 0 && { notAbove: Object.fromEntries(notAbove.map(({ movement, variant }) => [movement, variant])) }),
  ...(getUpAndGoSec !== undefined && { upAndGoSec: getUpAndGoSec }),
})

/** Somebody on the list of a class, as the rules know them on the day. */
export interface RosterFacts extends InGroup {
  id: string
  name: string
  facts: PersonFacts
}

/** The same, ready to be held against any variant. */
export interface AssessedPerson extends Omit<InGroup, 'ownHelper'> {
  id: string
  name: string
  assessment: Assessment
}

/** The people of a class on a day. One and the same object as long as nobody changed, so that what was judged is remembered. */
export interface Roster {
  people: readonly AssessedPerson[]
}

/** What the room and the hour make of the session, for everybody alike. */
export const sessionOf = ({ room }: Pick<Plan, 'room'>): SessionFacts => ({
  supportInReach: room.supportInReach,
  roomTempC: room.tempC,
  hour: room.startHour,
  barefoot: room.barefoot,
})

/**
 * Assesses everybody of a class. The ratio of people to leaders counts those who are not closed (rule base 1.5), and may close somebody
 * itself; it is therefore counted first with everybody, and again without those whom the day closes.
 *
 * @param given session facts that a caller knows better than the room: for the command line
 * @throws AssessmentError when somebody cannot be judged
 */
export function assessRoster(base: RuleBase, people: readonly RosterFacts[], plan: Pick<Plan, 'room'>, given: SessionFacts = {}): Roster {
  const session = { ...sessionOf(plan), ...Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined)) }
  const withRatio = (count: number) =>
    people.map(({ facts, ownHelper, ...person }): AssessedPerson => {
      const instructorRatio = ownHelper ? 1 : (given.instructorRatio ?? count / plan.room.leaders)
      return { ...person, assessment: assess(base, facts, { ...session, instructorRatio }) }
    })
  const first = withRatio(people.length)
  const open = first.filter(({ assessment }) => !assessment.closed).length
  return { people: open === people.length || given.instructorRatio !== undefined ? first : withRatio(open) }
}
