'use client'
import { Plus, X } from 'lucide-react'
import { type Control, type FieldErrors, type Path, type UseFormRegister, useFieldArray, useWatch } from 'react-hook-form'
import type { ConditionChoice, calendarChoices } from '@/core/client'
import type { PersonDraft } from './draft'
import { Choose, Text } from './personFields'

export function Clearances({
  control,
  register,
  errors,
  choices,
  calendar,
  movements,
}: {
  control: Control<PersonDraft>
  register: UseFormRegister<PersonDraft>
  errors: FieldErrors<PersonDraft>
  choices: ConditionChoice[]
  /** conditions of a pregnancy and of the year after a birth, which have letters too */
  calendar: ReturnType<typeof calendarChoices>
  /** for a written plan that concerns one movement */
  movements: (readonly [string, string])[]
}) {
  const { fields, append, remove } = useFieldArray({ control, name: 'clearances' })
  const [conditions, dueDate, lastBirthOn] = useWatch({ control, name: ['conditions', 'dueDate', 'lastBirthOn'] })
  const names = new Map(choices.map(({ slug, name }) => [slug, name]))
  const options = [
    ...[...new Set(conditions.map(({ slug }) => slug))].map((slug) => [slug, names.get(slug) ?? slug] as const),
    ...calendar.flatMap(({ slug, name, lasts }) => ((lasts === 'gestation' ? dueDate : lastBirthOn) ? [[slug, name] as const] : [])),
  ]
  return (
    <>
      {fields.map((field, index) => {
        const at = (name: string) => `clearances.${index}.${name}` as Path<PersonDraft>
        const own = options.some(([slug]) => slug === field.condition)
          ? options
          : [...options, [field.condition, names.get(field.condition) ?? field.condition] as const]
        return (
          <div key={field.id} className="mb-3 grid items-start gap-3 sm:grid-cols-3">
            <Choose register={register} errors={errors} name={at('condition')} label="For" options={own} />
            <Text register={register} errors={errors} name={at('by')} label="Written by" />
            <Text register={register} errors={errors} name={at('on')} label="On" type="date" />
            <Text register={register} errors={errors} name={at('expires')} label="Until" type="date" />
            <Text register={register} errors={errors} name={at('scope')} label="For what" />
            <Choose
              register={register}
              errors={errors}
              name={at('movement')}
              label="Only this movement"
              options={[['', 'no: taking part'], ...movements]}
            />
            <button type="button" className="icon mt-6" aria-label="Remove this clearance" onClick={() => remove(index)}>
              <X size={18} aria-hidden="true" />
            </button>
          </div>
        )
      })}
      <button
        type="button"
        className="quiet"
        disabled={options.length === 0}
        onClick={() => append({ condition: options[0]![0], by: '', on: '', expires: '', scope: '', movement: '' })}
      >
        <Plus size={18} aria-hidden="true" /> Add a clearance
      </button>
      {options.length === 0 && <p className="text-soft">A clearance belongs to a condition, a pregnancy or a birth.</p>}
    </>
  )
}
