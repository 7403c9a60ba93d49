'use client'
import dynamic from 'next/dynamic'
import { useRouter } from 'next/navigation'
import { useEffect, useRef, useState, useTransition } from 'react'
import { Controller, type Path, useForm, useWatch } from 'react-hook-form'
import type { ConditionChoice, calendarChoices } from '@/core/client'
import { ageOn, type Day, isDay } from '@/core/client/calendar'
import { type ClientRecord, clientSchema } from '@/core/client/record'
import { type FileProblem, problemsOf } from '@/core/formats/problems'
import { createPerson, savePerson } from '@/server/actions/people'
import { Awake } from '../shell/Awake'
import { answered, refusalWords } from '../shell/answered'
import { useMassUnit } from '../shell/mass'
import { SaveBar } from '../shell/SaveBar'
import { useLeaveGuard } from '../shell/useLeaveGuard'
import { Clearances } from './Clearances'
import { Conditions } from './Conditions'
import { contradictions } from './contradictions'
import { draftOf, type PersonDraft, recordOf } from './draft'
import { Choose, Section, Text, YES_NO } from './personFields'
import { Unlisted } from './Unlisted'

// drawn bodies are heavy and stand far down
const BodyChart = dynamic(() => import('./BodyChart').then((one) => one.BodyChart))

interface Props {
  choices: ConditionChoice[]
  /** conditions of a pregnancy and of the year after a birth, which have letters too */
  calendar: ReturnType<typeof calendarChoices>
  /** for a written plan that concerns one movement */
  movements: (readonly [string, string])[]
  /** an existing person */
  stored?: { id: string; revision: number; record: ClientRecord }
  /** of the house */
  today: Day
}

/** Ages that are asked about: mostly a slip of the year. */
const USUAL_AGES = { from: 16, to: 105 }

function ageAt(birthDate: string | undefined, today: Day): number | undefined {
  return birthDate !== undefined && isDay(birthDate) && birthDate <= today ? ageOn(birthDate, today) : undefined
}
const oddAge = (birthDate: string, today: Day): number | undefined => {
  const age = ageAt(birthDate, today)
  return age !== undefined && (age < USUAL_AGES.from || age > USUAL_AGES.to) ? age : undefined
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

/** Registers or changes a person. A refusal keeps everything that was typed and says field by field what is wrong. */
export function PersonForm({ choices, calendar, movements, stored, today }: Props) {
  const router = useRouter()
  const unit = useMassUnit()
  const [saving, start] = useTransition()
  const [revision, setRevision] = useState(stored?.revision ?? 0)
  const [saved, setSaved] = useState('')
  const [newer, setNewer] = useState<{ record: ClientRecord; revision: number }>()
  // what the form does not show is kept from the record that was read last
  const [base, setBase] = useState(stored?.record)
  const { register, control, handleSubmit, setError, setFocus, clearErrors, reset, formState } = useForm<PersonDraft>({
    defaultValues: draftOf(unit, stored?.record),
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
  const [registered, setRegistered] = useState(0)
  // when the empty form stands
  useEffect(() => {
    if (registered > 0) setFocus('given')
  }, [registered, setFocus])
  // what was asked about and is meant: a birth date, a namesake
  const [meant, setMeant] = useState('')
  const [namesake, setNamesake] = useState(false)
  const submit = (next: boolean) =>
    handleSubmit((draft) => {
      setSaved('')
      clearErrors()
      const odd = oddAge(draft.birthDate, today)
      if (odd !== undefined && meant !== draft.birthDate) {
        setMeant(draft.birthDate)
        return refuse([
          { path: '$.birthDate', message: `That would be ${odd} ${odd === 1 ? 'year' : 'years'} old. If it is right, press once more.` },
        ])
      }
      const parsed = clientSchema.safeParse(recordOf(draft, unit, base))
      if (!parsed.success) return refuse(problemsOf(parsed.error))
      start(async () => {
        if (!stored) {
          const made = await answered(createPerson({ key: key.current, record: parsed.data, namesake }))
          if (made.ok) {
            if (next) {
              key.current = crypto.randomUUID()
              setNamesake(false)
              reset(draftOf(unit))
              setSaved(`${draft.given} is registered. Now the next.`)
              setRegistered((count) => count + 1)
              return
            }
            leaving.current = true
            router.push(`/people/${made.id}`)
          } else if (made.kind === 'invalid') {
            setNamesake(made.problems.some(({ path }) => path === '$.family'))
            refuse(made.problems)
          } else setError('root', { message: refusalWords(made) })
          return
        }
        const outcome = await answered(savePerson({ id: stored.id, revision, record: parsed.data }))
        if (outcome.ok) {
          setRevision(outcome.revision)
          setBase(parsed.data)
          // what is in the form now is what is kept
          reset(draft)
          setSaved('Saved')
        } else if (outcome.kind === 'stale') setNewer({ record: outcome.newer, revision: outcome.revision })
        else if (outcome.kind === 'invalid') refuse(outcome.problems)
        else setError('root', { message: outcome.kind === 'gone' ? 'This person is gone: erased in another window.' : refusalWords(outcome) })
      })
    })
  const field = { register, errors }
  const typed = useWatch({ control })
  const age = ageAt(typed.birthDate, today)
  const against = contradictions(choices, { conditions: [], ...typed } as PersonDraft & Record<string, unknown>)
  return (
    <form onSubmit={submit(false)} noValidate className="flex flex-col gap-7">
      <Awake>
        <Section title="Who">
          <div className="grid gap-3 sm:grid-cols-3">
            <Text {...field} name="given" label="First name" />
            <Text {...field} name="family" label="Family name" />
            <Text
              {...field}
              name="birthDate"
              label="Born on"
              type="date"
              {...(age !== undefined && { hint: `${age} ${age === 1 ? 'year' : 'years'} old` })}
            />
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
          {against.map((words) => (
            <p key={words} role="status" className="mt-2 border-l-4 border-effort pl-3">
              {words}
            </p>
          ))}
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
            <Text {...field} name="massKg" label={`Mass, ${unit}`} type="number" />
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
                  reset(draftOf(unit, newer.record))
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
        <SaveBar label={stored ? 'Save' : 'Register'} saving={saving} message={errors.root?.message ?? saved} wrong={errors.root !== undefined}>
          {!stored && (
            <button type="button" className="quiet min-h-12" disabled={saving} onClick={submit(true)}>
              Register and next
            </button>
          )}
        </SaveBar>
      </Awake>
    </form>
  )
}
