import { CONDITIONS } from '@/content/conditions'
import { LIBRARY } from '@/content/movements'
import type { Drawing } from '@/core/body'
import { ceilingFor } from '@/core/effort'
import { type ClassModel, classModel, isAvailable, judgePlanned, openQuestions, place, type Roster, restOption, rosterOf } from '@/core/fit'
import { reasonOf, sessionOf } from '@/core/formats'
import { type Catalogue, describePicture, ladderOf, pictureOf, withOwn } from '@/core/movement'
import { checkPlan, itemsOf, type Plan, type PlanDraft, plannedItem } from '@/core/plan'
import { assess, buildRuleBase, isAbsolute } from '@/core/safety'
import type { Choice, ClassQuestion, Explanation, LadderView, Questions, WorkerPerson } from './designerContract'

const RULE_BASE = buildRuleBase(CONDITIONS)
/**
 * Answers the designer's questions from the plan and the people it was last given. It remembers who was assessed how, so that an
 * edit of one item judges that item only.
 */
export class DesignerDesk {
  private catalogue: Catalogue = LIBRARY
  private roster: Roster = rosterOf([])
  private facts: WorkerPerson[] = []
  private sessionKey = ''
  private plan: Plan | undefined
  private drawings = new Map<string, Drawing>()
  private sent = new Set<string>()

  model({ plan, people, own }: Questions['model']['ask']): Questions['model']['answer'] {
    if (own) {
      this.catalogue = withOwn(LIBRARY, own)
      this.drawings.clear()
      this.sent.clear()
    }
    const sound = this.accept(plan)
    if (people) this.facts = people
    const session = sessionOf(sound)
    const key = JSON.stringify(session)
    if (people || own || key !== this.sessionKey) {
      this.sessionKey = key
      this.roster = rosterOf(this.facts.map(({ id, name, facts }) => ({ id, name, assessment: assess(RULE_BASE, facts, session) })))
    }
    const model: ClassModel = classModel(sound, this.roster, this.catalogue)
    const ids = model.items.flatMap((item) => (item.variant ? [item.variant] : []))
    // a drawing is large, so each goes over once
    const fresh = ids.filter((id) => !this.sent.has(id))
    for (const id of fresh) this.sent.add(id)
    return { model, drawings: Object.fromEntries(fresh.map((id) => [id, this.drawing(id)])) }
  }

  private drawing(id: string): Drawing {
    let drawing = this.drawings.get(id)
    if (!drawing) {
      drawing = pictureOf(this.catalogue.byId.get(id)!.variant)
      this.drawings.set(id, drawing)
    }
    return drawing
  }

  private accept(draft: PlanDraft): Plan {
    const checked = checkPlan(draft, this.catalogue)
    if ('problems' in checked) throw new Error(JSON.stringify(checked.problems))
    this.plan = checked.plan
    return checked.plan
  }

  private item(id: string) {
    const found = this.plan && itemsOf(this.plan).find(({ item }) => item.id === id)
    if (!found || !this.plan) throw new Error(`the plan has no item "${id}"`)
    return { plan: this.plan, planned: plannedItem(found.item, this.catalogue) }
  }

  explain({ item, person }: Questions['explain']['ask']): Explanation {
    const { plan, planned } = this.item(item)
    const somebody = this.roster.people.find(({ id }) => id === person)
    if (!somebody) throw new Error(`nobody here has the id ${person}`)
    const { judgement, options } = place(somebody.assessment, planned, this.catalogue.entries, plan.room)
    return {
      personId: somebody.id,
      person: somebody.name,
      ...(planned.entry && { variant: planned.entry.variant.id }),
      absolute: isAbsolute(judgement),
      ceiling: ceilingFor(somebody.assessment, plan.school),
      ...(judgement.overruled && { overruled: judgement.overruled }),
      item: planned.name,
      verdict: judgement.verdict,
      ...(judgement.scope && { scope: judgement.scope }),
      ...(judgement.gate && { gate: judgement.gate }),
      pending: somebody.assessment.pending.map((slug) => RULE_BASE.conditions.get(slug)?.name ?? slug),
      reasons: judgement.hits
        .map(reasonOf)
        .map((reason) => ({ ...reason, condition: RULE_BASE.conditions.get(reason.condition)?.name ?? reason.condition })),
      changes: judgement.changes,
      options: options
        .slice(0, 6)
        .map(({ entry, id, changes }) => ({ id, movement: entry?.movement.name ?? planned.name, name: entry?.variant.name ?? '', changes })),
      ...(options.length === 0 && { rest: restOption(somebody.assessment, this.catalogue.entries)?.variant.name ?? 'Rest with easy breathing' }),
    }
  }

  ladder({ item }: Questions['ladder']['ask']): LadderView {
    const { plan, planned } = this.item(item)
    const { entry } = planned
    if (!entry) throw new Error('a described movement has no ladder')
    const steps = ladderOf(this.catalogue, entry.movement.id)
    const ids = new Set(steps.map((step) => step.variant.id))
    const standing = this.roster.people.map(({ name, assessment }) => ({
      name,
      on: place(assessment, planned, steps, plan.room).options.find((option) => ids.has(option.id))?.id,
    }))
    const { variant, movement } = entry
    return {
      movement: movement.name,
      everyday: movement.everyday,
      cues: variant.cues,
      dose: planned.dose,
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

  choices({ phase }: Questions['choices']['ask']): Choice[] {
    const { plan } = this
    if (!plan) return []
    const kind = plan.phases.find(({ id }) => id === phase)?.kind
    return this.catalogue.entries
      .filter((entry) => isAvailable(entry, plan.room))
      .map((entry) => {
        const planned = plannedItem({ id: 'choice', variant: entry.variant.id }, this.catalogue)
        const fits = this.roster.people.filter(({ assessment }) => {
          const { verdict } = judgePlanned(assessment, planned)
          return verdict === 'as-planned' || verdict === 'modify'
        }).length
        return {
          id: entry.variant.id,
          movement: entry.movement.name,
          purpose: entry.movement.purpose,
          name: entry.variant.name,
          fits,
          near: entry.movement.phase === kind || entry.movement.phase === 'any',
        }
      })
      .sort((a, b) => Number(b.near) - Number(a.near))
      .map(({ near: _near, ...choice }) => choice)
  }

  /** What is worth asking, for the whole class: most verdicts loosened first. */
  questions(): ClassQuestion[] {
    const { plan } = this
    if (!plan) return []
    const items = itemsOf(plan).map(({ item }) => plannedItem(item, this.catalogue))
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
      .sort((a, b) => b.loosens.length - a.loosens.length)
  }
}
