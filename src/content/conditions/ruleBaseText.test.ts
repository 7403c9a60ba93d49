import { existsSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { describe, expect, test } from 'vitest'
import { parse } from 'yaml'
import { FOLLOW_UP_WORDS, FORM } from '@/content/screening/form'
import { HARM_STEPS, STOP_GROUP, STOP_LISTS, STOP_STEPS } from '@/content/screening/stopSigns'
import { SESSION_FIELDS } from '@/core/safety'
import { RULE_BASE_CONDITIONS } from '.'

/** The text of the rule base, where it stands beside the project; `RULE_BASE_TEXT` names another place. Without it nothing is compared. */
const file = process.env.RULE_BASE_TEXT ?? path.resolve(import.meta.dirname, '../../../../shared/domain/conditions.md')
const there = existsSync(file)
const text = there ? readFileSync(file, 'utf8') : ''
const blocks = [...text.matchAll(/```yaml\n([\s\S]*?)```/g)].map((match) => match[1]!)

interface Block {
  slug: string
  rationale: string
  rules: { why: string }[]
}
const trimmed = (value: unknown): unknown =>
  typeof value === 'string'
    ? value.trim()
    : Array.isArray(value)
      ? value.map(trimmed)
      : value && typeof value === 'object'
        ? Object.fromEntries(Object.entries(value).flatMap(([key, one]) => (one === undefined || one === null ? [] : [[key, trimmed(one)]])))
        : value
/** What the project keeps beside the text: notes from its comments, and what section 0.3, 1.5a, 3.1 say of a condition in prose. */
const BESIDE = [
  'variantNotes',
  'symptomaticMeans',
  'addedBy',
  'soreHere',
  'lasts',
  'stages',
  'noPulseFormula',
  'response',
  'senseLost',
  'implies',
  'fieldDefaults',
  'neverProgress',
  'progressPainMax',
]

describe.skipIf(!there)('the content is the rule base, word by word', () => {
  const written = blocks.filter((block) => block.startsWith('slug:')).map((block) => trimmed(parse(block)) as Block)
  test('all conditions, none more', () => expect(RULE_BASE_CONDITIONS.map(({ slug }) => slug).sort()).toEqual(written.map(({ slug }) => slug).sort()))
  test.each(written.map((block) => [block.slug, block] as const))('%s', (slug, block) => {
    const encoded = Object.fromEntries(
      Object.entries(RULE_BASE_CONDITIONS.find((one) => one.slug === slug)!).filter(([key]) => !BESIDE.includes(key)),
    )
    expect(trimmed(encoded)).toEqual(block)
  })

  const questions = blocks
    .filter((block) => block.startsWith('question:'))
    .map((block) => parse(block) as { question: string; options: { set?: object }[] })
  test('all questions in their order', () =>
    expect(FORM.questions.map(({ id }) => id).sort()).toEqual(questions.map(({ question }) => question).sort()))
  test.each(questions.map((question) => [question.question, question] as const))('question %s', (id, { question: _id, ...question }) => {
    const { id: _own, topic: _topic, options, ...rest } = FORM.questions.find((one) => one.id === id)!
    const encoded = {
      ...rest,
      options: options.map(({ later: _later, set, ...option }) => ({
        ...option,
        ...(set && { set: Object.fromEntries(Object.entries(set).map(([name, value]) => [`p.${name}`, value])) }),
      })),
    }
    expect(trimmed(encoded)).toEqual(trimmed(question))
  })
  test('the questions behind an answer', () => {
    const { followUps } = parse(blocks.find((block) => block.startsWith('followUps:'))!) as { followUps: { key: string; ask: string }[] }
    expect(FOLLOW_UP_WORDS).toEqual(Object.fromEntries(followUps.map(({ key, ask }) => [key, ask])))
  })
  test('the words of session changes (0.3.3)', () => {
    const rows = [...text.matchAll(/^\| `s\.(\w+)` \| ([^|]+\.) \|$/gm)].map((match) => [match[1]!, match[2]!])
    expect(rows.length).toBe(7)
    for (const [field, words] of rows) expect(SESSION_FIELDS[field as 'barefoot'].change.replaceAll('’', "'"), field).toBe(words)
  })
  test('stop signs and what to do (4.5, 4.6)', () => {
    const plain = text.replaceAll('**', '')
    for (const step of [STOP_GROUP, ...STOP_STEPS, ...HARM_STEPS]) expect(plain).toContain(step)
    for (const sign of STOP_LISTS.flatMap(({ signs }) => signs as readonly string[])) expect(plain).toContain(sign)
    expect(STOP_STEPS).toHaveLength(9)
  })
})

test('ids of rules and gates are there once, and every count is derived', () => {
  const ids = RULE_BASE_CONDITIONS.flatMap(({ rules, gates = [] }) => [...rules, ...gates].map(({ id }) => id))
  expect(new Set(ids).size).toBe(ids.length)
})
