import { fillers, type Judged } from '../evaluate'
import { type Block, type Edit, freeId, type Item, idsOf, type Phase, type PlanDose, partOf, prescriptionsOf } from '../plan'
import { secondsBy } from './changed'
import type { Step } from './choice'
import type { Part } from './way'

/** One thing that is dropped, shortened or added, so that a class has another length. */
export type Fitting =
  | { code: 'sets'; items: string[]; from: number; to: number }
  | { code: 'work'; items: string[]; from: number; to: number }
  | { code: 'rounds'; block: string; from: number; to: number }
  | { code: 'out'; items: string[] }
  | { code: 'words'; block: string; from: number; to: number }
  | { code: 'block-out'; block: string }
  | { code: 'added'; item: string; variant: string }

export interface FitStep extends Step {
  does?: Fitting
  /** items that are still there after it, of those that it speaks of */
  keeps: readonly string[]
  part: Part
}
/** What a step speaks of: a part of a plan, with its items. */
interface Of {
  part: Part
  items: readonly Item[]
}

/** What is lost by a step, by how much of a class a group notices: a set before a movement, words before work. */
export const PRICE = {
  set: 0.55,
  work: 0.3,
  roundOfItem: 0.45,
  item: 3,
  optional: 0.8,
  quiet: 0.5,
  quality: 4,
  muscle: 0.6,
  added: 0.8,
  setMore: 0.4,
  workMore: 0.25,
  /** of a second that stays free */
  unused: 0.005,
}
/** Sets of an item, and work by the clock in one go, s, at most. */
const MOST_SETS = 3
const WORK = { least: 30, most: 180, step: 15 } as const
/** Words in front of a group are cut to this, s. */
const FEW_WORDS_SECONDS = 30
const MOST_ADDED = 6
/** Rounds of a block at most. */
const MOST_ROUNDS = 6

const numbers = (least: number, most: number, by = 1): number[] =>
  Array.from({ length: Math.max(0, Math.floor((most - least) / by) + 1) }, (_, index) => least + index * by)

/** The second of a kind costs twice the first: what is taken is taken from many rather than all from one. */
const rising = (many: number): number => (many * (many + 1)) / 2

/** Items that stand for the two sides of one movement are one part of a plan: never the one without the other. */
function byParts(block: Block, sideOf: (item: string) => string | undefined): Item[][] {
  const parts: Item[][] = []
  for (const item of block.items) {
    const side = sideOf(item.id)
    const isHalf = side === 'left' || side === 'right'
    const other = isHalf && parts.find(([one]) => one && movementOf(one) === movementOf(item) && sideOf(one.id) !== side)
    if (other) other.push(item)
    else parts.push([item])
  }
  return parts
}
const movementOf = ({ variant, described }: Item): string => variant?.split('/')[0] ?? described?.name ?? ''

/** All that can be dropped, shortened or added in a class. */
export class Cutter {
  private readonly doseOf: ReadonlyMap<string, PlanDose>
  private readonly sideOf: (item: string) => string | undefined
  constructor(
    private readonly from: Judged,
    private readonly isShorter: boolean,
  ) {
    const prescriptions = prescriptionsOf(from.plan, from.catalogue)
    this.doseOf = new Map(prescriptions.map(({ item, planDose }) => [item.id, planDose]))
    const sides = new Map(prescriptions.map(({ item, side }) => [item.id, side]))
    this.sideOf = (item) => sides.get(item)
  }

  private step({ part, items }: Of, price: number, edits: readonly Edit[], does: Fitting, brings: readonly string[] = []): FitStep[] {
    const seconds = secondsBy(this.from, edits)
    const gone = does.code === 'out' ? does.items : does.code === 'block-out' ? items.map(({ id }) => id) : []
    const keeps = items.flatMap(({ id }) => (gone.includes(id) ? [] : [id]))
    // what makes a shorter class longer is none of its steps
    return seconds && this.isShorter === seconds < 0 ? [{ part, price, edits, does, keeps, brings, seconds }] : []
  }

  private stay({ part, items }: Of): FitStep {
    return { part, price: 0, edits: [], keeps: items.map(({ id }) => id), brings: [], seconds: 0 }
  }

  private inSets(of: Of): FitStep[] {
    const doses = of.items.map(({ id }) => this.doseOf.get(id)!)
    const [dose] = doses
    const isPlain = doses.every(({ eachSet, shrinking, sets }) => !eachSet && !shrinking && sets === dose?.sets)
    if (!dose || !isPlain) return []
    const [least, most] = this.isShorter ? [1, dose.sets - 1] : [dose.sets + 1, Math.max(dose.sets, MOST_SETS)]
    return numbers(least, most).flatMap((sets) =>
      this.step(
        of,
        rising(Math.abs(dose.sets - sets)) * (this.isShorter ? PRICE.set : PRICE.setMore),
        of.items.map(({ id }, index): Edit => ({ kind: 'set-dose', item: id, dose: { ...doses[index]!, sets } })),
        { code: 'sets', items: of.items.map(({ id }) => id), from: dose.sets, to: sets },
      ),
    )
  }

