import { type AttributeName, attribute, encodeValue, FAMILIES, SLOT } from '../movement/demands'
import { SESSION_SLOT, type SessionName } from './fields'
import { type Comparison, DERIVED_FLAGS, DERIVED_LOADS, DERIVED_MAXIMA, type Expression, type Literal, parsePredicate } from './predicate'

/** What is read when person and condition are known: an attribute of the planned variant, or a field of the session. */
export type Readable = AttributeName | `s.${SessionName}`

/** A planned variant in a session, both as numbers: what compiled rules are held against. */
export interface Scene {
  demands: Float64Array
  session: Float64Array
}

/** A condition over one encoded value: the form that is left when person and condition are known. */
export type Residual =
  | { kind: 'constant'; value: boolean }
  | { kind: 'and' | 'or'; parts: Residual[] }
  | { kind: 'test'; reads: Readable; op: Comparison; value: number }
  /** `codes` in the order in which the rule lists them; `fixed`: stands for the position family, which no change by word alters */
  | { kind: 'oneOf'; reads: AttributeName; codes: readonly number[]; negated: boolean; fixed?: boolean }

const TRUE: Residual = { kind: 'constant', value: true }
const FALSE: Residual = { kind: 'constant', value: false }
const constant = (value: boolean): Residual => (value ? TRUE : FALSE)

export function join(kind: 'and' | 'or', parts: Residual[]): Residual {
  const absorbing = kind === 'or'
  const kept: Residual[] = []
  for (const part of parts) {
    if (part.kind === 'constant') {
      if (part.value === absorbing) return constant(absorbing)
    } else if (part.kind === kind) kept.push(...part.parts)
    else kept.push(part)
  }
  if (kept.length === 0) return constant(!absorbing)
  return kept.length === 1 ? kept[0]! : { kind, parts: kept }
}

const compareNumbers = (a: number, op: Comparison, b: number): boolean =>
  op === '==' ? a === b : op === '!=' ? a !== b : op === '<' ? a < b : op === '<=' ? a <= b : op === '>' ? a > b : a >= b

const OPPOSITE: Record<Comparison, Comparison> = { '==': '!=', '!=': '==', '<': '>=', '>=': '<', '>': '<=', '<=': '>' }

/** Values of the `p.` and `c.` names. */
export type Context = (name: string) => Literal | undefined

export interface SpecializeOptions {
  /**
   * Reads a demand for hand support as met by a seated, lying, incline or all-fours candidate
   * that asks less balance than the planned movement (rule base 0.3 step 7, "being held more counts as being held").
   */
  heldMoreThan?: { balanceDemand: number }
}

const BASES_HELD_MORE = (['seated', 'supine', 'incline', 'sideLying', 'prone', 'quadruped'] as const).flatMap((family): string[] => [
  ...FAMILIES[family],
])
const SUPPORTED_BASES = ['standing-two-hand', 'standing-one-hand']

const derivedCache = new Map<string, Expression>()
function derivedFlag(name: string): Expression {
  const known = derivedCache.get(name)
  if (known) return known
  const parsed = parsePredicate(DERIVED_FLAGS[name]!)
  derivedCache.set(name, parsed)
  return parsed
}

/**
 * Fills in what is known of the person and the condition; what remains reads only the variant and the session.
 * Folding first means that rules which cannot fire for this person cost nothing per variant.
 */
export function specialize(expression: Expression, context: Context, options: SpecializeOptions = {}, negated = false): Residual {
  switch (expression.kind) {
    case 'constant':
      return constant(expression.value !== negated)
    case 'not':
      return specialize(expression.part, context, options, !negated)
    case 'and':
    case 'or': {
      const kind = negated ? (expression.kind === 'and' ? 'or' : 'and') : expression.kind
      return join(
        kind,
        expression.parts.map((part) => specialize(part, context, options, negated)),
      )
    }
    case 'in': {
      const { name, values } = expression
      if (/^[pc]\./.test(name)) return constant(values.includes(context(name)!) !== negated)
      if (name in DERIVED_MAXIMA) {
        const any = values.map((value) => comparison({ kind: 'compare', name, op: '==', value }, context, options, negated))
        return join(negated ? 'and' : 'or', any)
      }
      return membership(name, values.map(String), negated, options)
    }
    case 'compare':
      return comparison(expression, context, options, negated)
  }
}

