'use client'
import { X } from 'lucide-react'
import dynamic from 'next/dynamic'
import { type Control, type FieldErrors, type Path, type UseFormRegister, useFieldArray } from 'react-hook-form'
import { stageWords } from '@/content/conditions/stageWords'
import type { ConditionChoice } from '@/core/client'
import type { PersonDraft } from './draft'
import { Choose, SIDES, Text, YES_NO } from './personFields'

const ConditionPicker = dynamic(() => import('./ConditionPicker').then((one) => one.ConditionPicker))

/** What is recorded of each condition, and finding further ones. */
export function Conditions({
  control,
  register,
  errors,
  choices,
}: {
  control: Control<PersonDraft>
  register: UseFormRegister<PersonDraft>
  errors: FieldErrors<PersonDraft>
  choices: ConditionChoice[]
}) {
  const { fields, append, remove } = useFieldArray({ control, name: 'conditions' })
  const bySlug = new Map(choices.map((choice) => [choice.slug, choice]))
  const counts = (slug: string) => fields.filter((field) => field.slug === slug).length
  return (
    <>
      {fields.map((field, index) => {
        const choice = bySlug.get(field.slug)
        const at = (name: string) => `conditions.${index}.${name}` as Path<PersonDraft>
        return (
          <div key={field.id} className="mb-5 border-l-4 border-plum pl-4">
            <div className="flex items-start justify-between gap-3">
              <p className="font-semibold">
                {choice?.name ?? field.slug}
                {counts(field.slug) > 1 && (
                  <span className="text-soft">
                    , {fields.slice(0, index + 1).filter(({ slug }) => slug === field.slug).length} of {counts(field.slug)}
                  </span>
                )}
              </p>
              <button type="button" className="icon" aria-label={`Remove ${choice?.name ?? field.slug}`} onClick={() => remove(index)}>
                <X size={18} aria-hidden="true" />
              </button>
            </div>
            <div className="grid gap-3 sm:grid-cols-3">
              {choice && choice.variants.length > 1 && (
                <Choose
                  register={register}
                  errors={errors}
                  name={at('variant')}
                  label="Stage or kind"
                  options={[['', 'not known: strictest'], ...choice.variants.map((variant) => [variant, stageWords(variant)] as const)]}
                />
              )}
              {choice?.sided && <Choose register={register} errors={errors} name={at('side')} label="Side" options={SIDES} />}
              {choice?.dated && <Text register={register} errors={errors} name={at('since')} label="Since (operation, injury, event)" type="date" />}
              {choice?.flags.map(({ field: flag, label }) => (
                <Choose key={flag} register={register} errors={errors} name={at(`answers.${flag}`)} label={label} options={YES_NO} />
              ))}
              {choice?.numbers.map(({ field: number, label, unit }) => (
                <Text key={number} register={register} errors={errors} name={at(`answers.${number}`)} label={`${label}, ${unit}`} type="number" />
              ))}
            </div>
            {choice?.variantNotes && <p className="mt-1 text-[0.94rem] text-soft">{choice.variantNotes}</p>}
            {choice?.symptomaticMeans && <p className="mt-1 text-[0.94rem] text-soft">Warning signs: {choice.symptomaticMeans}</p>}
          </div>
        )
      })}
      <ConditionPicker
        choices={choices}
        recorded={counts}
        onPick={(slug) =>
          append({ slug, variant: '', side: '', since: '', note: '', answers: {} }, { focusName: `conditions.${fields.length}.since` })
        }
      />
    </>
  )
}
