import { existsSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { describe, expect, test } from 'vitest'
import { LIBRARY } from '.'
import { FAMILIES_TAUGHT } from './families'

/** The list of movements to cover, where it stands beside the project. */
const file = path.resolve(import.meta.dirname, '../../../../shared/domain/movements.md')
const there = existsSync(file)
const listed = there
  ? [...readFileSync(file, 'utf8').matchAll(/^\| ([a-z][a-z0-9-]*) \|/gm)].map((match) => match[1]!).filter((slug) => slug !== 'slug')
  : []

describe('what is taught, held against the library', () => {
  const covered = Object.entries(FAMILIES_TAUGHT).flatMap(([family, variant]) => (variant === null ? [] : [[family, variant] as const]))
  test.each(covered)('%s is %s', (_family, variant) => expect(LIBRARY.byId.get(variant)?.variant.id).toBe(variant))
  test.skipIf(!there)('every family of the list is spoken of, and none that is not on it', () =>
    expect(Object.keys(FAMILIES_TAUGHT).sort()).toEqual([...new Set(listed)].sort()),
  )
  test('as many are covered as were, or more', () => {
    const share = covered.length / Object.keys(FAMILIES_TAUGHT).length
    // asked for: nine in ten
    expect(share).toBeGreaterThanOrEqual(0.99)
  })
})