  /** Work by the clock in one go, shorter or longer. */
  private inWork(of: Of): FitStep[] {
    const doses = of.items.map(({ id }) => this.doseOf.get(id)!)
    const was = doses[0]?.workSeconds
    if (was === undefined || doses.some(({ workSeconds, eachSet, sets }) => workSeconds !== was || eachSet || sets > 1)) return []
    const [least, most] = this.isShorter ? [WORK.least, was - 1] : [was + WORK.step, WORK.most]
    return numbers(least, most, WORK.step).flatMap((workSeconds) =>
      this.step(
        of,
        rising(Math.abs(workSeconds - was) / 30) * (this.isShorter ? PRICE.work : PRICE.workMore),
        of.items.map(({ id }, index): Edit => ({ kind: 'set-dose', item: id, dose: { ...doses[index]!, workSeconds } })),
        { code: 'work', items: of.items.map(({ id }) => id), from: was, to: workSeconds },
      ),
    )
  }

  /** One side of a movement whose other stands somewhere else: it stays as that does. */
  private isHalf(items: readonly Item[]): boolean {
    const sides = new Set(items.map(({ id }) => this.sideOf(id)))
    return sides.size === 1 && (sides.has('left') || sides.has('right'))
  }

  private out(of: Of, items = of.items): FitStep[] {
    if (!this.isShorter || this.isHalf(items)) return []
    const ids = items.map(({ id }) => id)
    const price = items.every(({ optional }) => optional) ? PRICE.optional : PRICE.item
    return this.step(
      of,
      price,
      ids.map((item): Edit => ({ kind: 'remove-item', item })),
      { code: 'out', items: ids },
    )
  }

  /** Blocks whose items take turns: a round is of all of them. */
  private inRounds(of: Of, block: Block & { rounds?: number | undefined }): FitStep[] {
    const was = block.rounds ?? Math.max(1, ...of.items.map(({ id }) => this.doseOf.get(id)!.sets))
    const spare = 'optionalRounds' in block ? block.optionalRounds : 0
    const [least, most] = this.isShorter ? [1, was - 1] : [was + 1, Math.max(was, MOST_ROUNDS)]
    return numbers(least, most).flatMap((rounds) => {
      const change = { rounds, ...(spare > 0 && { optionalRounds: Math.max(0, spare - Math.max(0, was - rounds)) }) }
      // rounds that are done only if there is time go first
      const price = numbers(1, Math.abs(was - rounds)).reduce(
        (sum, one) => sum + (this.isShorter && one <= spare ? PRICE.optional : one * PRICE.roundOfItem * of.items.length),
        0,
      )
      return this.step(of, price, [{ kind: 'set-block', block: block.id, change }], { code: 'rounds', block: block.id, from: was, to: rounds })
    })
  }

  private blockOut(of: Of, block: Block): FitStep[] {
    if (!this.isShorter || of.part !== 'main' || byParts(block, this.sideOf).some((items) => this.isHalf(items))) return []
    const price = block.optional ? PRICE.optional : PRICE.item * Math.max(1, of.items.length)
    return this.step(of, price, [{ kind: 'remove-block', block: block.id }], { code: 'block-out', block: block.id })
  }

  private fewerWords(of: Of, block: Extract<Block, { format: 'quiet' }>): FitStep[] {
    // a pause in which whoever stays in a wheelchair takes the weight off is as long as it has to be (rule base 1.6)
    if (!this.isShorter || block.seconds <= FEW_WORDS_SECONDS || block.relief) return []
    const edit: Edit = { kind: 'set-block', block: block.id, change: { seconds: FEW_WORDS_SECONDS } }
    return this.step(of, PRICE.quiet, [edit], { code: 'words', block: block.id, from: block.seconds, to: FEW_WORDS_SECONDS })
  }

  private choicesOf({ kind }: Phase, block: Block): FitStep[][] {
    const part = partOf(kind)
    // what brings a class down is never less
    if (part === 'cool-down' && this.isShorter) return []
    const whole: Of = { part, items: block.items }
    switch (block.format) {
      case 'quiet':
        return [[this.stay(whole), ...this.fewerWords(whole, block)]]
      case 'circuit':
      case 'intervals':
      case 'alternated': {
        const some = block.items.length > 2 ? byParts(block, this.sideOf).flatMap((items) => this.out(whole, items)) : []
        return [[this.stay(whole), ...this.inRounds(whole, block), ...some, ...this.blockOut(whole, block)]]
      }
      case 'straight':
      case 'stations':
      case 'open':
        return byParts(block, this.sideOf).map((items) => {
          const of = { part, items }
          return this.isHalf(items) ? [this.stay(of)] : [this.stay(of), ...this.inSets(of), ...this.inWork(of), ...this.out(of)]
        })
      default:
        return [[this.stay(whole), ...this.blockOut(whole, block)]]
    }
  }

  /** Movements that could come at the end of the main part. */
  private additions(): FitStep[][] {
    const { plan } = this.from
    const phase = plan.phases.findLast(({ kind }) => partOf(kind) === 'main')
    const block = phase?.blocks.findLast(({ format }) => format === 'straight')
    if (this.isShorter || !block) return []
    const used = idsOf(plan)
    const of: Of = { part: 'main', items: [] }
    return fillers(this.from, undefined)
      .slice(0, MOST_ADDED)
      .map((entry, index) => {
        const item = freeId(used, 'f')
        used.add(item)
        const edit: Edit = { kind: 'add-item', block: block.id, at: block.items.length + index, item: { id: item, variant: entry.variant.id } }
        const does: Fitting = { code: 'added', item, variant: entry.variant.id }
        // of those that are wanted as much the first
        return [this.stay(of), ...this.step(of, PRICE.added * (1 + index / 20), [edit], does, [entry.movement.id])]
      })
  }

  choices(): FitStep[][] {
    return [...this.from.plan.phases.flatMap((phase) => phase.blocks.flatMap((block) => this.choicesOf(phase, block))), ...this.additions()]
  }
}
