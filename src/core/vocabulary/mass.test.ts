import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { KG_PER_LB, kgOf, massIn, PAIRS_KG, sayMass, sayMassesIn } from './mass'

const pounds = (words: string) => Number(words.split(' ')[0])

describe('masses in the unit of the house', () => {
  test.each([
    [1, '1 kg', '2 lb'],
    [1.5, '1.5 kg', '3 lb'],
    [0, '0 kg', '0 lb'],
    [5, '5 kg', '11 lb'],
  ])('%d kg', (kg, metric, imperial) => {
    expect(sayMass(kg, 'kg')).toBe(metric)
    expect(sayMass(kg, 'lb')).toBe(imperial)
  })

  test('what is said in pounds is never heavier than what was judged', () =>
    fc.assert(fc.property(fc.double({ min: 0, max: 60, noNaN: true }), (kg) => pounds(sayMass(kg, 'lb')) * KG_PER_LB <= kg + 0.005)))

  test('half pounds that were typed are said and shown as they were typed', () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 264 }), (halves) => {
        expect(pounds(sayMass(kgOf(halves / 2, 'lb'), 'lb'))).toBe(halves / 2)
        expect(massIn(kgOf(halves / 2, 'lb'), 'lb')).toBe(halves / 2)
      }),
    ))

  test('a field that is left as it is gives the same kilograms back', () =>
    fc.assert(fc.property(fc.double({ min: 0, max: 250, noNaN: true }), (kg) => Math.abs(kgOf(massIn(kg, 'lb'), 'lb') - kg) < 0.0004)))

  test('the weights that stand in the hall are said in whole pounds', () => expect(PAIRS_KG.lb.map((kg) => sayMass(kg, 'lb'))).toContain('3 lb'))

  test('masses in a text are said, and the rest of it stays', () => {
    expect(sayMassesIn('held 1 to 3 kg, or a firm fist', 'lb')).toBe('held 2 to 6.5 lb, or a firm fist')
    expect(sayMassesIn('over 3 kg, or over 60 s', 'lb')).toBe('over 6.5 lb, or over 60 s')
    expect(sayMassesIn('over 3 kg', 'kg')).toBe('over 3 kg')
  })
})
