import { type AssessedPerson, assessRoster, type Evaluation, evaluate, type RosterFacts, rankOf } from '../evaluate'
import type { Catalogue } from '../movement'
import type { Plan } from '../plan'
import { LIMIT_MERGE, type LimitName, type PersonFacts, type RuleBase, type Verdict } from '../safety'
import type { Rates } from '../timing'
import type { Day } from '../vocabulary'
import { type Turning, turnings } from './turning'

/** A class on one of its days, with its people as the rules will know them then. */
export interface Meeting {
  day: Day
  people: readonly RosterFacts[]
}

export interface ItemTurn {
  /** id of the item */
  item: string
  movement: string
  was: Verdict
  is: Verdict
  /** where the verdict is the same word, other things of it changed: what is to be done otherwise, or which version is nearest */
  becomes: 'stricter' | 'easier' | 'other'
}

export interface LimitTurn {
  limit: LimitName
  tighter: boolean
  /** in the limit's own unit (rule base 1.3); none = no limit */
  was?: number
  is?: number
}

/** From this day on a plan is otherwise for somebody, though nobody touched either. */
export interface Turn {
  day: Day
  person: string
  name: string
  /** what brought it about; none = nothing of their own, but the others' rests and places in the class */
  causes: Turning[]
  /** from then on they may not take part: why */
  closes?: string
  /** from then on they may */
  opens?: true
  items: ItemTurn[]
  /** caps, longest times and least rests of the person that became looser or tighter */
  limits: LimitTurn[]
}

/** What the rules say of one person in a class: of every item, and before any. */
interface Said {
  closed: string | undefined
  limits: Readonly<Record<LimitName, number>>
  items: { id: string; movement: string; verdict: Verdict; rest: string }[]
}

function saidOf({ people, items }: Evaluation, person: number): Said {
  const { closed, limits } = people[person]!.assessment
  return {
    closed: closed?.text,
    limits: Object.fromEntries(Object.entries(limits).map(([name, { value }]) => [name, value])) as Said['limits'],
    items: items.map(({ prescription, placements }) => {
      const { judgement, options } = placements[person]!
      const nearest = judgement.verdict === 'swap' ? options[0]?.id : undefined
      return {
        id: prescription.item.id,
        movement: prescription.entry?.movement.name ?? prescription.name,
        verdict: judgement.verdict,
        rest: JSON.stringify([judgement.changes.map(({ attribute, to }) => [attribute, to]), judgement.sessionChanges, nearest]),
      }
    }),
  }
}

function limitTurns(before: Said['limits'], after: Said['limits']): LimitTurn[] {
  return (Object.keys(after) as LimitName[]).flatMap((limit): LimitTurn[] => {
    const [was, is] = [before[limit], after[limit]]
    if (was === is) return []
    const tighter = LIMIT_MERGE[limit] === 'lowest' ? is < was : is > was
    // no limit is no number, also where it has to be written down
    return [{ limit, tighter, ...(Number.isFinite(was) && { was }), ...(Number.isFinite(is) && { is }) }]
  })
}

function itemTurns(before: Said, after: Said): ItemTurn[] {
  return after.items.flatMap(({ id, movement, verdict: is, rest }, at): ItemTurn[] => {
    const old = before.items[at]
    if (!old || (old.verdict === is && old.rest === rest)) return []
    const by = rankOf(is) - rankOf(old.verdict)
    return [{ item: id, movement, was: old.verdict, is, becomes: by > 0 ? 'stricter' : by < 0 ? 'easier' : 'other' }]
  })
}

const isSame = (one: Said, other: Said): boolean => JSON.stringify(one) === JSON.stringify(other)

/** All that a judgement reads of somebody: who has the same is judged the same, however many weeks have passed. */
const judgedBy = ({ assessment, ...who }: AssessedPerson): string => {
  const { situation, closed, pendingFrom, limits, rules, individualPlans, overrules } = assessment
  const asked = rules.map(({ hit, via, residual, must }) => [hit.id, via, residual, must])
  return JSON.stringify([who, [...situation], closed?.text, pendingFrom, limits, asked, individualPlans, overrules])
}

