import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { describe, expect, test } from 'vitest'
import { classFileSchema, parseFile, peopleFileSchema } from './files'
import { schemaFiles } from './schemas'

const folder = path.resolve(import.meta.dirname, '../../../docs/formats')
const example = (name: string) => readFileSync(path.join(folder, 'examples', name), 'utf8')

describe('docs/formats is in step with the code', () => {
  test.each(Object.entries(schemaFiles()))('%s', (name, text) => {
    // after a change of a format: npm run formats
    expect(readFileSync(path.join(folder, name), 'utf8')).toBe(text)
  })
  test('every schema has an example that the validator accepts', () => {
    expect(readdirSync(path.join(folder, 'examples')).sort()).toEqual(Object.keys(schemaFiles()).map((name) => name.replace('.schema', '')))
    expect(parseFile(classFileSchema, example('class.json'))).toHaveProperty('file')
    expect(parseFile(peopleFileSchema, example('people.json'))).toHaveProperty('file')
  })
})

describe('a file with a problem is refused with its place', () => {
  const people = (change: (file: { people: Record<string, unknown>[]; version: unknown }) => void) => {
    const file = JSON.parse(example('people.json'))
    change(file)
    const parsed = parseFile(peopleFileSchema, JSON.stringify(file))
    return 'problems' in parsed ? parsed.problems.map(({ path }) => path) : []
  }
  test('not JSON', () => expect(parseFile(peopleFileSchema, '{"format":')).toMatchObject({ problems: [{ path: '$' }] }))
  test('another version', () => expect(people((file) => Object.assign(file, { version: 2 }))).toContain('$.version'))
  test('a field that is not known', () => expect(people((file) => Object.assign(file.people[0]!, { nickname: 'x' }))).toContain('$.people[0]'))
  test('neither record nor facts', () =>
    expect(people((file) => file.people.push({ id: 'x', name: 'X' }))).toEqual([expect.stringMatching(/^\$\.people\[\d+\]/)]))
})
