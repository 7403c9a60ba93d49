import { CONDITIONS } from '@/content/conditions'
import { LIBRARY } from '@/content/movements'
import type { Drawing } from '@/core/body'
import { type ClassModel, classModel, isAvailable, placeOnce, type RosterPerson, restOption } from '@/core/fit'
import { reasonOf, sessionOf } from '@/core/formats'
import { describePicture, ladderOf, pictureOf } from '@/core/movement'
import { checkPlan, itemsOf, type Plan, type PlanDraft, plannedItem } from '@/core/plan'
import { assess, buildRuleBase } from '@/core/safety'
import type { Choice, Explanation, LadderView, Questions, WorkerPerson } from './designerContract'

const RULE_BASE = buildRuleBase(CONDITIONS)
const drawings = new Map<string, Drawing>()

export function drawingOf(id: string): Drawing {
  let drawing = drawings.get(id)
  if (!drawing) {
    drawing = pictureOf(LIBRARY.byId.get(id)!.variant)
    drawings.set(id, drawing)
  }
  return drawing
}

/**
 * Answers the designer's questions from the plan and the people it was last given. It remembers who was assessed how, so that an
 * edit of one item judges that item only.
 */
export class DesignerDesk {
  private people: RosterPerson[] = []
  private facts: WorkerPerson[] = []
  private sessionKey = ''
  private plan: Plan | undefined

  model({ plan, people }: Questions['model']['ask']): Questions['model']['answer'] {
    const sound = this.accept(plan)
    if (people) this.facts = people
    const session = sessionOf(sound)
    const key = JSON.stringify(session)
    if (people || key !== this.sessionKey) {
      this.sessionKey = key
      this.people = this.facts.map(({ id, name, facts }) => ({ id, name, assessment: assess(RULE_BASE, facts, session) }))
    }
    const model: ClassModel = classModel(sound, this.people, LIBRARY)
    const ids = model.items.flatMap((item) => (item.variant ? [item.variant] : []))
    return { model, drawings: Object.fromEntries(ids.map((id) => [id, drawingOf(id)])) }
  }

  private accept(draft: PlanDraft): Plan {
    const checked = checkPlan(draft, LIBRARY)
    if ('problems' in checked) throw new Error(JSON.stringify(checked.problems))
    this.plan = checked.plan
    return checked.plan
  }

  private item(id: string) {
    const found = this.plan && itemsOf(this.plan).find(({ item }) => item.id === id)
    if (!found || !this.plan) throw new Error(`the plan has no item "${id}"`)
    return { plan: this.plan, planned: plannedItem(found.item, LIBRARY) }
  }

  explain({ item, person }: Questions['explain']['ask']): Explanation {
    const { plan, planned } = this.item(item)
    const somebody = this.people.find(({ id }) => id === person)
    if (!somebody) throw new Error(`nobody here has the id ${person}`)
    const { judgement, options } = placeOnce(somebody.assessment, planned, LIBRARY, plan.room)
    return {
      person: somebody.name,
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
      ...(options.length === 0 && { rest: restOption(somebody.assessment, LIBRARY.entries)?.variant.name ?? 'Rest with easy breathing' }),
    }
  }

  ladder({ item }: Questions['ladder']['ask']): LadderView {
    const { plan, planned } = this.item(item)
    const { entry } = planned
    if (!entry) throw new Error('a described movement has no ladder')
    const steps = ladderOf(LIBRARY, entry.movement.id)
    const ids = new Set(steps.map((step) => step.variant.id))
    const standing = this.people.map(({ name, assessment }) => ({
      name,
      on: placeOnce(assessment, planned, LIBRARY, plan.room).options.find((option) => ids.has(option.id))?.id,
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
        drawing: drawingOf(step.variant.id),
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
    return LIBRARY.entries
      .filter((entry) => isAvailable(entry, plan.room))
      .map((entry) => {
        const planned = plannedItem({ id: 'choice', variant: entry.variant.id }, LIBRARY)
        const fits = this.people.filter(({ assessment }) => {
          const { verdict } = placeOnce(assessment, planned, LIBRARY, plan.room).judgement
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
}
