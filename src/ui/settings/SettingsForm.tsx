'use client'
import { zodResolver } from '@hookform/resolvers/zod'
import { Plus, X } from 'lucide-react'
import { useState, useTransition } from 'react'
import { type FieldPath, useFieldArray, useForm, useWatch } from 'react-hook-form'
import { SCHOOL_WORDS } from '@/core/effort'
import type { Pace } from '@/core/timing'
import { numbersOf, SCHOOLS, type Settings, settingsSchema } from '@/core/vocabulary'
import { keepSettings } from '@/server/actions/settings'
import { ratesWords } from '../design/paceWords'
import { Awake } from '../shell/Awake'
import { answered } from '../shell/answered'
import { SaveBar } from '../shell/SaveBar'
import { useLeaveGuard } from '../shell/useLeaveGuard'
import { Weekdays } from '../shell/WeekdayOptions'
import { HouseRulesFields } from './HouseRulesFields'
import { SoundFields, VenueFields } from './VenueFields'

interface Props {
  settings: Settings
  zones: readonly string[]
  /** as it is learned so far */
  pace: Pick<Pace, 'classes' | 'rates'>
}

/** House and leader, the numbers that somebody rings in need, time zone and week. Beside it stands how it will read. */
export function SettingsForm({ settings, zones, pace }: Props) {
  const { register, handleSubmit, control, formState, setError, reset } = useForm<Settings>({
    defaultValues: settings,
    resolver: zodResolver(settingsSchema) as never,
  })
  const [message, setMessage] = useState('')
  const [saving, start] = useTransition()
  const { errors, isDirty } = formState
  useLeaveGuard(isDirty)
  const closed = useFieldArray({ control, name: 'closed' })
  const houseRules = useWatch({ control, name: 'houseRules' })
  const shown = numbersOf({ ...settings, ...useWatch({ control }) })
  const submit = handleSubmit((values) =>
    start(async () => {
      const outcome = await answered(keepSettings({ ...values, zone: values.zone || undefined, paceSince: values.paceSince || undefined }))
      if (outcome.ok) {
        // what is in the form now is what is kept
        reset(values)
        return setMessage('Saved')
      }
      for (const { path, message: said } of outcome.kind === 'invalid' ? outcome.problems : [])
        setError(path.replace(/^\$\./, '').replace(/\[(\d+)\]/g, '.$1') as FieldPath<Settings>, { message: said })
      setMessage('Not saved. What you typed is still here.')
    }),
  )
  const text = (name: 'house' | 'instructor' | 'emergencyNumber' | 'maternityNumber' | 'crisisNumber', label: string) => (
    <label className="field">
      <span>{label}</span>
      <input className="input" aria-invalid={errors[name] !== undefined} {...register(name)} />
      {errors[name] && <span className="wrong">{errors[name].message}</span>}
    </label>
  )
  const number = (name: 'coverMinutes' | 'keepYears', max: number, label: string, hint: string) => (
    <label className="field">
      <span>{label}</span>
      <input
        className="input"
        type="number"
        min={0}
        max={max}
        aria-invalid={errors[name] !== undefined}
        {...register(name, { valueAsNumber: true })}
      />
      <span className="text-[0.94rem] text-soft">{hint}</span>
      {errors[name] && <span className="wrong">{errors[name].message}</span>}
    </label>
  )
  return (
    <form onSubmit={submit} noValidate className="grid gap-x-12 gap-y-8 lg:grid-cols-[1fr_22rem]">
      <Awake>
        <div className="flex flex-col gap-8">
          <section className="grid gap-4 sm:grid-cols-2">
            <h2 className="sm:col-span-2">The house</h2>
            {text('house', 'Name of the house')}
            {text('instructor', 'Who leads')}
          </section>
          <section className="grid gap-4 sm:grid-cols-3">
            <h2 className="sm:col-span-3">Numbers in need</h2>
            {text('emergencyNumber', 'Emergency')}
            {text('maternityNumber', 'Maternity unit')}
            {text('crisisNumber', 'Crisis line')}
          </section>
          <VenueFields register={register} errors={errors} />
          <SoundFields register={register} />
          <section className="grid gap-4 sm:grid-cols-2">
            <h2 className="sm:col-span-2">Ceiling of the pulse</h2>
            <label className="field">
              <span>School that a new class begins with</span>
              <select className="input" {...register('school')}>
                {SCHOOLS.map((school) => (
                  <option key={school} value={school}>
                    {SCHOOL_WORDS[school].name}
                  </option>
                ))}
              </select>
              <span className="text-[0.94rem] text-soft">Whoever may not go by a number goes by exertion and talk test, whatever is chosen.</span>
            </label>
          </section>
          <section className="grid gap-4 sm:grid-cols-2">
            <h2 className="sm:col-span-2">Time</h2>
            <label className="field">
              <span>Time zone</span>
              <select className="input" {...register('zone', { setValueAs: (value: string) => value || undefined })}>
                <option value="">that of this machine</option>
                {zones.map((zone) => (
                  <option key={zone} value={zone}>
                    {zone.replaceAll('_', ' ')}
                  </option>
                ))}
              </select>
            </label>
            <label className="field">
              <span>The week begins on</span>
              <select className="input" {...register('weekStart', { valueAsNumber: true })}>
                <Weekdays from={1} />
              </select>
            </label>
          </section>
          <section>
            <h2>When the house is closed</h2>
            <p className="text-soft">No class meets by its weekday then. A class that has one of these as a single day meets all the same.</p>
            {closed.fields.map((field, index) => (
              <div key={field.id} className="mt-2 grid items-start gap-3 sm:grid-cols-[11rem_11rem_1fr_2.75rem]">
                {(['from', 'to'] as const).map((end) => (
                  <label key={end} className="field">
                    <span>{end === 'from' ? 'First day' : 'Last day'}</span>
                    <input
                      className="input"
                      type="date"
                      aria-invalid={errors.closed?.[index]?.[end] !== undefined}
                      {...register(`closed.${index}.${end}`)}
                    />
                    {errors.closed?.[index]?.[end] && <span className="wrong">{errors.closed[index][end].message}</span>}
                  </label>
                ))}
                <label className="field">
                  <span>Why</span>
                  <input className="input" {...register(`closed.${index}.name`)} />
                </label>
                <button type="button" className="icon mt-6" aria-label="Remove these days" onClick={() => closed.remove(index)}>
                  <X size={18} aria-hidden="true" />
                </button>
              </div>
            ))}
            <button type="button" className="quiet mt-2" onClick={() => closed.append({ from: '', to: '', name: '' })}>
              <Plus size={18} aria-hidden="true" /> Add days
            </button>
          </section>
          <section className="grid gap-4 sm:grid-cols-2">
            <h2 className="sm:col-span-2">Your pace</h2>
            <p className="sm:col-span-2">
              {pace.classes === 0
                ? 'Nothing is learned yet: lengths are the estimates of the house. Lead with “I count”, and what you tap says how long things take you.'
                : `${ratesWords(pace.rates)}. Learned from ${pace.classes === 1 ? 'one class' : `${pace.classes} classes`}.`}
            </p>
            <label className="field">
              <span>Learn from classes of this day and later</span>
              <input className="input" type="date" {...register('paceSince', { setValueAs: (value: string) => value || undefined })} />
              <span className="text-[0.94rem] text-soft">Empty: from all. Set it to begin anew, after an illness say, or with another group.</span>
            </label>
          </section>
          <HouseRulesFields register={register} chosen={houseRules} />
          <section className="grid gap-4 sm:grid-cols-2">
            <h2 className="sm:col-span-2">People’s data</h2>
            {number(
              'coverMinutes',
              60,
              'Cover names and health after so many minutes without a hand',
              '0: only by the crossed eye in the head line, or Ctrl and full stop.',
            )}
            {number(
              'keepYears',
              30,
              'Keep data for so many years after the last class',
              'Who is past it stands under People as due to be erased. 0: nobody does. Ask what the law of your place wants.',
            )}
          </section>
          <SaveBar label="Save" saving={saving} message={message} wrong={message.startsWith('Not')} />
        </div>
        <aside className="border-l-4 border-effort pl-5">
          <p className="label">On the page that comes up in need</p>
          <p className="font-serif text-[1.35rem]">Ring {shown.emergency}.</p>
          <p className="mt-2">In pregnancy and after a birth also {shown.maternity}.</p>
          <p className="mt-2">To talk to somebody, day or night: {shown.crisis}.</p>
          <p className="mt-4 text-[0.94rem] text-soft">
            These do not replace first-aid training, the plan of the house or what the emergency line says; those come first.
          </p>
        </aside>
      </Awake>
    </form>
  )
}
