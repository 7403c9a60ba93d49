'use client'
import { useRouter } from 'next/navigation'
import { Slider } from 'radix-ui'
import { useRef, useState, useTransition } from 'react'
import { type Drawing, draw, measure, type Pose, type PropKind, REFERENCE_BODY, type Room, solve } from '@/core/body'
import { type FileProblem, problemsOf } from '@/core/formats/files'
import { attribute } from '@/core/movement/demands'
import { valueWords } from '@/core/movement/differences'
import { type OwnMovement, ownMovementSchema } from '@/core/movement/own'
import { createOwn, updateOwn } from '@/server/actions/movements'
import { FigureDrawing } from '../figure/FigureDrawing'
import { answered, refusalWords } from '../shell/answered'
import { Check } from '../shell/Check'
import { SaveBar } from '../shell/SaveBar'
import { useLeaveGuard } from '../shell/useLeaveGuard'

interface Joint {
  label: string
  min: number
  max: number
  read: (pose: Pose) => number
  write: (pose: Pose, value: number) => Pose
}

/** A slider for an angle of both limbs or of one. */
const limb = (part: 'Arm' | 'Leg', side: 'left' | 'right', angle: string, label: string, min: number, max: number): Joint => ({
  label: `${side} ${label}`,
  min,
  max,
  read: (pose) => (pose[`${side}${part}`] as unknown as Record<string, number>)[angle]!,
  write: (pose, value) => ({
    ...pose,
    [`${side}${part}`]: { ...pose[`${side}${part}`], [angle]: value },
    // a limb that is given angles leaves what it rested on
    ...(part === 'Arm' && { [`${side}Hand`]: 'free' }),
  }),
})
const SIDES = ['right', 'left'] as const
const JOINTS: { group: string; joints: Joint[] }[] = [
  {
    group: 'Trunk and head',
    joints: [
      { label: 'lean from the hips', min: -110, max: 90, read: (pose) => pose.lean ?? 0, write: (pose, lean) => ({ ...pose, lean }) },
      {
        label: 'rounding',
        min: -30,
        max: 70,
        read: (pose) => pose.spine.flexion,
        write: (pose, flexion) => ({ ...pose, spine: { ...pose.spine, flexion } }),
      },
      { label: 'twist', min: -60, max: 60, read: (pose) => pose.spine.twist, write: (pose, twist) => ({ ...pose, spine: { ...pose.spine, twist } }) },
      {
        label: 'side bend',
        min: -40,
        max: 40,
        read: (pose) => pose.spine.sideBend,
        write: (pose, sideBend) => ({ ...pose, spine: { ...pose.spine, sideBend } }),
      },
      { label: 'head turn', min: -70, max: 70, read: (pose) => pose.neck.turn, write: (pose, turn) => ({ ...pose, neck: { ...pose.neck, turn } }) },
    ],
  },
  {
    group: 'Arms',
    joints: SIDES.flatMap((side) => [
      limb('Arm', side, 'raise', 'arm raised', 0, 175),
      limb('Arm', side, 'plane', 'arm direction (0 side, 90 front)', -90, 120),
      limb('Arm', side, 'elbow', 'elbow bend', 0, 145),
    ]),
  },
  {
    group: 'Legs',
    joints: SIDES.flatMap((side) => [
      limb('Leg', side, 'flexion', 'hip bend', -30, 125),
      limb('Leg', side, 'abduction', 'leg out', -15, 50),
      limb('Leg', side, 'knee', 'knee bend', 0, 135),
    ]),
  },
]

const DECLARED = ['impactLevel', 'balanceDemand', 'abdominalPressure', 'breathHoldRisk', 'cognitiveLoad'] as const
const FLAGS = ['endRangeStretch', 'eyesClosed', 'spinalLoaded'] as const
const MEASURED = [
  'spinalFlexionDeg',
  'twistDeg',
  'sideBendDeg',
  'overheadReachDeg',
  'shoulderAbductionDeg',
  'hipFlexionDeg',
  'kneeFlexionLoadedDeg',
] as const
const CUES = { setup: 'Set up', do: 'Do', breath: 'Breath', watch: 'Watch for' } as const

interface Props {
  start: OwnMovement
  stored?: { id: string; revision: number }
  source: { name: string; room: Room; props: readonly PropKind[]; view: number; movement: string }
}

