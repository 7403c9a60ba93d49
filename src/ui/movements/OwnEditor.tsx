'use client'
import { useRouter } from 'next/navigation'
import { useRef, useState, useTransition } from 'react'
import { type Drawing, draw, measure, type Pose, type PropKind, REFERENCE_BODY, type Room, solve } from '@/core/body'
import { type FileProblem, problemsOf } from '@/core/formats/problems'
import { attribute } from '@/core/movement/demands'
import { valueWords } from '@/core/movement/differences'
import { type OwnMovement, ownMovementSchema } from '@/core/movement/own'
import { createOwn, updateOwn } from '@/server/actions/movements'
import { FigureDrawing } from '../figure/FigureDrawing'
import { answered, refusalWords } from '../shell/answered'
import { useMassUnit } from '../shell/mass'
import { SaveBar } from '../shell/SaveBar'
import { useLeaveGuard } from '../shell/useLeaveGuard'
import { CueFields, DeclaredFields, DoseFields, JointFields, NameFields } from './OwnFields'

const MEASURED = [
  'spinalFlexionDeg',
  'twistDeg',
  'sideBendDeg',
  'overheadReachDeg',
  'shoulderAbductionDeg',
  'hipFlexionDeg',
  'kneeFlexionLoadedDeg',
] as const
interface Props {
  start: OwnMovement
  stored?: { id: string; revision: number }
  source: { name: string; room: Room; props: readonly PropKind[]; view: number; movement: string }
}

/** A movement of one's own, from one of the library: the figure follows the sliders, the rules read what it shows. */
export function OwnEditor({ start, stored, source }: Props) {
  const router = useRouter()
  const unit = useMassUnit()
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

  const fields = { own, change, wrong }

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
                {attribute(name).label}: {valueWords(name, shown[name], unit)}
              </li>
            ))}
          </ul>
        </section>
        <div className="flex flex-col gap-6">
          <NameFields {...fields} />
          <JointFields pose={pose} at={at} onPose={setPose} />
          <CueFields {...fields} />
          <DoseFields {...fields} />
          <DeclaredFields {...fields} />
          <p className="text-soft">
            Angles and balance are read from the figure; a lower balance than it shows is raised to it. The same rules judge it as any other movement.
          </p>
          <SaveBar label={stored ? 'Save' : 'Keep this movement'} saving={saving} onSave={save} message={message} />
        </div>
      </div>
    </div>
  )
}
