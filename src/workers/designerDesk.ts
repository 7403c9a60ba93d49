import { CONDITIONS } from '@/content/conditions'
import { BANDS } from '@/content/kit/bands'
import { LIBRARY } from '@/content/movements'
import { SPOKEN } from '@/content/movements/spoken'
import type { Drawing } from '@/core/body'
import { fitted, repair, type Solver } from '@/core/compose'
import { ceilingFor } from '@/core/effort'
import {
  type AssessedPerson,
  assessRoster,
  type ClassModel,
  classModel,
  type Evaluation,
  evaluate,
  fillOffers,
  holdsLoad,
  isAvailable,
  judgePlanned,
  missingKit,
  openQuestions,
  orderOffers,
  ownBand,
  place,
  qualityOffer,
  type Roster,
  rehearse,
  restOption,
  sessionOf,
  type Use,
  withOwnLoad,
} from '@/core/evaluate'
import { reasonOf } from '@/core/formats'
import { type Catalogue, type CatalogueEntry, describePicture, familyOf, ladderOf, SLOT, sayable } from '@/core/movement'
import {
  aloneInBlock,
  LEVEL_LETTERS,
  type PhaseKind,
  type Plan,
  type PlanDose,
  type PlanDraft,
  type Prescription,
  prescriptionOf,
  prescriptionsOf,
  sharedWith,
  soundPlan,
  withKnown,
} from '@/core/plan'
import { buildRuleBase, isAbsolute } from '@/core/safety'
import { NO_EXPERIENCE } from '@/core/timing'
import { DEFAULT_HOUSE_RULES } from '@/core/vocabulary'
import { catalogueOf, drawingOf } from './catalogueOf'
import type { Addable, Beside, Choice, ClassQuestion, Explanation, LadderView, Questions, WorkerPerson } from './designerContract'
import { changesOf } from './modelChanges'

/** Runs of a class on paper, and their seed: the same plan gives the same answer. */
const [REHEARSALS, REHEARSAL_SEED] = [10_000, 1]
const RULE_BASE = buildRuleBase(CONDITIONS)
/** A shorter hold is no stretch that is held, s. */
const LEAST_HOLD = 10
/** A brisk step, a stamp or a hop (rule base 1.2). */
const BRISK_IMPACT = 2

/**
 * Answers the designer's questions from the plan and the people it was last given. It remembers who was assessed how, so that an
 * edit of one item judges that item only.
 */
export class DesignerDesk {
  private catalogue: Catalogue = LIBRARY
  private roster: Roster = { people: [] }
  private facts: WorkerPerson[] = []
  private experience = NO_EXPERIENCE
  private house = DEFAULT_HOUSE_RULES
  private sessionKey = ''
  private plan: Plan | undefined
  /** what was judged last */
  evaluation: Evaluation | undefined
  /** what was shown of it */
  private shown: ClassModel | undefined
  /** the last answer that was told by what is other, and its number */
  private told: { number: number; model: ClassModel } | undefined
  private sent = new Set<string>()

  model(ask: Questions['model']['ask']): Questions['model']['answer'] {
    const { plan, evaluation } = this.take(ask)
    const model = classModel(plan, evaluation, this.experience.pace, BANDS)
    this.shown = model
    const ids = model.items.flatMap((item) => (item.variant ? [item.variant] : []))
    // a drawing is large, so each goes over once
    const fresh = ids.filter((id) => !this.sent.has(id))
    for (const id of fresh) this.sent.add(id)
    return { model, drawings: Object.fromEntries(fresh.map((id) => [id, this.drawing(id)])), beside: this.beside(plan) }
  }

  /** The class that questions are about, judged; nothing of it is shown. */
  take({ plan, people, own, experience, house }: Questions['class']['ask']): { plan: Plan; evaluation: Evaluation } {
    if (own) {
      this.catalogue = catalogueOf(own)
      this.sent.clear()
    }
    if (experience) this.experience = experience
    if (house) this.house = house
    const sound = this.accept(plan)
    if (people) this.facts = people
    const key = JSON.stringify([sessionOf(sound), sound.room.leaders])
    if (people || own || key !== this.sessionKey) {
      this.sessionKey = key
      this.roster = assessRoster(RULE_BASE, this.facts, sound)
    }
    this.evaluation = evaluate(sound, this.roster, this.catalogue, this.experience.pace.rates)
    return { plan: sound, evaluation: this.evaluation }
  }