/** So many people are kept as they were judged: a large class with all that turns for it in a series. What is forgotten is judged once more. */
const MOST_KEPT = 128
const keptPeople = new WeakMap<RuleBase, Map<string, AssessedPerson>>()
/** The very object of whoever is judged as somebody was before, also when a class was asked about earlier: an edit of one item judges that one only. */
function asBefore(base: RuleBase, person: AssessedPerson): AssessedPerson {
  const kept = keptPeople.get(base) ?? new Map<string, AssessedPerson>()
  keptPeople.set(base, kept)
  const key = judgedBy(person)
  const same = kept.get(key) ?? person
  // the one that was met last stands last, and the first is forgotten
  kept.delete(key)
  kept.set(key, same)
  if (kept.size > MOST_KEPT) kept.delete(kept.keys().next().value!)
  return same
}

/**
 * Judges a class with different people; whoever is judged as on another day is the very same object, so that nothing of them is judged again, and a
 * class of the very same people is judged once.
 */
function judgeOf(base: RuleBase, plan: Plan, catalogue: Catalogue, rates: Rates | undefined): (people: readonly RosterFacts[]) => readonly Said[] {
  const numbers = new Map<AssessedPerson, number>()
  const answers = new Map<string, readonly Said[]>()
  return (people) => {
    const roster = assessRoster(base, people, plan).people.map((person) => asBefore(base, person))
    for (const person of roster) if (!numbers.has(person)) numbers.set(person, numbers.size)
    const key = roster.map((person) => numbers.get(person)).join()
    const said = answers.get(key) ?? everySaid(evaluate(plan, { people: roster }, catalogue, rates))
    answers.set(key, said)
    return said
  }
}
const everySaid = (evaluation: Evaluation): Said[] => evaluation.people.map((_, person) => saidOf(evaluation, person))

/**
 * A class judged on all of its coming days: from when on it is otherwise for whom, and which turn of the calendar makes it so. Each day is compared
 * with the one before it. Where several things turned for somebody at once, each is undone by itself and the class judged again: those without which
 * something would be otherwise are the causes, and all of them where it takes no single one.
 *
 * @param meetings in the order of their days; the same people in the same order in all of them
 * @param rates the instructor's pace, the same for all days
 * @throws AssessmentError when somebody cannot be judged
 */
export function turnsAhead(base: RuleBase, plan: Plan, catalogue: Catalogue, rates: Rates | undefined, meetings: readonly Meeting[]): Turn[] {
  const judged = judgeOf(base, plan, catalogue, rates)
  const turns: Turn[] = []
  let before: { meeting: Meeting; said: readonly Said[] } | undefined
  for (const meeting of meetings) {
    const said = judged(meeting.people)
    if (before) {
      const { meeting: last, said: old } = before
      for (const [person, { id, name, facts }] of meeting.people.entries()) {
        const [was, is] = [old[person]!, said[person]!]
        const items = itemTurns(was, is)
        const limits = limitTurns(was.limits, is.limits)
        // who may not take part before and after has nothing that turns
        if (was.closed === is.closed && (is.closed !== undefined || items.length + limits.length === 0)) continue
        const withFacts = (other: PersonFacts) => meeting.people.map((one, at) => (at === person ? { ...one, facts: other } : one))
        const turned = turnings(last.people[person]!.facts, facts)
        const acting = turned.length < 2 ? turned : turned.filter(({ undone }) => !isSame(judged(withFacts(undone(facts)))[person]!, is))
        turns.push({
          day: meeting.day,
          person: id,
          name,
          causes: (acting.length > 0 ? acting : turned).map(({ what }) => what),
          ...(is.closed !== undefined && is.closed !== was.closed && { closes: is.closed }),
          ...(is.closed === undefined && was.closed !== undefined && { opens: true as const }),
          // who may not take part does nothing of it
          items: is.closed === undefined && was.closed === undefined ? items : [],
          limits,
        })
      }
    }
    before = { meeting, said }
  }
  return turns
}
