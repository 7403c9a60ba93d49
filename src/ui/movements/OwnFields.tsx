'use client'
import { Slider } from 'radix-ui'
import type { Pose } from '@/core/body'
import { attribute } from '@/core/movement/demands'
import type { OwnMovement } from '@/core/movement/own'
import { kgOf, massIn } from '@/core/vocabulary'
import { Check } from '../shell/Check'
import { useMassUnit } from '../shell/mass'
import { JOINTS } from './ownJoints'

const DECLARED = ['impactLevel', 'balanceDemand', 'abdominalPressure', 'breathHoldRisk', 'cognitiveLoad'] as const
const FLAGS = ['endRangeStretch', 'eyesClosed', 'spinalLoaded'] as const
const CUES = { setup: 'Set up', do: 'Do', breath: 'Breath', watch: 'Watch for' } as const

/** What the parts of the form share. */
interface OwnFields {
  own: OwnMovement
  change: (next: Partial<OwnMovement>) => void
  /** what is wrong with a field, by its path */
  wrong: (path: string) => string | undefined
}

/** What it is called. */
export function NameFields({ own, change, wrong }: OwnFields) {
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      {(
        [
          ['name', 'Name of the movement'],
          ['variantName', 'Name of this way of doing it'],
        ] as const
      ).map(([field, label]) => (
        <label key={field} className="field">
          <span>{label}</span>
          <input
            className="input"
            value={own[field]}
            aria-invalid={wrong(`$.${field}`) !== undefined}
            onChange={(event) => change({ [field]: event.target.value })}
          />
          {wrong(`$.${field}`) && <span className="wrong">{wrong(`$.${field}`)}</span>}
        </label>
      ))}
    </div>
  )
}

/** A slider for every angle of a pose. */
export function JointFields({ pose, at, onPose }: { pose: Pose; at: number; onPose: (pose: Pose) => void }) {
  return (
    <>
      {JOINTS.map(({ group, joints }) => (
        <fieldset key={group}>
          <legend className="font-serif text-[1.15rem]">{group}</legend>
          <div className="grid gap-x-6 sm:grid-cols-2">
            {joints.map((joint) => {
              const value = Math.round(joint.read(pose))
              return (
                <div key={joint.label} className="field">
                  <span>
                    {joint.label}: {value}°
                  </span>
                  <Slider.Root
                    className="relative flex h-9 items-center"
                    min={joint.min}
                    max={joint.max}
                    step={1}
                    value={[value]}
                    onValueChange={([next]) => onPose(joint.write(pose, next ?? value))}
                  >
                    <Slider.Track className="relative h-1 grow bg-line">
                      <Slider.Range className="absolute h-full bg-plum" />
                    </Slider.Track>
                    <Slider.Thumb
                      aria-label={`${joint.label}, pose ${at + 1}`}
                      aria-valuetext={`${value} degrees`}
                      className="block h-7 w-3.5 bg-plum"
                    />
                  </Slider.Root>
                </div>
              )
            })}
          </div>
        </fieldset>
      ))}
    </>
  )
}

/** What is said. */
export function CueFields({ own, change, wrong }: OwnFields) {
  return (
    <fieldset className="grid gap-3 sm:grid-cols-2">
      <legend className="mb-2 font-serif text-[1.15rem]">Cues</legend>
      {(Object.keys(CUES) as (keyof typeof CUES)[]).map((part) => (
        <label key={part} className="field">
          <span>{CUES[part]}</span>
          <input
            className="input"
            value={own.cues[part]}
            aria-invalid={wrong(`$.cues.${part}`) !== undefined}
            onChange={(event) => change({ cues: { ...own.cues, [part]: event.target.value } })}
          />
          {wrong(`$.cues.${part}`) && <span className="wrong">{wrong(`$.cues.${part}`)}</span>}
        </label>
      ))}
    </fieldset>
  )
}

/** How much of it. */
export function DoseFields({ own, change, wrong }: OwnFields) {
  const unit = useMassUnit()
  return (
    <fieldset className="flex flex-wrap gap-3">
      <legend className="mb-2 font-serif text-[1.15rem]">Dose</legend>
      {(Object.keys(own.dose) as (keyof OwnMovement['dose'])[]).map((field) => (
        <label key={field} className="field w-32">
          <span>
            {
              {
                sets: 'Sets',
                reps: 'Repetitions',
                workSeconds: 'Work, s',
                holdSeconds: 'Hold, s',
                restSeconds: 'Rest, s',
                loadKg: `Load, ${unit}`,
                rpe: 'Effort, 0–10',
              }[field]
            }
          </span>
          <input
            className="input"
            type="number"
            step="any"
            value={own.dose[field] === undefined ? '' : field === 'loadKg' ? massIn(own.dose[field], unit) : own.dose[field]}
            aria-invalid={wrong(`$.dose.${field}`) !== undefined}
            onChange={({ target: { value } }) => {
              const number = value === '' ? Number.NaN : Number(value)
              change({ dose: { ...own.dose, [field]: field === 'loadKg' ? kgOf(number, unit) : number } })
            }}
          />
          {wrong(`$.dose.${field}`) && <span className="wrong">{wrong(`$.dose.${field}`)}</span>}
        </label>
      ))}
    </fieldset>
  )
}

/** What no pose shows. */
export function DeclaredFields({ own, change, wrong }: OwnFields) {
  return (
    <fieldset className="flex flex-wrap gap-3">
      <legend className="mb-2 font-serif text-[1.15rem]">What no pose shows</legend>
      {DECLARED.map((name) => {
        const definition = attribute(name)
        return (
          <label key={name} className="field w-56">
            <span>{definition.label}</span>
            <select
              className="input"
              value={own.declared[name]}
              onChange={(event) => change({ declared: { ...own.declared, [name]: Number(event.target.value) } })}
            >
              {(definition.kind === 'number' ? (definition.steps ?? []) : []).map((words, step) => (
                <option key={words} value={step}>
                  {step}: {words}
                </option>
              ))}
            </select>
          </label>
        )
      })}
      <label className="field w-32">
        <span>Energy, MET</span>
        <input
          className="input"
          type="number"
          step="0.1"
          value={Number.isNaN(own.declared.met) ? '' : own.declared.met}
          aria-invalid={wrong('$.declared.met') !== undefined}
          onChange={(event) => change({ declared: { ...own.declared, met: event.target.value === '' ? Number.NaN : Number(event.target.value) } })}
        />
        {wrong('$.declared.met') && <span className="wrong">{wrong('$.declared.met')}</span>}
      </label>
      {FLAGS.map((name) => (
        <Check key={name} checked={own.declared[name]} onChange={(ticked) => change({ declared: { ...own.declared, [name]: ticked } })}>
          {attribute(name).label}
        </Check>
      ))}
    </fieldset>
  )
}