/** A movement of one's own, from one of the library: the figure follows the sliders, the rules read what it shows. */
export function OwnEditor({ start, stored, source }: Props) {
  const router = useRouter()
  const [own, setOwn] = useState(start)
  const [at, setAt] = useState(start.poses.length - 1)
  const [view, setView] = useState(source.view)
  const [problems, setProblems] = useState<FileProblem[]>([])
  const [message, setMessage] = useState('')
  const [saving, startSaving] = useTransition()
  // one movement however often a lost answer is asked for again
  const key = useRef(crypto.randomUUID())
  const leaving = useRef(false)
  useLeaveGuard(own !== start && !leaving.current)
  const change = (next: Partial<OwnMovement>) => setOwn((now) => ({ ...now, ...next }))
  const pose = own.poses[at]!
  const figure = solve(pose, REFERENCE_BODY, source.room)
  const drawing: Drawing = draw(figure, view, source.props)
  const shown = measure(figure)
  const wrong = (path: string) => problems.find((problem) => problem.path === path)?.message
  const setPose = (next: Pose) => change({ poses: own.poses.map((one, index) => (index === at ? next : one)) })

  const save = () => {
    setMessage('')
    const parsed = ownMovementSchema.safeParse(own)
    if (!parsed.success) {
      setProblems(problemsOf(parsed.error))
      setMessage('Not saved; nothing that you typed is lost.')
      return
    }
    setProblems([])
    startSaving(async () => {
      const outcome = stored
        ? await answered(updateOwn({ ...stored, document: parsed.data }))
        : await answered(createOwn({ key: key.current, document: parsed.data }))
      if (outcome.ok) {
        leaving.current = true
        router.push(`/movements/${outcome.movement}`)
      } else if (outcome.kind === 'invalid') {
        setProblems(outcome.problems.map((problem) => ({ ...problem, path: problem.path.replace(/^\$\.document/, '$') })))
        setMessage('Not saved; nothing that you typed is lost.')
      } else setMessage(refusalWords(outcome, 'Changed in another window meanwhile; open it again to see both.'))
    })
  }
  return (
    <div className="flex flex-col gap-6">
      <div>
        <p className="text-soft">From {source.name}</p>
        <h1>{stored ? own.name : 'A movement of my own'}</h1>
      </div>
      <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[24rem_1fr]">
        <section aria-label="Figure" className="self-start lg:sticky lg:top-4">
          <FigureDrawing drawing={drawing} label={`Pose ${at + 1} of ${own.poses.length}`} className="h-80 w-full [--fig-gap:var(--paper)]" />
          <div className="mt-2 flex flex-wrap gap-2">
            {own.poses.map((_, index) => (
              <button key={index} type="button" className="quiet" aria-pressed={index === at} onClick={() => setAt(index)}>
                Pose {index + 1}
              </button>
            ))}
            <label className="field w-36">
              <span>Seen from, °</span>
              <input
                className="input"
                type="number"
                min={-90}
                max={90}
                step={5}
                value={view}
                onChange={(event) => setView(Number(event.target.value))}
              />
            </label>
          </div>
          <h2 className="mt-4">What this pose shows</h2>
          <ul className="text-soft">
            {MEASURED.map((name) => (
              <li key={name}>
                {attribute(name).label}: {valueWords(name, shown[name])}
              </li>
            ))}
          </ul>
        </section>
        <div className="flex flex-col gap-6">
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
                        onValueChange={([next]) => setPose(joint.write(pose, next ?? value))}
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
                      loadKg: 'Load, kg',
                      rpe: 'Effort, 0–10',
                    }[field]
                  }
                </span>
                <input
                  className="input"
                  type="number"
                  step="any"
                  value={own.dose[field] ?? ''}
                  aria-invalid={wrong(`$.dose.${field}`) !== undefined}
                  onChange={(event) =>
                    change({ dose: { ...own.dose, [field]: event.target.value === '' ? Number.NaN : Number(event.target.value) } })
                  }
                />
                {wrong(`$.dose.${field}`) && <span className="wrong">{wrong(`$.dose.${field}`)}</span>}
              </label>
            ))}
          </fieldset>
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
                onChange={(event) =>
                  change({ declared: { ...own.declared, met: event.target.value === '' ? Number.NaN : Number(event.target.value) } })
                }
              />
              {wrong('$.declared.met') && <span className="wrong">{wrong('$.declared.met')}</span>}
            </label>
            {FLAGS.map((name) => (
              <Check key={name} checked={own.declared[name]} onChange={(ticked) => change({ declared: { ...own.declared, [name]: ticked } })}>
                {attribute(name).label}
              </Check>
            ))}
          </fieldset>
          <p className="text-soft">
            Angles and balance are read from the figure; a lower balance than it shows is raised to it. The same rules judge it as any other movement.
          </p>
          <SaveBar label={stored ? 'Save' : 'Keep this movement'} saving={saving} onSave={save} message={message} />
        </div>
      </div>
    </div>
  )
}