  /** How the class reads now, told by what is other than the last answer, where the asker has that one. */
  changes({ has, ...ask }: Questions['changes']['ask']): Questions['changes']['answer'] {
    const before = this.told
    const whole = this.model(ask)
    const number = (before?.number ?? 0) + 1
    this.told = { number, model: whole.model }
    if (before?.number !== has) return { number, whole }
    return { number, changes: changesOf(before.model, whole.model), drawings: whole.drawings, beside: whole.beside }
  }

  /** One step gentler and one harder for each item of the library, whether a verdict asks for it or not. */
  private beside(plan: Plan): Record<string, Beside> {
    const step = (entry: CatalogueEntry | undefined) => entry && { id: entry.variant.id, name: entry.variant.name }
    return Object.fromEntries(
      prescriptionsOf(plan, this.catalogue).flatMap(({ item, entry }) => {
        if (!entry) return []
        const ladder = ladderOf(this.catalogue, entry.movement.id)
        const at = ladder.indexOf(entry)
        const [gentler, harder] = at < 0 ? [] : [step(ladder[at - 1]), step(ladder[at + 1])]
        return [[item.id, { ...(gentler && { gentler }), ...(harder && { harder }) }]]
      }),
    )
  }

  names({ ids }: Questions['names']['ask']): Questions['names']['answer'] {
    return Object.fromEntries(
      ids.flatMap((id) => {
        const entry = this.catalogue.byId.get(id)
        return entry ? [[id, { movement: entry.movement.name, name: entry.variant.name }]] : []
      }),
    )
  }

  draw({ ids }: Questions['draw']['ask']): Questions['draw']['answer'] {
    return Object.fromEntries(ids.flatMap((id) => (this.catalogue.byId.has(id) ? [[id, this.drawing(id)]] : [])))
  }

  private drawing(id: string): Drawing {
    return drawingOf(this.catalogue.byId.get(id)!.variant)
  }

  private accept(draft: PlanDraft): Plan {
    const plan = soundPlan(withKnown(sharedWith(draft, this.plan), this.experience.knows), this.catalogue)
    this.plan = plan
    return plan
  }

  private item(id: string) {
    const found = this.evaluation?.items.find(({ prescription }) => prescription.item.id === id)
    if (!found || !this.plan) throw new Error(`the plan has no item "${id}"`)
    return { plan: this.plan, found, planned: found.prescription }
  }

  private nameOf(condition: string): string {
    return RULE_BASE.conditions.get(condition)?.name ?? condition
  }

  explain({ item, person }: Questions['explain']['ask']): Explanation {
    const { plan, found, planned } = this.item(item)
    const index = this.roster.people.findIndex(({ id }) => id === person)
    const somebody: AssessedPerson | undefined = this.roster.people[index]
    const placement = found.placements[index]
    if (!somebody || !placement) throw new Error(`nobody here has the id ${person}`)
    // in the class only the versions that can matter to the choice are sought; here all are wanted
    const { assessment } = somebody
    const { judgement } = placement
    const { options } =
      judgement.verdict === 'as-planned'
        ? place(assessment, withOwnLoad(planned, somebody.ownLoads), this.catalogue.entries, plan.room, {
            known: judgement,
            ownKg: somebody.ownLoads?.[planned.movement],
            notAbove: somebody.notAbove?.[planned.movement],
          })
        : placement
    const use = found.uses[index]
    const effort = this.shown?.effort.people[index]
    return {
      personId: somebody.id,
      person: somebody.name,
      ...(planned.entry && { variant: planned.entry.variant.id }),
      absolute: isAbsolute(judgement),
      ceiling: ceilingFor(assessment, plan.school, { typedBpm: plan.ceilingBpm }),
      ...(effort && { effort }),
      ...this.loadIn(planned, somebody, use),
      ...(judgement.overruled && { overruled: judgement.overruled }),
      ...(judgement.swapBecause === 'kept-lower' && {
        keptLower: this.catalogue.byId.get(somebody.notAbove?.[planned.movement] ?? '')?.variant.name ?? '',
      }),
      item: planned.name,
      verdict: judgement.verdict,
      ...(judgement.scope && { scope: judgement.scope }),
      ...(judgement.gate && { gate: judgement.gate }),
      pending: assessment.pending.map(({ condition }) => this.nameOf(condition)),
      unlisted: [...assessment.unlisted],
      reasons: judgement.hits.map(reasonOf).map((reason) => ({ ...reason, condition: this.nameOf(reason.condition) })),
      changes: judgement.changes,
      sessionChanges: judgement.sessionChanges,
      options: [...options]
        // what is done in this class stands first
        .sort((a, b) => Number(use?.kind === 'does' && use.option.id === b.id) - Number(use?.kind === 'does' && use.option.id === a.id))
        .slice(0, 6)
        .map(({ entry, id, changes, sessionChanges }) => ({
          ...this.asLevel(planned, entry),
          id,
          movement: entry?.movement.name ?? planned.name,
          name: entry?.variant.name ?? '',
          changes,
          sessionChanges,
        })),
      ...(use?.kind !== 'does' && { rest: restOption(assessment, this.catalogue.entries)?.variant.name ?? 'Rest with easy breathing' }),
    }
  }

