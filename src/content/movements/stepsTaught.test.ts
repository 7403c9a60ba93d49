import { expect, test } from 'vitest'
import { LIBRARY } from '.'
import { STEPS_TAUGHT } from './stepsTaught'

const steps = Object.entries(STEPS_TAUGHT).flatMap(([ladder, each]) => Object.entries(each).map(([step, variant]) => ({ ladder, step, variant })))
const covered = steps.flatMap(({ ladder, step, variant }) => (variant === null ? [] : [[ladder, step, variant] as const]))

test.each(covered)('%s, %s, is %s', (_ladder, _step, variant) => expect(LIBRARY.byId.get(variant)?.variant.id).toBe(variant))
test('every ladder is there for most of its steps', () => {
  for (const [ladder, each] of Object.entries(STEPS_TAUGHT)) {
    const there = Object.values(each).filter((variant) => variant !== null).length
    expect(there / Object.keys(each).length, ladder).toBeGreaterThanOrEqual(0.5)
  }
})
test('as many steps are covered as were, or more', () => expect(covered.length / steps.length).toBeGreaterThanOrEqual(0.99))
