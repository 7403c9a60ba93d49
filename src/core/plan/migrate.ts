/**
 * Plans of earlier versions, step by step. What an old plan meant is said in the new words; nothing is guessed: what does not fit is left as
 * it is, and the check of the present version names it.
 */

type Loose = Record<string, unknown>
const isObject = (value: unknown): value is Loose => typeof value === 'object' && value !== null && !Array.isArray(value)
const mapArray = (value: unknown, change: (one: Loose) => Loose): unknown =>
  Array.isArray(value) ? value.map((one) => (isObject(one) ? change(one) : one)) : value

/** The rest that the last item states: version 1 took it between rounds where the block stated none. */
function lastRest(items: unknown): unknown {
  const last: unknown = Array.isArray(items) ? items.at(-1) : undefined
  return isObject(last) && isObject(last.dose) ? last.dose.restSeconds : undefined
}

/**
 * Version 1 had straight sets, circuits and intervals in one shape. Its circuits rested only after a round; its intervals gave each side of
 * a two-sided movement a stretch of its own.
 */
function blockFrom1({ format, workSeconds, restSeconds, rounds, ...block }: Loose): Loose {
  switch (format) {
    case 'circuit': {
      const rest = restSeconds ?? lastRest(block.items)
      return { ...block, format, ...(rounds !== undefined && { rounds }), ...(rest !== undefined && { restAfterRoundSeconds: rest }) }
    }
    case 'intervals':
      return {
        ...block,
        format,
        ...(rounds !== undefined && { rounds }),
        ...(workSeconds !== undefined && { workSeconds }),
        ...(restSeconds !== undefined && { restSeconds }),
        sidesIn: 'own-stretches',
      }
    case undefined:
    case 'straight':
      return { ...block, format: 'straight' }
    default:
      return { ...block, format }
  }
}

const from1 = (plan: Loose): Loose => ({
  ...plan,
  version: 2,
  phases: mapArray(plan.phases, (phase) => ({ ...phase, blocks: mapArray(phase.blocks, blockFrom1) })),
})

/** A plan in the present version. One that says no version is of the first. */
export const presentPlan = (document: unknown): unknown => (isObject(document) && document.version === undefined ? from1(document) : document)
