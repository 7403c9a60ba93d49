import { CONDITION_FIELDS, fieldsRead, type RuleBase } from '../safety'

/** A condition that can be recorded, with what is worth asking about it. */
export interface ConditionChoice {
  slug: string
  name: string
  group: string
  variants: string[]
  variantNotes?: string
  sided: boolean
  dated: boolean
  symptomaticMeans?: string
  flags: { field: string; label: string }[]
  numbers: { field: string; label: string; unit: string; min: number; max: number }[]
  clearance: 'none' | 'advised' | 'required'
}

/** Added by age or calendar, or by the check-in; never recorded by hand. */
const NOT_RECORDED = new Set(['everyone', 'older-adult', 'pregnancy', 'postnatal', 'caesarean', 'acute-illness-today'])
/** Stages of these follow the weeks since the event (rule base 1.5a). */
const FOLLOW_WEEKS = new Set(['coronary-disease-cleared', 'stoma', 'arm-fracture-healing', 'dialysis-fistula', 'osteoporosis-vertebral-fracture'])

function choiceOf(base: RuleBase, slug: string): ConditionChoice {
  const condition = base.conditions.get(slug)!
  const read = fieldsRead(base, slug)
  const asked = Object.entries(CONDITION_FIELDS).filter(([field]) => read.has(field))
  return {
    slug,
    name: condition.name,
    group: condition.group,
    variants: condition.variants,
    ...(condition.variantNotes && { variantNotes: condition.variantNotes }),
    sided: read.has('side'),
    dated: read.has('weeks') || FOLLOW_WEEKS.has(slug),
    ...(condition.symptomaticMeans && { symptomaticMeans: condition.symptomaticMeans }),
    flags: asked.flatMap(([field, definition]) => (definition.kind === 'flag' && field !== 'cleared' ? [{ field, label: definition.label }] : [])),
    numbers: asked.flatMap(([field, definition]) =>
      definition.kind === 'number' && field !== 'weeks'
        ? [{ field, label: definition.label, unit: definition.unit, min: definition.min ?? 0, max: definition.max ?? 1000 }]
        : [],
    ),
    clearance: condition.clearance.need,
  }
}

/** Everything that can be recorded of a person, by name. */
export const conditionChoices = (base: RuleBase): ConditionChoice[] =>
  [...base.conditions.keys()]
    .filter((slug) => !NOT_RECORDED.has(slug))
    .map((slug) => choiceOf(base, slug))
    .sort((a, b) => a.name.localeCompare(b.name))
