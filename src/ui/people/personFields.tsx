'use client'
import type { FieldErrors, Path, UseFormRegister } from 'react-hook-form'
import type { PersonDraft } from './draft'

function messageAt(errors: FieldErrors<PersonDraft>, path: string): string | undefined {
  const found = path.split('.').reduce<unknown>((node, key) => (node as Record<string, unknown> | undefined)?.[key], errors)
  return (found as { message?: string } | undefined)?.message
}

export interface FieldProps {
  register: UseFormRegister<PersonDraft>
  errors: FieldErrors<PersonDraft>
  name: Path<PersonDraft>
  label: string
}

export function Text({ register, errors, name, label, type = 'text', hint }: FieldProps & { type?: string; hint?: string }) {
  const message = messageAt(errors, name)
  return (
    <label className="field">
      <span>{label}</span>
      <input
        className="input"
        type={type}
        inputMode={type === 'number' ? 'decimal' : undefined}
        step={type === 'number' ? 'any' : undefined}
        aria-invalid={message !== undefined}
        {...register(name)}
      />
      {hint && !message && <span className="text-[0.94rem] text-soft">{hint}</span>}
      {message && <span className="wrong">{message}</span>}
    </label>
  )
}

export function Choose({ register, errors, name, label, options }: FieldProps & { options: readonly (readonly [string, string])[] }) {
  const message = messageAt(errors, name)
  return (
    <label className="field">
      <span>{label}</span>
      <select className="input" aria-invalid={message !== undefined} {...register(name)}>
        {options.map(([value, words]) => (
          <option key={value} value={value}>
            {words}
          </option>
        ))}
      </select>
      {message && <span className="wrong">{message}</span>}
    </label>
  )
}

export const YES_NO = [
  ['', 'not known'],
  ['yes', 'yes'],
  ['no', 'no'],
] as const
export const SIDES = [
  ['', 'not known: both'],
  ['left', 'left'],
  ['right', 'right'],
  ['both', 'both'],
] as const

export function Section({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <fieldset className="border-t-2 border-line pt-3">
      <legend className="float-left mb-3 w-full font-serif text-[1.25rem]">{title}</legend>
      <div className="clear-both">{children}</div>
    </fieldset>
  )
}
