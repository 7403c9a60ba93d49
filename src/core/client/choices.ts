import { CONDITION_FIELDS, type Condition, fieldsRead, type RuleBase } from '../safety'

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
  /** the medicine that brings it in by itself */
  medicine?: string
}

/** Added by age or calendar, or by the check-in; never recorded by hand. */
const isAddedOnly = ({ addedBy, lasts }: Condition): boolean => lasts === 'birth-year' || (addedBy !== undefined && addedBy.by !== 'medicine')

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
    dated: read.has('weeks'),
    ...(condition.symptomaticMeans && { symptomaticMeans: condition.symptomaticMeans }),
    flags: asked.flatMap(([field, definition]) => (definition.kind === 'flag' && field !== 'cleared' ? [{ field, label: definition.label }] : [])),
    numbers: asked.flatMap(([field, definition]) =>
      definition.kind === 'number' && field !== 'weeks'
        ? [{ field, label: definition.label, unit: definition.unit, min: definition.min ?? 0, max: definition.max ?? 1000 }]
        : [],
    ),
    clearance: condition.clearance.need,
    ...(condition.addedBy?.by === 'medicine' && { medicine: condition.addedBy.medicine }),
  }
}

/** Conditions that the calendar adds, for which a letter may be on file all the same: those of a pregnancy, and of the year after a birth. */
export const calendarChoices = (base: RuleBase): { slug: string; name: string; lasts: NonNullable<Condition['lasts']> }[] =>
  [...base.conditions.values()].flatMap(({ slug, name, lasts, addedBy }) =>
    lasts && (addedBy?.by === 'gestation' || addedBy?.by === 'birth') ? [{ slug, name, lasts }] : [],
  )

/** Everything that can be recorded of a person, by name. */
export const conditionChoices = (base: RuleBase): ConditionChoice[] =>
  [...base.conditions.values()]
    .filter((condition) => !isAddedOnly(condition))
    .map(({ slug }) => choiceOf(base, slug))
    .sort((a, b) => a.name.localeCompare(b.name))
