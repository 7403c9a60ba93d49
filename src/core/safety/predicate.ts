import { type AttributeName, attribute, FAMILIES, isAttributeName } from '../movement/demands'
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
export const DERIVED_FLAGS: Record<string, string> = {
  flatSupine: 'family == supine',
  lying: 'family IN [supine, incline, sideLying, prone]',
  freeStanding: 'basePosition == standing-free',
  supported: 'basePosition IN [standing-two-hand, standing-one-hand]',
  affected: 'c.side == both OR side IN [both, alternating] OR side == c.side',
  overheadLoaded: '(overheadReachDeg > 90 OR shoulderAbductionDeg > 90) AND armLoadKg > 0',
}
export const DERIVED_LOADS: Record<string, string> = { armLoadKg: 'arm', legLoadKg: 'leg' }
/** The larger of two scales. */
export const DERIVED_MAXIMA: Record<string, readonly [AttributeName, AttributeName]> = { headMotion: ['headTurn', 'headSweep'] }

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
  if (name in DERIVED_LOADS || name in DERIVED_MAXIMA) return { kind: 'number' }
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
