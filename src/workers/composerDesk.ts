import { CONDITIONS } from '@/content/conditions'
import { buildModel, compose, emptyPlan, frameOf, PARTS, type Proposal, type Solver, waysOf } from '@/core/compose'
import { assessRoster, type Roster } from '@/core/evaluate'
import type { Catalogue } from '@/core/movement'
import { buildRuleBase } from '@/core/safety'
import { catalogueOf, drawingOf } from './catalogueOf'
import type { ComposeAsk, ComposerNews, ProposalView } from './composerContract'

const RULE_BASE = buildRuleBase(CONDITIONS)
/** Of the ways, so many are solved once to have the solver warm. */
const WARM_SHARE = 4

/** Composes for the page, and tells what it finds as it finds it. */
export class ComposerDesk {
  private last: { people: string; roster: Roster } | undefined

  constructor(private readonly solver: Solver) {}

  /** The same roster for the same people: what was judged is remembered by it. */
  private rosterFor({ brief, people }: ComposeAsk): Roster {
    const key = JSON.stringify([people, brief.room])
    if (this.last?.people !== key) this.last = { people: key, roster: assessRoster(RULE_BASE, people, emptyPlan(brief)) }
    return this.last.roster
  }

  /** Judges everybody and solves a part once, while the brief is still being written. */
  warm(ask: ComposeAsk): void {
    const { brief, own, rates } = ask
    const roster = this.rosterFor(ask)
    const ways = waysOf(brief, emptyPlan(brief), roster, catalogueOf(own), rates).filter((_, index) => index % WARM_SHARE === 0)
    const { model } = buildModel(ways, brief, frameOf(brief, roster))
    if (this.solver(model, { relaxed: true }).status === 'optimal') this.solver(model, { nodes: 1, gap: 0.2, presolve: false })
  }

  compose(ask: ComposeAsk, proposals: number, tell: (news: ComposerNews) => void): void {
    const { brief, own, rates } = ask
    const catalogue = catalogueOf(own)
    let number = 0
    const made = compose(brief, this.rosterFor(ask), catalogue, this.solver, {
      rates,
      proposals,
      onFirst: (first) => tell({ kind: 'first', proposal: viewOf(first, catalogue) }),
      onProgress: ({ step, value, bound, proposal }) => tell({ kind: 'progress', step, bound, proposal, ...(value !== undefined && { value }) }),
      onProposal: (proposal) => tell({ kind: 'proposal', proposal: viewOf(proposal, catalogue), number: number++ }),
    })
    if (made.kind === 'impossible') {
      const names = catalogue.movements.flatMap(({ id, name }) => (brief.pinned.includes(id) ? [[id, name]] : []))
      tell({ ...made, names: Object.fromEntries(names) })
    } else tell({ kind: made.kind === 'proposals' ? 'done' : 'unknown' })
  }
}

function viewOf({ plan, evaluation, why, givenUp, gap }: Proposal, catalogue: Catalogue): ProposalView {
  const { items, timeline, tread, warnings } = evaluation
  const partOf = new Map(plan.phases.flatMap(({ id, blocks }) => blocks.flatMap((block) => block.items.map((item) => [item.id, id]))))
  const nameOf = (variant: string) => catalogue.byId.get(variant)?.variant.name ?? variant
  return {
    plan,
    line: tread,
    seconds: timeline.totalSeconds,
    parts: PARTS.map((part) => ({
      part,
      seconds: timeline.phases.find(({ id }) => id === part)?.seconds ?? 0,
      items: items
        .filter(({ prescription }) => partOf.get(prescription.item.id) === part)
        .map(({ prescription: { item, entry, name, movement }, shown, seconds }) => ({
          id: item.id,
          movement: entry?.movement.name ?? name,
          movementId: movement,
          name: nameOf(item.variant ?? ''),
          beside: shown.filter((id) => id !== item.variant).map(nameOf),
          seconds,
          why: why[item.id]!,
          ...(entry && { drawing: drawingOf(entry.variant) }),
        })),
    })),
    givenUp,
    tooLong: warnings.flatMap((warning) => (warning.code === 'session-too-long' ? [{ name: warning.person, minutes: warning.maxMinutes }] : [])),
    ...(gap !== undefined && { gap }),
  }
}
