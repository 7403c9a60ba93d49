import { type MassUnit, sayMass, sayMassesIn } from '../vocabulary'
import { ATTRIBUTE_NAMES, type AttributeName, attribute, type PlannedDemands } from './demands'

const UNITS: Record<string, string> = { deg: '°', s: ' s', min: ' min', MET: ' MET', '0-10': ' of 10', reps: '' }

/** A value of an attribute in words: "60°", "standing two hand", "soft step". */
export function valueWords(name: AttributeName, value: string | number | boolean, unit: MassUnit): string {
  const definition = attribute(name)
  if (definition.kind === 'enum') return String(value).replaceAll('-', ' ')
  if (definition.kind === 'flag') return value ? 'yes' : 'no'
  if (definition.steps) return sayMassesIn(definition.steps[Number(value)] ?? String(value), unit)
  if (definition.unit === 'kg') return sayMass(Number(value), unit)
  return `${Math.round(Number(value) * 10) / 10}${UNITS[definition.unit] ?? ''}`
}

/** Small wobbles of measured angles are no difference to the eye. */
const SEEN_DEG = 5

/** What differs between two variants, in words and numbers: "Knee bend under weight: 60°, before 35°". */
export function differences(before: PlannedDemands, after: PlannedDemands, unit: MassUnit): string[] {
  return ATTRIBUTE_NAMES.flatMap((name) => {
    const definition = attribute(name)
    if (before[name] === after[name]) return []
    if (definition.kind === 'number' && definition.unit === 'deg' && Math.abs(Number(after[name]) - Number(before[name])) < SEEN_DEG) return []
    return [`${definition.label}: ${valueWords(name, after[name], unit)}, before ${valueWords(name, before[name], unit)}`]
  })
}

/** The demands that a variant makes at all, with how to see each. */
export function demandsInWords(planned: PlannedDemands, unit: MassUnit): { label: string; value: string; means: string }[] {
  return ATTRIBUTE_NAMES.flatMap((name) => {
    const definition = attribute(name)
    const neutral =
      definition.kind === 'number' && definition.unit === 'deg' ? Number(planned[name]) < SEEN_DEG : planned[name] === definition.neutral
    return neutral ? [] : [{ label: definition.label, value: valueWords(name, planned[name], unit), means: definition.seen }]
  })
}
