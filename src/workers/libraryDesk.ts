import { CONDITIONS } from '@/content/conditions'
import { LIBRARY } from '@/content/movements'
import type { Drawing } from '@/core/body'
import { type Catalogue, describePicture, ladderOf, type SearchIndex, search, type Variant } from '@/core/movement'
import { type Assessment, assess, buildRuleBase, judge } from '@/core/safety'
import { catalogueOf, drawingOf, indexOf } from './catalogueOf'
import type { Find, Found, LibraryQuestions } from './libraryContract'

const RULE_BASE = buildRuleBase(CONDITIONS)
const SESSION = { supportInReach: true }
const AGE_UNDER_65 = 50
const AGE_OVER_65 = 72

/** Finds movements by words, muscles, place and kit, and by who may do them. */
export class LibraryDesk {
  private catalogue: Catalogue = LIBRARY
  private index: SearchIndex = indexOf(LIBRARY)
  private assessments: Assessment[] = []
  private names: string[] = []
  private sent = new Set<string>()
  private fitting: Map<string, number> | undefined

  open({ people, own }: LibraryQuestions['open']['ask']): null {
    this.catalogue = catalogueOf(own)
    // here, and not at the first key
    this.index = indexOf(this.catalogue)
    this.fitting = undefined
    this.names = people.map(({ name }) => name)
    this.assessments = people.map(({ facts }) => assess(RULE_BASE, facts, SESSION))
    return null
  }

  find(ask: Find): LibraryQuestions['find']['answer'] {
    const { conditions, over65, forClass, most, moving, ...query } = ask
    const safe = conditions.length > 0 || over65 ? this.allowedBy([this.imagined(conditions, over65)], 1) : undefined
    const forSome = forClass ? this.allowedBy(this.assessments, 1) : undefined
    const only = safe && forSome ? new Set([...safe].filter((id) => forSome.has(id))) : (safe ?? forSome)
    const all = search(this.index, { ...query, ...(only && { only }) })
    return {
      total: all.length,
      byWordsAlone: all.length > 0 ? all.length : search(this.index, { words: ask.words }).length,
      found: all.slice(0, most).map(({ movement, variants }): Found => {
        const entry = this.catalogue.byId.get(variants[variants.length >> 1]!)!
        const { poses, tempo, room, props, view, side } = entry.variant
        return {
          movement,
          name: entry.movement.name,
          purpose: entry.movement.purpose,
          variants: variants.length,
          of: entry.movement.variants.length,
          variant: entry.variant.id,
          ...this.drawingOnce(entry.variant),
          ...(moving && { figure: { poses, tempo, room, props, view, side } }),
          words: describePicture(entry.movement, entry.variant),
          ...(this.assessments.length > 0 && { fits: this.fits(movement) }),
        }
      }),
    }
  }

  /** Somebody with these conditions at their strictest, cleared to take part. */
  private imagined(conditions: readonly string[], over65: boolean): Assessment {
    const records = conditions.map((slug) => ({ slug, cleared: true }))
    const pregnant = conditions.some((slug) => RULE_BASE.conditions.get(slug)?.lasts === 'gestation')
    return assess(
      RULE_BASE,
      {
        age: over65 ? AGE_OVER_65 : pregnant ? 32 : AGE_UNDER_65,
        ...(pregnant && { gestationalWeek: 28 }),
        screenOutcome: 'go',
        conditions: records,
      },
      SESSION,
    )
  }

  private allowedBy(assessments: readonly Assessment[], least: number): Set<string> {
    const allowed = (assessment: Assessment, entry: Catalogue['entries'][number]) => {
      const { verdict } = judge(assessment, entry.vector, { movement: entry.movement.id })
      return verdict === 'as-planned' || verdict === 'modify'
    }
    return new Set(
      this.catalogue.entries
        .filter((entry) => assessments.filter((assessment) => allowed(assessment, entry)).length >= least)
        .map(({ variant }) => variant.id),
    )
  }

  /** Who of the class may do which step of a movement. */
  steps({ movement }: LibraryQuestions['steps']['ask']): LibraryQuestions['steps']['answer'] {
    return ladderOf(this.catalogue, movement).map((entry) => ({
      variant: entry.variant.id,
      fits: this.assessments.flatMap((assessment, index) =>
        ['as-planned', 'modify'].includes(judge(assessment, entry.vector, { movement }).verdict) ? [this.names[index]!] : [],
      ),
    }))
  }

  /** How many of the class have a step of a movement; worked out once for all. */
  private fits(movement: string): number {
    this.fitting ??= new Map(
      this.catalogue.movements.map(({ id }) => {
        const steps = this.catalogue.entries.filter((entry) => entry.movement.id === id)
        const fit = this.assessments.filter((assessment) =>
          steps.some((entry) => ['as-planned', 'modify'].includes(judge(assessment, entry.vector, { movement: id }).verdict)),
        )
        return [id, fit.length]
      }),
    )
    return this.fitting.get(movement) ?? 0
  }

  /** A drawing is large, so each goes over once. */
  private drawingOnce(variant: Variant): { drawing?: Drawing } {
    if (this.sent.has(variant.id)) return {}
    this.sent.add(variant.id)
    return { drawing: drawingOf(variant) }
  }

  /** Draws one step of every movement, so that the first key does not wait for figures. */
  drawAhead(): void {
    for (const { variants } of this.catalogue.movements) drawingOf(variants[variants.length >> 1]!)
  }
}
