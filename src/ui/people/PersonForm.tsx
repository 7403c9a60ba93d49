'use client'
import { Plus, X } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { useRef, useState, useTransition } from 'react'
import { type Control, Controller, type FieldErrors, type Path, type UseFormRegister, useFieldArray, useForm, useWatch } from 'react-hook-form'
import { stageWords } from '@/content/conditions/stageWords'
import type { ConditionChoice, calendarChoices } from '@/core/client'
import { type ClientRecord, clientSchema } from '@/core/client/record'
import { type FileProblem, problemsOf } from '@/core/formats/files'
import { createPerson, savePerson } from '@/server/actions/people'
import { answered, refusalWords } from '../shell/answered'
import { SaveBar } from '../shell/SaveBar'
import { useLeaveGuard } from '../shell/useLeaveGuard'
import { BodyChart } from './BodyChart'
import { draftOf, type PersonDraft, recordOf } from './draft'

interface Props {
  choices: ConditionChoice[]
  /** conditions of a pregnancy and of the year after a birth, which have letters too */
  calendar: ReturnType<typeof calendarChoices>
  /** for a written plan that concerns one movement */
  movements: (readonly [string, string])[]
  /** an existing person */
  stored?: { id: string; revision: number; record: ClientRecord }
}

/** Where a problem of the record is shown in the form. */
function fieldOf(problem: FileProblem): Path<PersonDraft> | 'root' {
  const path = problem.path
    .replace(/^\$\.?(record\.)?/, '')
    .replace(/\[(\d+)\]/g, '.$1')
    .replace(/^(capability|medicines)\./, '')
  if (path.startsWith('lastBirth')) return 'lastBirthOn'
  const match = /^conditions\.(\d+)\.(\w+)$/.exec(path)
  if (match && !['slug', 'variant', 'side', 'since', 'note'].includes(match[2]!)) return `conditions.${Number(match[1])}.answers.${match[2]}`
  return path === '' || path === 'conditions' ? 'root' : (path as Path<PersonDraft>)
}

function messageAt(errors: FieldErrors<PersonDraft>, path: string): string | undefined {
  const found = path.split('.').reduce<unknown>((node, key) => (node as Record<string, unknown> | undefined)?.[key], errors)
  return (found as { message?: string } | undefined)?.message
}

interface FieldProps {
  register: UseFormRegister<PersonDraft>
  errors: FieldErrors<PersonDraft>
  name: Path<PersonDraft>
  label: string
}

function Text({ register, errors, name, label, type = 'text', hint }: FieldProps & { type?: string; hint?: string }) {
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
      {hint && <span className="text-[0.94rem] text-soft">{hint}</span>}
      {message && <span className="wrong">{message}</span>}
    </label>
  )
}

