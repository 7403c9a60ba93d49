import type { FieldErrors, UseFormRegister } from 'react-hook-form'
import { type Settings, SOUNDS } from '@/core/vocabulary'
import { SOUND_WORDS } from '../lead/KeysSheet'

interface Props {
  register: UseFormRegister<Settings>
  errors: FieldErrors<Settings>
}

const LINES = [
  ['address', 'Address, as you would say it on the telephone'],
  ['access', 'Way in: entrance, door code, where to park'],
  ['defibrillator', 'Where the defibrillator hangs'],
  ['contact', 'Whom to ring of the house'],
] as const

/** What somebody who comes running has to know: it stands on the card that comes up when somebody stops. */
export function VenueFields({ register, errors }: Props) {
  return (
    <section className="grid gap-4 sm:grid-cols-2">
      <h2 className="sm:col-span-2">In an emergency</h2>
      {LINES.map(([name, label]) => (
        <label key={name} className="field">
          <span>{label}</span>
          <input className="input" aria-invalid={errors.venue?.[name] !== undefined} {...register(`venue.${name}`)} />
          {errors.venue?.[name] && <span className="wrong">{errors.venue[name].message}</span>}
        </label>
      ))}
      <label className="field sm:col-span-2">
        <span>The plan of the house</span>
        <textarea className="input min-h-24" {...register('venue.plan')} />
        {errors.venue?.plan && <span className="wrong">{errors.venue.plan.message}</span>}
      </label>
    </section>
  )
}

/** What sounds while leading, on a device where nobody chose otherwise. */
export function SoundFields({ register }: Pick<Props, 'register'>) {
  return (
    <section>
      <h2>Sounds while leading</h2>
      {SOUNDS.map((sound) => (
        <label key={sound} className="flex min-h-11 items-center gap-3">
          <input type="checkbox" className="size-5 shrink-0 accent-plum" {...register(`sounds.${sound}`)} />
          {SOUND_WORDS[sound]}
        </label>
      ))}
      <p className="text-[0.94rem] text-soft">Each device can be set otherwise on the leading screen, under “?”.</p>
    </section>
  )
}