function membership(name: string, values: string[], negated: boolean, options: SpecializeOptions): Residual {
  if (name !== 'family' && name !== 'basePosition') {
    const reads = name as AttributeName
    return { kind: 'oneOf', reads, codes: values.map((value) => encodeValue(reads, value)), negated }
  }
  const bases = name === 'family' ? values.flatMap((family): string[] => [...FAMILIES[family as keyof typeof FAMILIES]]) : values
  const among = (list: readonly string[], not: boolean, fixed: boolean): Residual => ({
    kind: 'oneOf',
    reads: 'basePosition',
    codes: list.map((base) => encodeValue('basePosition', base)),
    negated: not,
    ...(fixed && { fixed }),
  })
  const plain = among(bases, negated, name === 'family')
  const asksForHands = !negated && bases.length > 0 && bases.every((base) => SUPPORTED_BASES.includes(base))
  if (!asksForHands || !options.heldMoreThan) return plain
  const calmer: Residual = { kind: 'test', reads: 'balanceDemand', op: '<', value: options.heldMoreThan.balanceDemand }
  return join('or', [plain, join('and', [among(BASES_HELD_MORE, false, true), calmer])])
}

/** `max(a, b) op value` as tests of the two. */
function maximum([a, b]: readonly [AttributeName, AttributeName], op: Comparison, value: number): Residual {
  const both = (each: Comparison, kind: 'and' | 'or') =>
    join(kind, [
      { kind: 'test', reads: a, op: each, value },
      { kind: 'test', reads: b, op: each, value },
    ])
  switch (op) {
    case '<':
    case '<=':
      return both(op, 'and')
    case '>':
    case '>=':
      return both(op, 'or')
    case '==':
      return join('and', [both('<=', 'and'), both('==', 'or')])
    case '!=':
      return join('or', [both('>', 'or'), both('<', 'and')])
  }
}

function comparison(expression: Extract<Expression, { kind: 'compare' }>, context: Context, options: SpecializeOptions, negated: boolean): Residual {
  const { name } = expression
  const op = negated ? OPPOSITE[expression.op] : expression.op
  const value = typeof expression.value === 'object' ? context(expression.value.field) : expression.value
  if (/^[pc]\./.test(name)) {
    const known = context(name)
    if (typeof known === 'number') return constant(compareNumbers(known, op, Number(value)))
    return constant((known === value) === (op === '=='))
  }
  if (name.startsWith('s.')) return { kind: 'test', reads: name as Readable, op, value: Number(value) }
  if (name in DERIVED_FLAGS) {
    const wanted = (value === true) === (op === '==')
    return specialize(derivedFlag(name), context, options, !wanted)
  }
  const larger = DERIVED_MAXIMA[name]
  if (larger) return maximum(larger, op, Number(value))
  const limb = DERIVED_LOADS[name]
  if (limb) {
    // 0 unless the load acts on this limb
    const codes = [encodeValue('loadLimb', limb)]
    return join('or', [
      join('and', [
        { kind: 'oneOf', reads: 'loadLimb', codes, negated: false },
        { kind: 'test', reads: 'externalLoadKg', op, value: Number(value) },
      ]),
      join('and', [{ kind: 'oneOf', reads: 'loadLimb', codes, negated: true }, constant(compareNumbers(0, op, Number(value)))]),
    ])
  }
  if (name === 'family') return membership(name, [String(value)], op === '!=', options)
  const reads = name as AttributeName
  if (attribute(reads).kind === 'enum') {
    // `side == c.side`: the condition's side may be "both", which no variant side equals here
    if (reads === 'side' && value === 'both' && typeof expression.value === 'object') return constant(op === '!=')
    return membership(name, [String(value)], op === '!=', options)
  }
  return { kind: 'test', reads, op, value: Number(value) }
}

const isSession = (reads: Readable): reads is `s.${SessionName}` => reads.startsWith('s.')
/** Place of a readable value: attributes of the variant from 0 up, session fields from -1 down. */
export const placeOf = (reads: Readable): number => (isSession(reads) ? -1 - SESSION_SLOT[reads.slice(2) as SessionName] : SLOT[reads])
export const valueAt = ({ demands, session }: Scene, place: number): number => (place >= 0 ? demands[place]! : session[-1 - place]!)

export function holds(residual: Residual, scene: Scene): boolean {
  switch (residual.kind) {
    case 'constant':
      return residual.value
    case 'and':
      return residual.parts.every((part) => holds(part, scene))
    case 'or':
      return residual.parts.some((part) => holds(part, scene))
    case 'test':
      return compareNumbers(valueAt(scene, placeOf(residual.reads)), residual.op, residual.value)
    case 'oneOf':
      return residual.codes.includes(scene.demands[SLOT[residual.reads]]!) !== residual.negated
  }
}

/** What a residual comes to in a session, whatever the variant: for gates, limits and clearance, which read no attribute. */
export const holdsInSession = (residual: Residual, session: Float64Array): boolean => holds(residual, { demands: NO_DEMANDS, session })
const NO_DEMANDS = new Float64Array(0)
