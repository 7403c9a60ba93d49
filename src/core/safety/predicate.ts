import { type AttributeName, attribute, encodeValue, FAMILIES, isAttributeName, SLOT } from '../movement/demands'
import { contextField, type Namespace } from './fields'

/** `attribute op value` joined by AND, OR, NOT and parentheses (rule base 0.2). */
export type Comparison = '==' | '!=' | '<' | '<=' | '>' | '>='
export type Literal = number | string | boolean

export type Expression =
  | { kind: 'constant'; value: boolean }
  | { kind: 'and' | 'or'; parts: Expression[] }
  | { kind: 'not'; part: Expression }
  | { kind: 'compare'; name: string; op: Comparison; value: Literal | { field: string } }
  | { kind: 'in'; name: string; values: Literal[] }

export class PredicateError extends Error {
  constructor(
    readonly text: string,
    readonly at: number,
    readonly expected: string,
  ) {
    super(`at character ${at + 1} of "${text}": ${expected}`)
    this.name = 'PredicateError'
  }
}

/** Names of section 1.4 that stand for an expression over attributes. */
const DERIVED_FLAGS: Record<string, string> = {
  flatSupine: 'family == supine',
  lying: 'family IN [supine, incline, sideLying, prone]',
  freeStanding: 'basePosition == standing-free',
  supported: 'basePosition IN [standing-two-hand, standing-one-hand]',
  affected: 'c.side == both OR side IN [both, alternating] OR side == c.side',
  overheadLoaded: '(overheadReachDeg > 90 OR shoulderAbductionDeg > 90) AND armLoadKg > 0',
}
const DERIVED_LOADS: Record<string, string> = { armLoadKg: 'arm', legLoadKg: 'leg' }

const TOKEN = /\s*(?:(<=|>=|==|!=|<|>)|([()[\],])|([A-Za-z][A-Za-z0-9]*(?:[.-][A-Za-z0-9]+)*)|(-?\d+(?:\.\d+)?[A-Za-z0-9-]*))/y

type Token = { text: string; at: number }

function tokenize(text: string): Token[] {
  const tokens: Token[] = []
  TOKEN.lastIndex = 0
  while (TOKEN.lastIndex < text.trimEnd().length) {
    const start = TOKEN.lastIndex
    const match = TOKEN.exec(text)
    if (!match) throw new PredicateError(text, start, 'expected a name, a number, an operator or a bracket')
    tokens.push({ text: (match[1] ?? match[2] ?? match[3] ?? match[4])!, at: TOKEN.lastIndex - match[0].trimStart().length })
  }
  return tokens
}

type Kind = { kind: 'number' } | { kind: 'flag' } | { kind: 'enum'; values: readonly string[] }

/** What a name holds, or nothing when there is no such name. */
function kindOf(name: string, variants: readonly string[]): Kind | undefined {
  if (name === 'family') return { kind: 'enum', values: Object.keys(FAMILIES) }
  if (name in DERIVED_FLAGS) return { kind: 'flag' }
  if (name in DERIVED_LOADS) return { kind: 'number' }
  if (isAttributeName(name)) return attribute(name)
  const match = /^([pcs])\.(\w+)$/.exec(name)
  if (!match) return undefined
  if (name === 'c.variant') return { kind: 'enum', values: variants }
  return contextField(match[1] as Namespace, match[2]!)
}

/**
 * Parses and type-checks a predicate.
 *
 * @param variants every value that `c.variant` may be compared with: those of the condition and of all that inherit from it.
 * @throws PredicateError with the place and what was expected
 */
