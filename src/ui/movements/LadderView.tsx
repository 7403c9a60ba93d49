'use client'
import dynamic from 'next/dynamic'
import Link from 'next/link'
import { Slider } from 'radix-ui'
import { useMemo, useState } from 'react'
import { BANDS } from '@/content/kit/bands'
import { kitWords } from '@/content/kit/standIns'
import type { Body } from '@/core/body'
import { bodyOfStature } from '@/core/body/skeleton'
import { bandFor } from '@/core/movement/bands'
import type { GoalDose } from '@/core/movement/doses'
import { effortOf, MOMENT_NAMES } from '@/core/movement/loads'
import type { Variant } from '@/core/movement/movement'
import { kgOf, type MassUnit, massIn, sayMass } from '@/core/vocabulary'
import type { LadderStep, StoredOwn, WorkerPerson } from '@/workers/designerContract'
import { MovingFigure } from '../figure/MovingFigure'
import { LadderSteps } from '../fit/LadderSteps'
import { useMassUnit } from '../shell/mass'
import { InClass, useFits } from './InClass'

const MomentChart = dynamic(() => import('./MomentChart').then((chart) => chart.MomentChart), { ssr: false })

export interface LadderVariant {
  variant: Variant
  /** s of one repetition in a group */
  repSeconds: number
  /** demands that are not neutral, in words */
  demands: { label: string; value: string; means: string }[]
  /** against the step below, in words and numbers */
  changes: string[]
  doses: GoalDose[]
  drawing: LadderStep['drawing']
  words: string
}

const BODIES = {
  older: { name: 'Older adult', shape: 'older' },
  week20: { name: 'Pregnant, week 20', shape: 'pregnant', gestationalWeek: 20 },
  week34: { name: 'Pregnant, week 34', shape: 'pregnant', gestationalWeek: 34 },
  larger: { name: 'Larger', shape: 'larger' },
  wheelchair: { name: 'Wheelchair user', shape: 'wheelchair' },
} as const
type BodyName = keyof typeof BODIES

function Range({
  label,
  value,
  min,
  max,
  step,
  unit,
  onChange,
}: {
  label: string
  value: number
  min: number
  max: number
  step: number
  unit: string
  onChange: (value: number) => void
}) {
  return (
    <div className="field">
      <span>
        {label}: {value} {unit}
      </span>
      <Slider.Root
        className="relative flex h-11 items-center"
        min={min}
        max={max}
        step={step}
        value={[value]}
        onValueChange={([next]) => onChange(next ?? value)}
      >
        <Slider.Track className="relative h-1 grow bg-line">
          <Slider.Range className="absolute h-full bg-plum" />
        </Slider.Track>
        <Slider.Thumb aria-label={label} aria-valuetext={`${value} ${unit}`} className="block h-7 w-3.5 bg-plum" />
      </Slider.Root>
    </div>
  )
}

const doseWords = ({ sets, reps, workSeconds, holdSeconds, restSeconds, loadKg, rpe }: GoalDose['dose'], unit: MassUnit) =>
  [
    sets > 1 ? `${sets} sets` : '1 set',
    workSeconds ? `${workSeconds} s` : `${reps ?? 1} times`,
    holdSeconds > 0 ? `hold ${holdSeconds} s` : '',
    loadKg > 0 ? sayMass(loadKg, unit) : '',
    `rest ${restSeconds} s`,
    `effort ${rpe}`,
  ]
    .filter(Boolean)
    .join(', ')

interface LadderProps {
  movement: string
  classes: { id: string; title: string }[]
  /** the class for which the ladder is looked at; '' = none */
  classId: string
  people: WorkerPerson[]
  own: StoredOwn[]
  steps: LadderVariant[]
  everyday: string
  muscles: string
  /** kinds of movement, in words */
  pattern: string
  partners: { id: string; name: string }[]
}