function Choose({ register, errors, name, label, options }: FieldProps & { options: readonly (readonly [string, string])[] }) {
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

const YES_NO = [
  ['', 'not known'],
  ['yes', 'yes'],
  ['no', 'no'],
] as const
const SIDES = [
  ['', 'not known: both'],
  ['left', 'left'],
  ['right', 'right'],
  ['both', 'both'],
] as const

function Section({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <fieldset className="border-t-2 border-line pt-3">
      <legend className="float-left mb-3 w-full font-serif text-[1.25rem]">{title}</legend>
      <div className="clear-both">{children}</div>
    </fieldset>
  )
}

function Conditions({
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
  const free = choices.filter(({ slug }) => !fields.some((field) => field.slug === slug))
  const [picked, setPicked] = useState('')
  return (
    <>
      {fields.map((field, index) => {
        const choice = bySlug.get(field.slug)
        const at = (name: string) => `conditions.${index}.${name}` as Path<PersonDraft>
        return (
          <div key={field.id} className="mb-5 border-l-4 border-plum pl-4">
            <div className="flex items-start justify-between gap-3">
              <p className="font-semibold">{choice?.name ?? field.slug}</p>
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
      <div className="flex flex-wrap items-end gap-3">
        <label className="field min-w-72 flex-1">
          <span>Add a condition</span>
          <select className="input" value={picked} onChange={(event) => setPicked(event.target.value)}>
            <option value="">choose…</option>
            {free.map(({ slug, name }) => (
              <option key={slug} value={slug}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <button
          type="button"
          className="quiet"
          disabled={picked === ''}
          onClick={() => {
            append({ slug: picked, variant: '', side: '', since: '', note: '', answers: {} })
            setPicked('')
          }}
        >
          <Plus size={18} aria-hidden="true" /> Add
        </button>
      </div>
    </>
  )
}

function Clearances({
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
  calendar: Props['calendar']
  movements: Props['movements']
}) {
  const { fields, append, remove } = useFieldArray({ control, name: 'clearances' })
  const [conditions, dueDate, lastBirthOn] = useWatch({ control, name: ['conditions', 'dueDate', 'lastBirthOn'] })
  const names = new Map(choices.map(({ slug, name }) => [slug, name]))
  const options = [
    ...conditions.map(({ slug }) => [slug, names.get(slug) ?? slug] as const),
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

/** Conditions that the list does not have, in words: cautious limits hold until a clinician's word about each is on file. */
function Unlisted({
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

/** Registers or changes a person. A refusal keeps everything that was typed and says field by field what is wrong. */
export function PersonForm({ choices, calendar, movements, stored }: Props) {
  const router = useRouter()
  const [saving, start] = useTransition()
  const [revision, setRevision] = useState(stored?.revision ?? 0)
  const [saved, setSaved] = useState(false)
  const [newer, setNewer] = useState<{ record: ClientRecord; revision: number }>()
  // what the form does not show is kept from the record that was read last
  const [base, setBase] = useState(stored?.record)
  const { register, control, handleSubmit, setError, clearErrors, reset, formState } = useForm<PersonDraft>({
    defaultValues: draftOf(stored?.record),
  })
  const { errors, isDirty } = formState
  const leaving = useRef(false)
  // one person however often a lost answer is asked for again
  const key = useRef(crypto.randomUUID())
  useLeaveGuard(isDirty && !leaving.current)

  const refuse = (problems: readonly FileProblem[]) => {
    // the first wrong field is gone to
    for (const [index, problem] of problems.entries()) setError(fieldOf(problem), { message: problem.message }, { shouldFocus: index === 0 })
    setError('root', {
      message: `Not saved: ${problems.length === 1 ? 'one field needs' : `${problems.length} fields need`} another look. Nothing that you typed is lost.`,
    })
  }
  const submit = handleSubmit((draft) => {
    setSaved(false)
    clearErrors()
    const parsed = clientSchema.safeParse(recordOf(draft, base))
    if (!parsed.success) return refuse(problemsOf(parsed.error))
    start(async () => {
      if (!stored) {
        const made = await answered(createPerson({ key: key.current, record: parsed.data }))
        if (made.ok) {
          leaving.current = true
          router.push(`/people/${made.id}`)
        } else if (made.kind === 'invalid') refuse(made.problems)
        else setError('root', { message: refusalWords(made) })
        return
      }
      const outcome = await answered(savePerson({ id: stored.id, revision, record: parsed.data }))
      if (outcome.ok) {
        setRevision(outcome.revision)
        setBase(parsed.data)
        // what is in the form now is what is kept
        reset(draft)
        setSaved(true)
      } else if (outcome.kind === 'stale') setNewer({ record: outcome.newer, revision: outcome.revision })
      else if (outcome.kind === 'invalid') refuse(outcome.problems)
      else setError('root', { message: outcome.kind === 'gone' ? 'This person is gone: erased in another window.' : refusalWords(outcome) })
    })
  })
  const field = { register, errors }
  return (
    <form onSubmit={submit} noValidate className="flex flex-col gap-7">
      <Section title="Who">
        <div className="grid gap-3 sm:grid-cols-3">
          <Text {...field} name="given" label="First name" />
          <Text {...field} name="family" label="Family name" />
          <Text {...field} name="birthDate" label="Born on" type="date" />
          <Choose
            {...field}
            name="sex"
            label="Sex, for ceilings and capacity"
            options={[
              ['', 'not said: the lower value'],
              ['female', 'female'],
              ['male', 'male'],
            ]}
          />
          <Choose {...field} name="ownHelper" label="A helper of their own in class" options={YES_NO} />
          <Choose {...field} name="latexAllergy" label="Allergic to latex" options={YES_NO} />
        </div>
      </Section>
      <Section title="Conditions">
        <Conditions control={control} register={register} errors={errors} choices={choices} />
        <Unlisted control={control} register={register} errors={errors} />
      </Section>
      <Section title="Where it hurts or wants care">
        <Controller control={control} name="sites" render={({ field: { value, onChange } }) => <BodyChart sites={value} onChange={onChange} />} />
      </Section>
      <Section title="Medicines">
        <div className="grid gap-3 sm:grid-cols-3">
          <Choose {...field} name="betaBlocker" label="Beta-blocker" options={YES_NO} />
          <Choose {...field} name="bloodThinner" label="Blood thinner" options={YES_NO} />
          <Choose {...field} name="insulinOrSulfonylurea" label="Insulin or sulfonylurea" options={YES_NO} />
        </div>
      </Section>
      <Section title="Pregnancy and birth">
        <div className="grid gap-3 sm:grid-cols-4">
          <Text {...field} name="dueDate" label="Due date" type="date" />
          <Text {...field} name="lastBirthOn" label="Last birth on" type="date" />
          <Choose
            {...field}
            name="lastBirthKind"
            label="Kind of birth"
            options={[
              ['vaginal', 'vaginal'],
              ['caesarean', 'caesarean'],
            ]}
          />
          <Choose {...field} name="noBirth12m" label="No birth in 12 months" options={YES_NO} />
        </div>
      </Section>
      <Section title="Clearance">
        <Clearances control={control} register={register} errors={errors} choices={choices} calendar={calendar} movements={movements} />
      </Section>
      <Section title="What they can do now">
        <div className="grid gap-3 sm:grid-cols-4">
          <Choose {...field} name="riseNoHands" label="Rises without hands" options={YES_NO} />
          <Choose {...field} name="floorTransferOk" label="Floor and up again" options={YES_NO} />
          <Text {...field} name="singleLegSec" label="One-leg stance, s" type="number" />
          <Text {...field} name="chairRises30s" label="Chair rises in 30 s" type="number" />
          <Text {...field} name="getUpAndGoSec" label="Get up and go, s" type="number" />
          <Choose {...field} name="impactTrained" label="Used to impact" options={YES_NO} />
          <Choose {...field} name="coning" label="Belly ridge seen" options={YES_NO} />
          <Choose {...field} name="pfLoadTestOk" label="Pelvic-floor load test" options={YES_NO} />
        </div>
        <p className="mt-2 text-[0.94rem] text-soft">What is not known is read on the cautious side.</p>
      </Section>
      <Section title="More">
        <div className="grid gap-3 sm:grid-cols-4">
          <Text {...field} name="statureCm" label="Stature, cm" type="number" />
          <Text {...field} name="massKg" label="Mass, kg" type="number" />
          <div className="sm:col-span-2">
            <Text {...field} name="emergencyContact" label="Emergency contact" />
          </div>
          <div className="sm:col-span-2">
            <Text {...field} name="kitAtHome" label="Kit at home, with commas" />
          </div>
          <Text {...field} name="consentOn" label="Agreed to keep health data on" type="date" />
          <div className="sm:col-span-4">
            <Text {...field} name="note" label="Note" />
          </div>
        </div>
      </Section>
      {newer && (
        <section className="border-l-4 border-effort pl-4">
          <h2>Changed in another window</h2>
          <p>Yours was not saved over it and is still in the form. The other version:</p>
          <pre className="my-2 max-h-60 overflow-auto whitespace-pre-wrap text-[0.94rem]">{JSON.stringify(newer.record, null, 1)}</pre>
          <div className="flex gap-3">
            <button
              type="button"
              className="quiet"
              onClick={() => {
                setRevision(newer.revision)
                setBase(newer.record)
                setNewer(undefined)
              }}
            >
              Keep mine, then save
            </button>
            <button
              type="button"
              className="quiet"
              onClick={() => {
                reset(draftOf(newer.record))
                setRevision(newer.revision)
                setBase(newer.record)
                setNewer(undefined)
              }}
            >
              Take the other
            </button>
          </div>
        </section>
      )}
      <SaveBar
        label={stored ? 'Save' : 'Register'}
        saving={saving}
        message={errors.root?.message ?? (saved ? 'Saved' : '')}
        wrong={errors.root !== undefined}
      />
    </form>
  )
}
