'use client'
import { zodResolver } from '@hookform/resolvers/zod'
import { useState, useTransition } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import { numbersOf, type Settings, settingsSchema } from '@/core/vocabulary'
import { keepSettings } from '@/server/actions/settings'
import { SaveBar } from '../shell/SaveBar'

const DAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday']

/** House and leader, the numbers that somebody rings in need, time zone and week. Beside it stands how it will read. */
export function SettingsForm({ settings, zones }: { settings: Settings; zones: readonly string[] }) {
  const { register, handleSubmit, control, formState, setError } = useForm<Settings>({
    defaultValues: settings,
    resolver: zodResolver(settingsSchema) as never,
  })
  const [message, setMessage] = useState('')
  const [saving, start] = useTransition()
  const { errors } = formState
  const shown = numbersOf({ ...settings, ...useWatch({ control }) })
  const submit = handleSubmit((values) =>
    start(async () => {
      const outcome = await keepSettings({ ...values, zone: values.zone || undefined }).catch(() => undefined)
      if (outcome?.ok) return setMessage('Saved')
      for (const { path, message: said } of outcome?.kind === 'invalid' ? outcome.problems : [])
        setError(path.replace(/^\$\./, '') as keyof Settings, { message: said })
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
  return (
    <form onSubmit={submit} noValidate className="grid gap-x-12 gap-y-8 lg:grid-cols-[1fr_22rem]">
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
              {DAYS.map((day, index) => (
                <option key={day} value={index}>
                  {day}
                </option>
              ))}
            </select>
          </label>
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
    </form>
  )
}
