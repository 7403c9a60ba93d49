'use client'
import { Plus, X } from 'lucide-react'
import { type Control, type FieldErrors, type UseFormRegister, useFieldArray } from 'react-hook-form'
import type { PersonDraft } from './draft'
import { Text } from './personFields'

/** Conditions that the list does not have, in words: cautious limits hold until a clinician's word about each is on file. */
export function Unlisted({
  control,
  register,
  errors,
}: {
  control: Control<PersonDraft>
  register: UseFormRegister<PersonDraft>
  errors: FieldErrors<PersonDraft>
}) {
  const { fields, append, remove } = useFieldArray({ control, name: 'unlisted' })
  const field = { register, errors }
  return (
    <div className="mt-4 flex flex-col gap-3">
      {fields.map(({ id }, index) => (
        <div key={id} className="grid gap-3 border-t border-line pt-2 sm:grid-cols-[1fr_11rem_11rem_2.75rem]">
          <Text {...field} name={`unlisted.${index}.words`} label="Condition, in words" />
          <Text {...field} name={`unlisted.${index}.clearedBy`} label="Clinician’s word by" />
          <Text {...field} name={`unlisted.${index}.clearedOn`} label="on" type="date" />
          <button type="button" className="icon mt-6" aria-label="Remove this condition" onClick={() => remove(index)}>
            <X size={18} aria-hidden="true" />
          </button>
        </div>
      ))}
      <button type="button" className="quiet self-start" onClick={() => append({ words: '', clearedOn: '', clearedBy: '' })}>
        <Plus size={18} aria-hidden="true" /> A condition that is not in the list
      </button>
      {fields.length > 0 && (
        <p className="text-[0.94rem] text-soft">Until a clinician’s word about it is on file: effort 4 at most, one foot always down.</p>
      )}
    </div>
  )
}
