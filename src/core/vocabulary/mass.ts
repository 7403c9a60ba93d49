/** Units in which a house says masses; everything is kept and judged in kilograms. */
export const MASS_UNITS = ['kg', 'lb'] as const
export type MassUnit = (typeof MASS_UNITS)[number]

/** International avoirdupois pound, kg: exact by definition (international yard and pound agreement, 1959). */
export const KG_PER_LB = 0.45359237

const rounded = (value: number, parts: number) => Math.round(value * parts) / parts
/** A mass that was typed in pounds comes back from kilograms a hair off. */
const HAIR_LB = 0.01

/** A mass as it stands in a field, with as many figures as come back unchanged from `kgOf`. @param kg of any size */
export const massIn = (kg: number, unit: MassUnit): number => (unit === 'kg' ? kg : rounded(kg / KG_PER_LB, 1000))

/** Kilograms of a mass that was typed. */
export const kgOf = (mass: number, unit: MassUnit): number => (unit === 'kg' ? mass : rounded(mass * KG_PER_LB, 10_000))

/**
 * A mass as it is said: "1.5 kg", "3 lb". Pounds are rounded down to the half, which is how weights are sold, so that nobody is handed more
 * than was judged.
 *
 * @param kg 0 or more
 */
export const sayMass = (kg: number, unit: MassUnit): string =>
  unit === 'kg' ? `${rounded(kg, 100)} kg` : `${Math.floor((kg / KG_PER_LB + HAIR_LB) * 2) / 2} lb`

/** Every "2 kg" and "1 to 3 kg" of a text in the unit of the house. */
export const sayMassesIn = (text: string, unit: MassUnit): string =>
  unit === 'kg'
    ? text
    : text.replace(/(?:(\d+(?:\.\d+)?) to )?(\d+(?:\.\d+)?) kg\b/g, (_, from: string | undefined, kg: string) =>
        [from === undefined ? '' : `${sayMass(Number(from), unit).split(' ')[0]} to `, sayMass(Number(kg), unit)].join(''),
      )

/** Masses that a hall has in pairs, in kg: what is sold in each unit. */
export const PAIRS_KG: Readonly<Record<MassUnit, readonly number[]>> = {
  kg: [0.5, 1, 1.5, 2, 2.5, 3, 4, 5, 6, 8],
  lb: [1, 2, 3, 4, 5, 6, 8, 10, 12, 15, 18].map((pounds) => kgOf(pounds, 'lb')),
}
/** One step lighter or heavier, kg. */
export const MASS_STEP_KG: Readonly<Record<MassUnit, number>> = { kg: 0.5, lb: kgOf(1, 'lb') }