export function parsePredicate(text: string, variants: readonly string[] = []): Expression {
  const tokens = tokenize(text)
  let next = 0
  const fail = (expected: string): never => {
    throw new PredicateError(text, tokens[next]?.at ?? text.length, expected)
  }
  const take = (word: string): boolean => {
    const found = tokens[next]?.text === word
    if (found) next++
    return found
  }

  const literal = (kind: Kind, name: string): Literal => {
    const token = tokens[next]?.text
    if (token === undefined) return fail(`a value for ${name}`)
    if (kind.kind === 'number' && !/^-?\d+(\.\d+)?$/.test(token)) return fail(`a number for ${name}, found "${token}"`)
    if (kind.kind === 'flag' && token !== 'true' && token !== 'false') return fail(`true or false for ${name}, found "${token}"`)
    if (kind.kind === 'enum' && !kind.values.includes(token)) return fail(`one of ${kind.values.join(', ')} for ${name}, found "${token}"`)
    next++
    return kind.kind === 'number' ? Number(token) : kind.kind === 'flag' ? token === 'true' : token
  }

  const atom = (): Expression => {
    if (take('(')) {
      const inner = disjunction()
      if (!take(')')) fail('a closing parenthesis')
      return inner
    }
    const name = tokens[next]?.text
    if (name === 'true' || name === 'false') {
      next++
      return { kind: 'constant', value: name === 'true' }
    }
    const kind = name === undefined ? undefined : kindOf(name, variants)
    if (name === undefined || !kind) return fail(`the name of an attribute or field, found "${name ?? 'the end'}"`)
    next++
    if (take('IN')) {
      if (!take('[')) fail('an opening bracket')
      const values = [literal(kind, name)]
      while (take(',')) values.push(literal(kind, name))
      if (!take(']')) fail('a closing bracket')
      return { kind: 'in', name, values }
    }
    const op = tokens[next]?.text
    if (op !== undefined && /^(==|!=|<=?|>=?)$/.test(op)) {
      next++
      if (kind.kind !== 'number' && op !== '==' && op !== '!=') fail(`== or != for ${name}`)
      const other = tokens[next]?.text ?? ''
      const otherKind = /^[pcs]\./.test(other) ? kindOf(other, variants) : undefined
      if (otherKind) {
        if (otherKind.kind !== kind.kind && name !== 'side') fail(`a ${kind.kind} to compare ${name} with`)
        next++
        return { kind: 'compare', name, op: op as Comparison, value: { field: other } }
      }
      return { kind: 'compare', name, op: op as Comparison, value: literal(kind, name) }
    }
    if (kind.kind !== 'flag') return fail(`a comparison after ${name}`)
    return { kind: 'compare', name, op: '==', value: true }
  }
  const negation = (): Expression => (take('NOT') ? { kind: 'not', part: negation() } : atom())
  const chain = (word: 'AND' | 'OR', part: () => Expression): Expression => {
    const parts = [part()]
    while (take(word)) parts.push(part())
    return parts.length === 1 ? parts[0]! : { kind: word === 'AND' ? 'and' : 'or', parts }
  }
  const conjunction = () => chain('AND', negation)
  const disjunction = () => chain('OR', conjunction)

  const result = disjunction()
  if (next < tokens.length) fail('AND, OR or the end')
  return result
}

/** Every name that an expression reads, in order of appearance. */
export function namesIn(expression: Expression): string[] {
  switch (expression.kind) {
    case 'constant':
      return []
    case 'not':
      return namesIn(expression.part)
    case 'and':
    case 'or':
      return expression.parts.flatMap(namesIn)
    case 'compare':
      return typeof expression.value === 'object' ? [expression.name, expression.value.field] : [expression.name]
    case 'in':
      return [expression.name]
  }
}

const NO_VARIANTS: readonly string[] = []
const derivedCache = new Map<string, Expression>()
function derivedFlag(name: string): Expression {
  const known = derivedCache.get(name)
  if (known) return known
  const parsed = parsePredicate(DERIVED_FLAGS[name]!, NO_VARIANTS)
  derivedCache.set(name, parsed)
  return parsed
}

/** A condition over one encoded attribute: the form that is left when person, condition and session are known. */
export type Residual =
  | { kind: 'constant'; value: boolean }
  | { kind: 'and' | 'or'; parts: Residual[] }
  | { kind: 'test'; attribute: AttributeName; op: Comparison; value: number }
  | { kind: 'oneOf'; attribute: AttributeName; codes: readonly number[]; negated: boolean }

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