  /** The levels of an item with one more among them; nothing where it is of another movement, there already, or one too many. */
  private asLevel({ item, entry: own }: Prescription, entry: CatalogueEntry | undefined): { asLevel?: string[] } {
    if (!own || !entry || entry.movement.id !== own.movement.id || item.dose?.eachSet?.some(({ variant }) => variant !== undefined)) return {}
    const levels = new Set([...(item.levels ?? [own.variant.id]), entry.variant.id])
    if (levels.size < 2 || levels.size > LEVEL_LETTERS.length || levels.size === item.levels?.length) return {}
    return { asLevel: ladderOf(this.catalogue, own.movement.id).flatMap(({ variant }) => (levels.has(variant.id) ? [variant.id] : [])) }
  }

  /** What somebody lifts in an item, and the band for it: that of the version they do. */
  private loadIn(planned: Prescription, { statureCm, ownLoads }: AssessedPerson, use: Use | undefined): Pick<Explanation, 'load'> {
    const entry = use?.kind === 'does' ? use.option.entry : planned.entry
    if (!entry || !holdsLoad(entry)) return {}
    const ownKg = ownLoads?.[planned.movement]
    const kg = use?.kind === 'does' ? (use.option.judgement.settled.demands[SLOT.externalLoadKg] ?? 0) : planned.dose.loadKg
    const advice = ownBand(entry, { statureCm }, kg, BANDS)
    const band = advice && {
      name: advice.band.name,
      gripCm: Math.round(advice.usedM * 100),
      doubled: advice.strands === 2,
      heightKnown: statureCm !== undefined,
    }
    return { load: { movement: planned.movement, planKg: planned.dose.loadKg, ...(ownKg !== undefined && { ownKg }), ...(band && { band }) } }
  }

  ladder({ item }: Questions['ladder']['ask']): LadderView {
    const { plan, planned } = this.item(item)
    const { entry } = planned
    if (!entry) throw new Error('a described movement has no ladder')
    const offered = ladderOf(this.catalogue, entry.movement.id)
    // a removed movement of one's own has no ladder but itself
    const steps = offered.length > 0 ? offered : [entry]
    const ids = new Set(steps.map((step) => step.variant.id))
    const standing = this.roster.people.map(({ name, assessment, ownLoads, notAbove }) => ({
      name,
      on: place(assessment, withOwnLoad(planned, ownLoads), steps, plan.room, {
        ownKg: ownLoads?.[planned.movement],
        notAbove: notAbove?.[planned.movement],
      }).options.find((option) => ids.has(option.id))?.id,
    }))
    const { variant, movement } = entry
    return {
      movement: movement.name,
      everyday: movement.everyday,
      cues: variant.cues,
      dose: planned.planDose,
      partners: this.partnersOf(entry, plan),
      none: standing.filter(({ on }) => on === undefined).map(({ name }) => name),
      steps: steps.map((step) => ({
        id: step.variant.id,
        name: step.variant.name,
        step: step.variant.step,
        drawing: this.drawing(step.variant.id),
        words: describePicture(step.movement, step.variant),
        standing: standing.filter(({ on }) => on === step.variant.id).map(({ name }) => name),
        planned: step === entry,
      })),
    }
  }

  private choiceOf(entry: CatalogueEntry): Choice {
    const { item, block } = aloneInBlock(entry.variant.id)
    const planned = prescriptionOf(item, block, this.catalogue)
    const fits = this.roster.people.filter(({ assessment, ownLoads }) => {
      const { verdict } = judgePlanned(assessment, withOwnLoad(planned, ownLoads))
      return verdict === 'as-planned' || verdict === 'modify'
    }).length
    return { id: entry.variant.id, movement: entry.movement.name, purpose: entry.movement.purpose, name: entry.variant.name, fits }
  }

  /** The movements that go well with this one: in its own position where that serves as many, at an effort like its own. */
  private partnersOf(entry: CatalogueEntry, plan: Plan): Choice[] {
    const here = familyOf(entry.planned.basePosition)
    return entry.movement.partners.flatMap((id) => {
      const ranked = ladderOf(this.catalogue, id)
        .filter((step) => isAvailable(step, plan.room))
        .map((step) => ({
          choice: this.choiceOf(step),
          away: Number(familyOf(step.planned.basePosition) !== here),
          harder: Math.abs(step.planned.intendedRpe - entry.planned.intendedRpe),
        }))
        .sort((a, b) => b.choice.fits - a.choice.fits || a.away - b.away || a.harder - b.harder)
      return ranked[0] ? [ranked[0].choice] : []
    })
  }