/** A movement as figures on rising steps; the chosen step moves, and its moments follow body height and load. */
export function LadderView({ movement, classes, classId, people, own, steps, everyday, muscles, pattern, partners }: LadderProps) {
  const unit = useMassUnit()
  const fits = useFits(movement, people, own)
  const [chosen, setChosen] = useState(steps[steps.length >> 1]!.variant.id)
  const [bodyName, setBodyName] = useState<BodyName>('older')
  const [stature, setStature] = useState(165)
  const step = steps.find(({ variant }) => variant.id === chosen) ?? steps[0]!
  const { variant } = step
  const [load, setLoad] = useState<number>()
  const [view, setView] = useState<number>()
  const [speed, setSpeed] = useState(1)
  const [moving, setMoving] = useState(true)
  const kg = load ?? variant.dose.loadKg
  const body = useMemo((): Body => ({ ...bodyOfStature(stature), ...BODIES[bodyName] }), [stature, bodyName])
  const props =
    bodyName === 'wheelchair'
      ? variant.props.map((kind) => (kind === 'chair' || kind === 'armchair' ? ('wheelchair' as const) : kind))
      : variant.props
  const planned = useMemo(() => new Map(steps.map((one) => [one, effortOf(one.variant, body, one.variant.dose.loadKg)])), [steps, body])
  const { moments, balanceMarginCm } = useMemo(() => effortOf(variant, body, kg), [variant, body, kg])
  const band = bandFor(variant, body, kg, BANDS)
  const choose = (id: string) => {
    setChosen(id)
    setLoad(undefined)
    setView(undefined)
  }
  return (
    <div className="flex flex-col gap-8">
      <LadderSteps
        steps={steps.map((one) => ({
          id: one.variant.id,
          name: one.variant.name,
          step: one.variant.step,
          drawing: one.drawing,
          words: one.words,
          standing: [],
          ...(people.length > 0 && fits && { note: `fits ${fits.get(one.variant.id)?.length ?? 0} of ${people.length}` }),
          planned: one === step,
        }))}
        onChoose={choose}
      />
      <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[24rem_1fr]">
        <section aria-label="Figure">
          <MovingFigure
            variant={{ ...variant, props }}
            label={step.words}
            className="h-80 w-full [--fig-gap:var(--paper)]"
            moving={moving}
            body={body}
            view={view ?? variant.view}
            speed={speed}
            breath={variant.cues.breath}
          />
          <div className="mt-2 grid grid-cols-2 gap-x-5">
            <Range label="Seen from" value={view ?? variant.view} min={-180} max={180} step={5} unit="°" onChange={setView} />
            <Range label="Speed" value={speed} min={0.25} max={2} step={0.25} unit="×" onChange={setSpeed} />
            <Range label="Body height" value={stature} min={145} max={195} step={1} unit="cm" onChange={setStature} />
            <Range
              label={variant.kit.includes('band') ? 'Pull' : 'Load'}
              value={massIn(kg, unit)}
              min={0}
              max={unit === 'kg' ? 8 : 18}
              step={0.5}
              unit={unit}
              onChange={(mass) => setLoad(kgOf(mass, unit))}
            />
          </div>
          <div className="mt-1 flex flex-wrap items-end gap-4">
            <label className="field w-52">
              <span>Body</span>
              <select className="input" value={bodyName} onChange={(event) => setBodyName(event.target.value as BodyName)}>
                {Object.entries(BODIES).map(([id, { name }]) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
            <button type="button" className="quiet" aria-pressed={!moving} onClick={() => setMoving(!moving)}>
              {moving ? 'Stand still' : 'Move'}
            </button>
          </div>
        </section>
        <div className="flex flex-col gap-6">
          <section>
            <h2>{variant.name}</h2>
            <dl className="mt-2 grid grid-cols-[7rem_1fr] gap-y-1">
              {(['setup', 'do', 'breath', 'watch'] as const).map((part) => (
                <div key={part} className="contents">
                  <dt className="text-soft">{{ setup: 'Set up', do: 'Do', breath: 'Breath', watch: 'Watch for' }[part]}</dt>
                  <dd>{variant.cues[part]}</dd>
                </div>
              ))}
              <dt className="text-soft">Good for</dt>
              <dd>{everyday}</dd>
              <dt className="text-soft">Kit</dt>
              <dd>{kitWords(variant.kit, kg, unit)}</dd>
              <dt className="text-soft">Muscles</dt>
              <dd>{muscles}</dd>
              <dt className="text-soft">Kind</dt>
              <dd>
                {pattern}; about {step.repSeconds} s a repetition in a group
              </dd>
              <dt className="text-soft">Goes with</dt>
              <dd>
                {partners.map(({ id, name }, index) => (
                  <span key={id}>
                    {index > 0 && ', '}
                    <Link href={`/movements/${id}${classId && `?class=${classId}`}`}>{name}</Link>
                  </span>
                ))}
              </dd>
            </dl>
            <InClass classes={classes} classId={classId} movement={movement} variant={variant.id} people={people} fits={fits?.get(variant.id)} />
            <p className="mt-3">
              <Link href={`/movements/own?from=${encodeURIComponent(variant.id)}`} className="quiet">
                Make my own from this
              </Link>
            </p>
          </section>
          {step.changes.length > 0 && (
            <section>
              <h3>Against the step below</h3>
              <p>{variant.step}</p>
              <ul className="text-soft">
                {step.changes.map((change) => (
                  <li key={change}>{change}</li>
                ))}
              </ul>
            </section>
          )}
          <section>
            <h3>Moments at the hardest point, N·m</h3>
            <dl className="mt-1 flex flex-wrap gap-x-7 gap-y-1" aria-live="polite">
              {MOMENT_NAMES.map((name) => (
                <div key={name}>
                  <dt className="text-soft">{name === 'lumbar' ? 'low back' : name}</dt>
                  <dd className={moments[name] === undefined ? 'pt-2 text-soft' : 'font-serif text-[1.5rem]'}>
                    {moments[name]?.toFixed(1) ?? 'not estimated'}
                  </dd>
                </div>
              ))}
              {balanceMarginCm !== undefined && (
                <div>
                  <dt className="text-soft">balance margin</dt>
                  <dd className="font-serif text-[1.5rem]">{balanceMarginCm.toFixed(0)} cm</dd>
                </div>
              )}
            </dl>
            {band && (
              <p className="mt-2">
                For this height: <b>{band.band.name}</b>
                {band.strands === 2 && ', doubled'}, {Math.round(band.usedM * 100)} cm between the grips. It then pulls{' '}
                {sayMass(Math.round((band.pullN / 9.81) * 10) / 10, unit)} over a path of {Math.round(band.pathM * 100)} cm.
              </p>
            )}
            <MomentChart rows={steps.map((one) => ({ name: one.variant.name, ...(one === step ? moments : planned.get(one)?.moments) }))} />
            <p className="text-[0.94rem] text-soft">
              Static estimates on an average build of this height from published segment tables; muscles that work against each other and fast
              movement are not in them.
            </p>
          </section>
          <section>
            <h3>Doses</h3>
            <ul>
              {step.doses.map(({ goal, dose }) => (
                <li key={goal}>
                  <span className="inline-block w-28 text-soft">{goal}</span>
                  {doseWords(dose, unit)}
                </li>
              ))}
            </ul>
          </section>
          <section>
            <h3>What it asks</h3>
            <dl className="mt-1 grid gap-x-8 gap-y-2 sm:grid-cols-2">
              {step.demands.map(({ label, value, means }) => (
                <div key={label}>
                  <dt>
                    {label}: <b>{value}</b>
                  </dt>
                  <dd className="text-[0.94rem] text-soft">{means}</dd>
                </div>
              ))}
            </dl>
          </section>
        </div>
      </div>
    </div>
  )
}
