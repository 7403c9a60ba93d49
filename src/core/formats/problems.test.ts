import { expect, test } from 'vitest'
import { z } from 'zod'
import { clientSchema } from '../client'
import { problemsOf } from './problems'

const said = (schema: z.ZodType, input: unknown) => problemsOf(schema.safeParse(input).error!).map(({ message }) => message)

test.each<[z.ZodType, unknown, string]>([
  [z.string().min(1), '', 'this is needed'],
  [z.string().min(3), 'a', 'expected at least 3 letters'],
  [z.string().max(1), 'ab', 'expected at most 1 letter'],
  [z.number().max(10), 11, 'expected at most 10'],
  [z.array(z.number()).min(1), [], 'expected at least 1 entry'],
  [z.number(), 'a', 'expected a number'],
  [z.number().int(), 1.5, 'expected a whole number'],
  [z.enum(['left', 'right']), 'up', 'expected one of left, right'],
  [z.literal(1), 2, 'expected 1'],
  [z.strictObject({}), { a: 1 }, 'there is no field "a" here'],
  [z.string().min(1, 'a title is needed'), '', 'a title is needed'],
])('%#: an issue is a sentence', (schema, input, words) => expect(said(schema, input)).toEqual([words]))

test('nothing of a record is refused in the words of a machine', () => {
  const spoiled = {
    given: 7,
    birthDate: 'spring',
    statureCm: 900,
    conditions: [{ slug: '' }, { side: 'up' }],
    dueDate: 4,
    more: 1,
    unlisted: [{ words: '' }],
  }
  const messages = said(clientSchema, spoiled)
  expect(messages.length).toBeGreaterThan(5)
  for (const words of messages) expect(words).not.toMatch(/Too small|Too big|Invalid|received|>=|<=|characters/)
})