  rehearse(): Questions['rehearse']['answer'] {
    const judged = this.judged()
    return judged ? rehearse(judged.plan, judged.evaluation, this.experience.pace, REHEARSALS, REHEARSAL_SEED) : null
  }

  fill(): Questions['fill']['answer'] {
    const judged = this.judged()
    return judged ? fillOffers(judged) : []
  }

  order(): Questions['order']['answer'] {
    const judged = this.judged()
    return judged ? orderOffers(judged) : []
  }

  quality({ quality }: Questions['quality']['ask']): Questions['quality']['answer'] {
    const judged = this.judged()
    return (judged && qualityOffer(judged, quality)) ?? null
  }

  mend(solver: Solver): Questions['mend']['answer'] {
    const judged = this.judged()
    const found = judged && repair(judged, solver)
    if (!found) return null
    const { plan: _plan, evaluation, ...shown } = found
    const variants = found.mended.flatMap(({ does }) => ('to' in does ? [does.from, does.to] : []))
    return { ...shown, seconds: evaluation.timeline.totalSeconds, names: this.names({ ids: variants }) }
  }

  fit({ minutes }: Questions['fit']['ask'], solver: Solver): Questions['fit']['answer'] {
    const judged = this.judged()
    if (!judged) return null
    const { plan: _plan, evaluation, ...shown } = fitted(judged, minutes, solver)
    const variants = shown.steps.flatMap(({ does }) => (does.code === 'added' ? [does.variant] : []))
    return { ...shown, seconds: evaluation.timeline.totalSeconds, names: this.names({ ids: variants }) }
  }

  private judged() {
    const { plan, evaluation, roster, catalogue } = this
    return plan && evaluation && { plan, evaluation, roster, catalogue, rates: this.experience.pace.rates }
  }

  /** Whether a movement is offered after the others in a phase: it belongs to another one, or the house puts it last. Nothing is hidden. */
  private isFar({ movement, planned }: CatalogueEntry, kind: PhaseKind | undefined): boolean {
    const { stretchPlace, impactInPregnancy } = this.house
    if (movement.purpose === 'flexibility' && stretchPlace === 'where-planned') return false
    const isImpact = planned.impactLevel >= BRISK_IMPACT && impactInPregnancy === 'none'
    if (isImpact && this.roster.people.some(({ assessment }) => assessment.person.gestationalWeek >= 0)) return true
    return movement.phase !== kind && movement.phase !== 'any'
  }

  /** A stretch is held as long as the house holds one; the limits of each person are judged on top. */
  private houseDose({ movement, variant }: CatalogueEntry): PlanDose | undefined {
    const { dose } = variant
    if (movement.purpose !== 'flexibility' || dose.workSeconds !== undefined || dose.holdSeconds < LEAST_HOLD) return undefined
    const holdSeconds = Number(this.house.stretchSeconds)
    return holdSeconds === dose.holdSeconds ? undefined : { ...dose, holdSeconds }
  }

  /** Every version, those that belong to the phase first. */
  choices({ phase }: Questions['choices']['ask']): Addable[] {
    const { plan } = this
    if (!plan) return []
    const kind = plan.phases.find(({ id }) => id === phase)?.kind
    return this.catalogue.entries
      .toSorted((a, b) => Number(this.isFar(a, kind)) - Number(this.isFar(b, kind)))
      .map((entry) => {
        const dose = this.houseDose(entry)
        return { ...this.choiceOf(entry), said: sayable(entry, SPOKEN), lacks: missingKit(entry, plan.room), ...(dose && { dose }) }
      })
  }

  /** What is worth asking, for the whole class: most verdicts loosened first. */
  questions(): ClassQuestion[] {
    const { plan } = this
    if (!plan) return []
    const items = prescriptionsOf(plan, this.catalogue)
    const session = sessionOf(plan)
    return this.facts
      .flatMap(({ id, name, facts }) =>
        openQuestions(RULE_BASE, facts, session, items).map((question) => ({
          person: id,
          name,
          ...question,
          conditionName: question.condition ? (RULE_BASE.conditions.get(question.condition)?.name ?? question.condition) : '',
        })),
      )
      .sort((a, b) => Number(b.opensDoor ?? false) - Number(a.opensDoor ?? false) || b.loosens.length - a.loosens.length)
  }
}
