import { attribute, valueWords } from '../movement'
import type { Change } from './changes'

/** A change to say aloud: "knee bend under weight: 60° at most, instead of 90°". */
export function changeWords({ attribute: name, from, to }: Change): string {
  const definition = attribute(name)
  const bound = definition.kind === 'number' && !definition.steps ? (Number(to) < Number(from) ? ' at most' : ' at least') : ''
  return `${definition.label.toLowerCase()}: ${valueWords(name, to)}${bound}, instead of ${valueWords(name, from)}`
}
