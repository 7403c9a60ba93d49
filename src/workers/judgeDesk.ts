import { CONDITIONS } from '@/content/conditions'
import { BANDS } from '@/content/kit/bands'
import { assessRoster, cellsOf, type Evaluation, evaluate, kitList } from '@/core/evaluate'
import { ledView } from '@/core/lead'
import type { Catalogue } from '@/core/movement'
import { checkPlan, type Plan, problemText, withKnown } from '@/core/plan'
import { turnsAhead } from '@/core/progress'
import { assess, buildRuleBase } from '@/core/safety'
import { expand, treadLine } from '@/core/timing'
import { catalogueOf } from './catalogueOf'
import { DesignerDesk } from './designerDesk'
import type { JudgeQuestions, JudgeRequest, StandingNow } from './judgeContract'
import { LibraryDesk } from './libraryDesk'

const RULE_BASE = buildRuleBase(CONDITIONS)
type Ask<K extends keyof JudgeQuestions> = JudgeQuestions[K]['ask']
type Answer<K extends keyof JudgeQuestions> = JudgeQuestions[K]['answer']

/** Judges for the server, in a thread of its own: nobody's tap waits behind a judgement. */
export class JudgeDesk {
  private own: Ask<'library'>['own'] = []

  /** @throws what goes wrong in it */
  answer(request: JudgeRequest): unknown {
    switch (request.kind) {
      case 'library':
        return this.library(request.ask)
      case 'first':
        return this.first(request.ask)
      case 'sheet':
        return this.sheet(request.ask)
      case 'led':
        return this.led(request.ask)
      case 'cells':
        return this.cells(request.ask)
      case 'stair':
        return this.stair(request.ask)
      case 'ahead':
        return this.ahead(request.ask)
      case 'find':
        return this.find(request.ask)
      case 'standing':
        return this.standing(request.ask)
    }
  }

  private get catalogue(): Catalogue {
    return catalogueOf(this.own)
  }

  library({ own }: Ask<'library'>): null {
    this.own = own
    catalogueOf(own)
    return null
  }

  private evaluated({ plan, people, experience }: Ask<'cells'>): { plan: Plan; evaluation: Evaluation } | { problem: string } {
    const checked = checkPlan(withKnown(plan, experience.knows), this.catalogue)
    if ('problems' in checked) return { problem: checked.problems.map(problemText).join('; ') }
    const roster = assessRoster(RULE_BASE, people, checked.plan)
    return { plan: checked.plan, evaluation: evaluate(checked.plan, roster, this.catalogue, experience.pace.rates) }
  }

  first({ plan, people, experience }: Ask<'first'>): Answer<'first'> {
    const desk = new DesignerDesk()
    const shown = desk.model({ plan, people, own: this.own, experience })
    return { shown, cells: desk.evaluation ? cellsOf(desk.evaluation) : [] }
  }

  sheet(ask: Ask<'sheet'>): Answer<'sheet'> {
    const evaluated = this.evaluated(ask)
    if ('problem' in evaluated) return evaluated
    const { people, tread } = evaluated.evaluation
    return {
      line: tread,
      closed: people.flatMap(({ name, assessment: { closed } }) => (closed ? [{ name, because: closed.text }] : [])),
      kit: kitList(evaluated.evaluation, BANDS),
      pending: people.flatMap(({ name, assessment: { closed, pending } }) => (!closed && pending.length > 0 ? [name] : [])),
    }
  }

  led(ask: Ask<'led'>): Answer<'led'> {
    const evaluated = this.evaluated(ask)
    return 'problem' in evaluated ? evaluated : ledView(evaluated.plan, evaluated.evaluation, this.catalogue, ask.masses, BANDS)
  }

  cells(ask: Ask<'cells'>): Answer<'cells'> {
    const evaluated = this.evaluated(ask)
    return 'problem' in evaluated ? null : cellsOf(evaluated.evaluation)
  }

  stair({ plan }: Ask<'stair'>): Answer<'stair'> {
    const checked = checkPlan(plan, this.catalogue)
    return 'plan' in checked ? treadLine(expand(checked.plan, this.catalogue)) : null
  }

  ahead({ plan, meetings, experience }: Ask<'ahead'>): Answer<'ahead'> {
    const checked = checkPlan(withKnown(plan, experience.knows), this.catalogue)
    return 'plan' in checked ? turnsAhead(RULE_BASE, checked.plan, this.catalogue, experience.pace.rates, meetings) : null
  }

  find({ people, wish }: Ask<'find'>): Answer<'find'> {
    const desk = new LibraryDesk()
    desk.open({ people, own: this.own })
    return desk.find(wish)
  }

  standing({ facts }: Ask<'standing'>): StandingNow[] {
    return facts.map((person) => {
      const { closed, pending } = assess(RULE_BASE, person, { supportInReach: true })
      return { ...(closed && { closed: closed.outcome }), pending: pending.length > 0 }
    })
  }
}
