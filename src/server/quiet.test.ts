import { DrizzleQueryError } from 'drizzle-orm'
import { expect, test } from 'vitest'
import { withoutValues } from './quiet'

test('a failed query is reported with its text, its code and its place, and without its values', () => {
  const cause = Object.assign(new Error('invalid input for "Corisande, hip fracture"'), { code: '22P02', detail: 'Key (note)=(hip fracture)' })
  const quiet = withoutValues(new DrizzleQueryError('insert into client (record) values ($1)', ['Corisande, hip fracture'], cause)) as Error
  const all = [quiet.message, quiet.stack, JSON.stringify(quiet), String(quiet.cause ?? '')].join(' ')
  expect(all).not.toMatch(/Corisande|fracture/)
  expect(quiet.message).toBe('A query of the database failed (22P02): insert into client (record) values ($1)')
  expect(quiet.stack).toMatch(/quiet\.test\.ts/)
})

test('other errors and other words are left as they are', () => {
  const error = new Error('no port')
  expect(withoutValues(error)).toBe(error)
  expect(withoutValues('Ready')).toBe('Ready')
})

test('a full disk is said as that, with what to do', () => {
  const full = withoutValues(new DrizzleQueryError('insert', [], Object.assign(new Error('could not extend file'), { code: '53100' }))) as Error
  expect(full.message).toMatch(/^The disk is full: nothing was saved\. Free some space/)
})
