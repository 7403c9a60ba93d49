import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { describe, expect, test } from 'vitest'
import { itemsOf } from '../plan'
import { classFileSchema, parseFile, peopleFileSchema } from './files'
import { ledFileSchema, paceFileSchema } from './pace'
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
    expect(parseFile(ledFileSchema, example('led.json'))).toHaveProperty('file')
    expect(parseFile(paceFileSchema, example('pace.json'))).toHaveProperty('file')
  })
  test('a class file of the first version is still read, as one of the present', () => {
    const parsed = parseFile(classFileSchema, readFileSync(path.join(folder, 'old/class-1.json'), 'utf8'))
    if ('problems' in parsed) throw new Error(JSON.stringify(parsed.problems))
    expect(parsed.file.plan.version).toBe(2)
    expect(itemsOf(parsed.file.plan).map(({ item }) => item.id)).toEqual(['i1', 'i2', 'i3', 'i4', 'i5'])
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
