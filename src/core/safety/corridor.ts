import { type AttributeName, attribute, decodeValue, encodeValue, FAMILIES, familyOf, type PlannedDemands, SLOT } from '../movement/demands'
import type { Residual } from './predicate'

/** What one attribute may still be: a closed range with exceptions, or a set of enum codes. */
interface Range {
  low: number
  high: number
  lowOpen: boolean
  highOpen: boolean
  not: number[]
  /** codes allowed, for enums */
  codes?: number[]
}
type Domain = Map<AttributeName, Range>

export interface Change {
  attribute: AttributeName
  from: string | number | boolean
  to: string | number | boolean
}

/**
 * The values an instructor can reach by word, prop or dose (column T of the demand table): structural attributes stay,
 * "downward" ones only fall, and a standing person may take a hand on support only where support is in reach.
 */
function tunableRange(name: AttributeName, planned: PlannedDemands, vector: Float64Array, supportInReach: boolean): Range {
  const definition = attribute(name)
  const now = vector[SLOT[name]]!
  const range: Range = { low: 0, high: Number.POSITIVE_INFINITY, lowOpen: false, highOpen: false, not: [] }
  if (name === 'basePosition') {
    const family = familyOf(planned.basePosition)
    const reachable =
      family === 'standing' && supportInReach
        ? FAMILIES.standing
        : family === 'seated' && planned.basePosition !== 'bed-edge-sitting'
          ? (['seated-back-supported', 'seated-unsupported'] as const)
          : [planned.basePosition]
    return { ...range, codes: reachable.map((base) => encodeValue(name, base)) }
  }
  if (definition.tune === 'structural') return definition.kind === 'enum' ? { ...range, codes: [now] } : { ...range, low: now, high: now }
  if (definition.kind === 'enum') return { ...range, codes: definition.values.map((_, code) => code) }
  if (definition.kind === 'flag') return { ...range, codes: [0, 1] }
  return { ...range, low: definition.min, high: definition.tune === 'downward' ? now : Math.max(definition.max, now) }
}

function narrowed(range: Range, residual: Extract<Residual, { kind: 'test' | 'oneOf' }>): Range | null {
  if (residual.kind === 'oneOf') {
    const codes = (range.codes ?? []).filter((code) => residual.codes.includes(code) !== residual.negated)
    return codes.length > 0 ? { ...range, codes } : null
  }
  const { op, value } = residual
  if (range.codes) {
    const codes = range.codes.filter((code) => (op === '==' ? code === value : op === '!=' ? code !== value : false))
    return codes.length > 0 ? { ...range, codes } : null
  }
  const next = { ...range, not: range.not }
  if (op === '==' || op === '<=' || op === '<') {
    if (value < next.high || (value === next.high && op === '<')) Object.assign(next, { high: value, highOpen: op === '<' })
  }
  if (op === '==' || op === '>=' || op === '>') {
    if (value > next.low || (value === next.low && op === '>')) Object.assign(next, { low: value, lowOpen: op === '>' })
  }
  if (op === '!=') next.not = [...range.not, value]
  const empty = next.low > next.high || (next.low === next.high && (next.lowOpen || next.highOpen || next.not.includes(next.low)))
  return empty ? null : next
}

/** The value in the range that is nearest to the present one. */
function nearest(range: Range, now: number): number {
  if (range.codes) return range.codes.includes(now) ? now : range.codes[0]!
  // an open end is left by one unit: every quantity here is whole or judged no finer
  const low = range.lowOpen ? range.low + 1 : range.low
  const high = range.highOpen ? range.high - 1 : range.high
  const value = Math.min(Math.max(now, low), Math.max(low, high))
  return range.not.includes(value) ? (value - 1 >= low ? value - 1 : value + 1) : value
}

const satisfied = (range: Range, now: number): boolean => nearest(range, now) === now

/** Depth-first over the alternatives of each "or", those that hold already or change least first. */
function search(open: Residual[], domain: Domain, vector: Float64Array, rangeOf: (name: AttributeName) => Range): Domain | null {
  const [first, ...rest] = open
  if (!first) return domain
  switch (first.kind) {
    case 'constant':
      return first.value ? search(rest, domain, vector, rangeOf) : null
    case 'and':
      return search([...first.parts, ...rest], domain, vector, rangeOf)
    case 'or': {
      const ranked = first.parts.map((part) => ({ part, cost: changesNeeded(part, domain, vector, rangeOf) })).sort((a, b) => a.cost - b.cost)
      for (const { part, cost } of ranked) {
        if (!Number.isFinite(cost)) break
        const found = search([part, ...rest], domain, vector, rangeOf)
        if (found) return found
      }
      return null
    }
    case 'test':
    case 'oneOf': {
      const next = narrowed(domain.get(first.attribute) ?? rangeOf(first.attribute), first)
      return next ? search(rest, new Map(domain).set(first.attribute, next), vector, rangeOf) : null
    }
  }
}

function changesNeeded(residual: Residual, domain: Domain, vector: Float64Array, rangeOf: (name: AttributeName) => Range): number {
  const alone = search([residual], domain, vector, rangeOf)
  if (!alone) return Number.POSITIVE_INFINITY
  return [...alone].filter(([name, range]) => !satisfied(range, vector[SLOT[name]]!)).length
}

/**
 * The corridor of principle P3: the smallest set of tunable changes after which every `must` holds, or null when there is none
 * with the position family, the transfer, the purpose and the side as they are.
 *
 * @param musts specialised to the person, so that they read only the variant
 */
export function corridor(planned: PlannedDemands, vector: Float64Array, musts: readonly Residual[], supportInReach: boolean): Change[] | null {
  const ranges = new Map<AttributeName, Range>()
  const rangeOf = (name: AttributeName): Range => {
    const known = ranges.get(name)
    if (known) return known
    const range = tunableRange(name, planned, vector, supportInReach)
    ranges.set(name, range)
    return range
  }
  // certain requirements first, so that alternatives are chosen in their light
  const certain = musts.filter((must) => must.kind !== 'or')
  const open = musts.filter((must) => must.kind === 'or')
  const domain = search([...certain, ...open], new Map(), vector, rangeOf)
  if (!domain) return null
  const changes: Change[] = []
  for (const [name, range] of domain) {
    const now = vector[SLOT[name]]!
    if (!satisfied(range, now)) changes.push({ attribute: name, from: decodeValue(name, now), to: decodeValue(name, nearest(range, now)) })
  }
  return changes.sort((a, b) => SLOT[a.attribute] - SLOT[b.attribute])
}

/** The planned demands after the changes. */
export const withChanges = (planned: PlannedDemands, changes: readonly Change[]): PlannedDemands =>
  ({ ...planned, ...Object.fromEntries(changes.map((change) => [change.attribute, change.to])) }) as PlannedDemands