/** Values of the `p.`, `c.` and `s.` names; `undefined` leaves the name open, which then counts as true (a change the session can make). */
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

const basesResidual = (bases: readonly string[], negated = false): Residual => ({
  kind: 'oneOf',
  attribute: 'basePosition',
  codes: bases.map((base) => encodeValue('basePosition', base)).sort((a, b) => a - b),
  negated,
})

/**
 * Fills in what is known of the person, the condition and the session; what remains reads only the variant.
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
      if (/^[pcs]\./.test(expression.name)) {
        const known = context(expression.name)
        return constant(known === undefined || expression.values.includes(known) !== negated)
      }
      return membership(expression.name, expression.values.map(String), negated, options)
    }
    case 'compare':
      return comparison(expression, context, options, negated)
  }
}

function membership(name: string, values: string[], negated: boolean, options: SpecializeOptions): Residual {
  const bases = name === 'family' ? values.flatMap((family): string[] => [...FAMILIES[family as keyof typeof FAMILIES]]) : values
  if (name === 'family' || name === 'basePosition') {
    const plain = basesResidual(bases, negated)
    const asksForHands = !negated && bases.length > 0 && bases.every((base) => SUPPORTED_BASES.includes(base))
    if (!asksForHands || !options.heldMoreThan) return plain
    const calmer: Residual = { kind: 'test', attribute: 'balanceDemand', op: '<', value: options.heldMoreThan.balanceDemand }
    return join('or', [plain, join('and', [basesResidual(BASES_HELD_MORE), calmer])])
  }
  const attributeName = name as AttributeName
  return { kind: 'oneOf', attribute: attributeName, codes: values.map((value) => encodeValue(attributeName, value)).sort((a, b) => a - b), negated }
}

function comparison(expression: Extract<Expression, { kind: 'compare' }>, context: Context, options: SpecializeOptions, negated: boolean): Residual {
  const { name } = expression
  const op = negated ? OPPOSITE[expression.op] : expression.op
  const value = typeof expression.value === 'object' ? context(expression.value.field) : expression.value
  if (/^[pcs]\./.test(name)) {
    const known = context(name)
    if (known === undefined || value === undefined) return TRUE
    if (typeof known === 'number') return constant(compareNumbers(known, op, Number(value)))
    return constant((known === value) === (op === '=='))
  }
  if (value === undefined) return TRUE
  if (name in DERIVED_FLAGS) {
    const wanted = (value === true) === (op === '==')
    return specialize(derivedFlag(name), context, options, !wanted)
  }
  const limb = DERIVED_LOADS[name]
  if (limb) {
    // 0 unless the load acts on this limb
    const limbCode = encodeValue('loadLimb', limb)
    return join('or', [
      join('and', [
        { kind: 'oneOf', attribute: 'loadLimb', codes: [limbCode], negated: false },
        { kind: 'test', attribute: 'externalLoadKg', op, value: Number(value) },
      ]),
      join('and', [{ kind: 'oneOf', attribute: 'loadLimb', codes: [limbCode], negated: true }, constant(compareNumbers(0, op, Number(value)))]),
    ])
  }
  if (name === 'family') return membership(name, [String(value)], op === '!=', options)
  const attributeName = name as AttributeName
  if (attribute(attributeName).kind === 'enum') {
    // `side == c.side`: the condition's side may be "both", which no variant side equals here
    if (attributeName === 'side' && value === 'both' && typeof expression.value === 'object') return constant(op === '!=')
    return membership(name, [String(value)], op === '!=', options)
  }
  return { kind: 'test', attribute: attributeName, op, value: Number(value) }
}

export function holds(residual: Residual, vector: Float64Array): boolean {
  switch (residual.kind) {
    case 'constant':
      return residual.value
    case 'and':
      return residual.parts.every((part) => holds(part, vector))
    case 'or':
      return residual.parts.some((part) => holds(part, vector))
    case 'test':
      return compareNumbers(vector[SLOT[residual.attribute]]!, residual.op, residual.value)
    case 'oneOf':
      return residual.codes.includes(vector[SLOT[residual.attribute]]!) !== residual.negated
  }
}
