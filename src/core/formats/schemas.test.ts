import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import Ajv from 'ajv/dist/2020'
import addFormats from 'ajv-formats'
import { describe, expect, test } from 'vitest'
import { DEMO_CLASSES, demoPeople } from '@/content/demo'
import { clientSchema } from '../client'
import { briefFileSchema, briefSchema } from '../compose'
import { itemsOf } from '../plan'
import { classFileSchema, parseFile, peopleFile, peopleFileSchema } from './files'
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

describe('a validator that nobody here wrote agrees with ours', () => {
  const validator = (name: string) => {
    // what a transform or a refinement asks beside it no JSON Schema can say
    const ajv = new Ajv({ strict: false })
    addFormats(ajv)
    return ajv.compile(JSON.parse(schemaFiles()[`${name}.schema.json`]!))
  }
  const plainly = (document: unknown) => JSON.parse(JSON.stringify(document))
  test.each(['brief', 'class', 'led', 'pace', 'people'])('the example of %s, and not the same with another version or a field too many', (name) => {
    const isValid = validator(name)
    const document = JSON.parse(example(`${name}.json`))
    expect(isValid(document), JSON.stringify(isValid.errors)).toBe(true)
    expect(isValid({ ...document, version: 99 })).toBe(false)
    expect(isValid({ ...document, nickname: 'x' })).toBe(false)
  })
  test.each(DEMO_CLASSES)('the class $key as it is saved', ({ plan }) => {
    const isValid = validator('class')
    const file = plainly(classFileSchema.parse({ format: 'velvet-step/class', version: 2, plan }))
    expect(isValid(file), JSON.stringify(isValid.errors)).toBe(true)
  })
  test('everybody of the demo as they are saved', () => {
    const isValid = validator('people')
    const people = demoPeople('2026-11-24').map(({ record }, at) => ({
      id: `p${at}`,
      name: record.given,
      record: clientSchema.parse(record),
      attended: ['2026-11-17'],
    }))
    const text = JSON.stringify(peopleFile(people))
    expect(isValid(JSON.parse(text)), JSON.stringify(isValid.errors?.slice(0, 3))).toBe(true)
    // read back it is what was written
    expect(parseFile(peopleFileSchema, text)).toEqual({ file: peopleFile(people) })
  })
  test('a brief as it is saved', () => {
    const isValid = validator('brief')
    const file = plainly(briefFileSchema.parse({ ...briefSchema.parse({ version: 1, title: 'T', minutes: 45 }), format: 'velvet-step/brief' }))
    expect(isValid(file), JSON.stringify(isValid.errors)).toBe(true)
    expect(isValid({ ...file, minutes: 500 })).toBe(false)
  })
})
