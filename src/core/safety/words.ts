import { type AttributeName, attribute } from '../movement/demands'
import type { Change } from './corridor'

const UNITS: Record<string, string> = { deg: '°', s: ' s', min: ' min', kg: ' kg', MET: ' MET', '0-10': ' of 10', reps: '' }

/** A value of an attribute in words: "60°", "two hands", "soft step". */
export function valueWords(name: AttributeName, value: string | number | boolean): string {
  const definition = attribute(name)
  if (definition.kind === 'enum') return String(value).replaceAll('-', ' ')
  if (definition.kind === 'flag') return value ? 'yes' : 'no'
  if (definition.steps) return definition.steps[Number(value)] ?? String(value)
  return `${Math.round(Number(value) * 10) / 10}${UNITS[definition.unit] ?? ''}`
}

/** A change to say aloud: "knee bend under weight: 60° at most, instead of 90°". */
export function changeWords({ attribute: name, from, to }: Change): string {
  const definition = attribute(name)
  const bound = definition.kind === 'number' && !definition.steps ? (Number(to) < Number(from) ? ' at most' : ' at least') : ''
  return `${definition.label.toLowerCase()}: ${valueWords(name, to)}${bound}, instead of ${valueWords(name, from)}`
}
