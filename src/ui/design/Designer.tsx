'use client'
import dynamic from 'next/dynamic'
import { useRouter } from 'next/navigation'
import { useEffect, useRef, useState, useTransition } from 'react'
import { itemsOf, type PhaseKind, type PlanDraft } from '@/core/plan'
import { clock, type SegmentKind, segmentAt } from '@/core/timing'
import { beginSession } from '@/server/actions/sessions'
import type { Addable, ClassQuestion, Explanation, LadderView, Questions, StoredOwn, WorkerPerson } from '@/workers/designerContract'
import { MarkLegend } from '../fit/Mark'
import type { Overruled } from '../fit/OverruleList'
import { answered, refusalWords } from '../shell/answered'
import { Sheet } from '../shell/Sheet'
import { NARROW, useMedia } from '../shell/useMedia'
import { TreadScrubber } from '../tread/TreadLine'
import { ClassNotices } from './ClassNotices'
import { DesignerHead } from './DesignerHead'
import { FitGrid } from './FitGrid'
import type { ClassTime } from './TimeSheet'
import { useDesk } from './useDesk'
import { useJudgement } from './useJudgement'
import { type SaveState, usePlan } from './usePlan'
import { useUndoKeys } from './useUndoKeys'

// what opens over the class, and its shape on a phone, is loaded when it is asked for
const AddSheet = dynamic(() => import('./AddSheet').then((one) => one.AddSheet))
const ClassTools = dynamic(() => import('./ClassTools').then((one) => one.ClassTools))
const FitList = dynamic(() => import('./FitList').then((one) => one.FitList))
const ItemSheet = dynamic(() => import('./ItemSheet').then((one) => one.ItemSheet))
const OverruleForm = dynamic(() => import('./OverruleForm').then((one) => one.OverruleForm))
const OverruleList = dynamic(() => import('../fit/OverruleList').then((one) => one.OverruleList))
const QuestionsSheet = dynamic(() => import('./QuestionsSheet').then((one) => one.QuestionsSheet))
const Reasons = dynamic(() => import('../fit/Reasons').then((one) => one.Reasons))
const RoomSheet = dynamic(() => import('./RoomSheet').then((one) => one.RoomSheet))
const RosterSheet = dynamic(() => import('./RosterSheet').then((one) => one.RosterSheet))
const StaleSheet = dynamic(() => import('./StaleSheet').then((one) => one.StaleSheet))
const TimeSheet = dynamic(() => import('./TimeSheet').then((one) => one.TimeSheet))

type Open =
  | { kind: 'cell'; item: string; person: string; explanation?: Explanation }
  | { kind: 'item'; item: string; ladder?: LadderView }
  | { kind: 'add'; phase: string; block: string; choices?: Addable[] }
  | { kind: 'roster' }
  | { kind: 'room' }
  | { kind: 'time' }
  | { kind: 'words' }
  | { kind: 'questions'; questions?: ClassQuestion[] }

const SEGMENT_WORDS: Record<SegmentKind, string> = {
  link: 'coming to',
  'count-in': 'counting in',
  change: 'changing place for',
  kit: 'kit for',
  showing: 'showing',
  talk: 'a word',
  pause: 'standing a moment before',
  work: 'at work on',
  'side-change': 'changing sides in',
  rest: 'resting from',
  water: 'water and a breath',
}

const SAVE_WORDS: Record<SaveState, string> = {
  saved: 'Saved',
  saving: 'Saving…',
  offline: 'Not saved yet, trying again',
  stale: 'Changed in another window',
  refused: 'Not saved',
}

interface Props {
  id: string
  day: string
  dayWords: string
  time: ClassTime
  plan: PlanDraft
  revision: number
  people: WorkerPerson[]
  everybody: { id: string; name: string }[]
  own: StoredOwn[]
  /** what holds here on the instructor's own word */
  overruled: Overruled[]
  places: { clientId: string; place: 'enrolled' | 'waiting' | 'guest' }[]
  rosterRevision: number
  first: Questions['model']['answer']
  /** a version to put into the plan as soon as the page is there */
  adding?: { variant: string; phase: PhaseKind } | undefined
}

/** The class: its stair on top, the fit grid below. Every change is judged at once and saved by itself. */
export function Designer({
  id,
  day,
  dayWords,
  time,
  plan: startPlan,
  revision,
  people,
  everybody,
  own,
  overruled,
  places,
  rosterRevision,
  first,
  adding,
}: Props) {
  const router = useRouter()
  const ask = useDesk({ plan: startPlan, people, own })
  const { plan, save, undo, redo, newer, refusal, edit, undoEdit, redoEdit, keepMine, takeTheirs, saved, begun } = usePlan(id, startPlan, revision)
  const [open, setOpen] = useState<Open>()
  const [at, setAt] = useState<number>()
  const [leading, startLeading] = useTransition()
  const [notBegun, setNotBegun] = useState('')

  const { shown, drawings, judged, slow, judgeAgain } = useJudgement(ask, first, startPlan, plan, people)
  const { model } = shown
  const narrow = useMedia(NARROW)

  // what is open follows the plan
  const openItem = open?.kind === 'item' ? open.item : undefined
  // biome-ignore lint/correctness/useExhaustiveDependencies: the shown model is what the ladder is asked for again after
  useEffect(() => {
    if (openItem === undefined || !itemsOf(plan).some(({ item }) => item.id === openItem)) return
    let live = true
    void ask('ladder', { item: openItem }).then(
      (ladder) => live && setOpen((now) => (now?.kind === 'item' && now.item === openItem ? { ...now, ladder } : now)),
    )
    return () => {
      live = false
    }
  }, [ask, openItem, shown])

  useUndoKeys(undoEdit, redoEdit)

  const explain = (item: string, person: string) => {
    setOpen({ kind: 'cell', item, person })
    void ask('explain', { item, person }).then((explanation) =>
      setOpen((now) => (now?.kind === 'cell' && now.item === item && now.person === person ? { ...now, explanation } : now)),
    )
  }
  const openAdd = (phase: string, block: string) => {
    setOpen({ kind: 'add', phase, block })
    void ask('choices', { phase }).then((choices) => setOpen((now) => (now?.kind === 'add' ? { ...now, choices } : now)))
  }
  const openQuestions = () => {
    setOpen({ kind: 'questions' })
    void ask('questions', null).then((questions) => setOpen((now) => (now?.kind === 'questions' ? { kind: 'questions', questions } : now)))
  }
  const put = (block: string, at: number, variant: string) =>
    edit({ kind: 'add-item', block, at, item: { id: `i-${crypto.randomUUID().slice(0, 8)}`, variant } })
  const add = (variant: string) => {
    if (open?.kind !== 'add') return
    const block = plan.phases.flatMap((phase) => phase.blocks).find((one) => one.id === open.block)!
    put(open.block, block.items.length, variant)
    setOpen(undefined)
  }
  const addAfter = (item: string, variant: string) => {
    const block = plan.phases.flatMap((phase) => phase.blocks).find(({ items }) => items.some(({ id: one }) => one === item))
    if (block) put(block.id, block.items.findIndex(({ id: one }) => one === item) + 1, variant)
  }
  // a version that was chosen in the library goes to the end of the phase it belongs to, once
  const wanted = useRef(adding)
  useEffect(() => {
    if (!wanted.current) return
    const { variant, phase } = wanted.current
    wanted.current = undefined
    window.history.replaceState(null, '', window.location.pathname)
    const block = (startPlan.phases.find(({ kind }) => kind === phase) ?? startPlan.phases.at(-1))?.blocks.at(-1)
    if (block) put(block.id, block.items.length, variant)
  })
  const moveItem = (item: string, by: -1 | 1) => {
    const blocks = plan.phases.flatMap((phase) => phase.blocks)
    const at = blocks.findIndex((block) => block.items.some((one) => one.id === item))
    const block = blocks[at]!
    const place = block.items.findIndex((one) => one.id === item)
    const inside = place + by >= 0 && place + by < block.items.length
    const target = inside ? block : blocks[at + by]
    if (target) edit({ kind: 'move-item', item, toBlock: target.id, at: inside ? place + by : by > 0 ? 0 : target.items.length })
  }
  const begin = (where: 'lead' | 'door') =>
    startLeading(async () => {
      // what was typed last goes in first
      if (!(await saved())) return
      const outcome = await answered(beginSession({ classId: id, day }))
      if (outcome.ok) router.push(where === 'lead' ? `/lead/${outcome.id}` : `/sessions/${outcome.id}/door`)
      else setNotBegun(refusalWords(outcome))
    })

  const segment = at === undefined ? undefined : model.timeline.segments[segmentAt(model.timeline, at)]
  const atItem = model.items.find(({ id: item }) => item === segment?.item)
  const momentWords = segment
    ? `${clock(at ?? 0)}: ${SEGMENT_WORDS[segment.kind]}${atItem ? ` ${atItem.movement.toLowerCase()}, ${atItem.name.toLowerCase()}` : ''}, effort ${segment.rpe}`
    : 'nothing planned'
  const Fit = narrow ? FitList : FitGrid
  return (
    <div className="flex flex-col gap-5">
      <DesignerHead
        title={plan.title}
        dayWords={dayWords}
        seconds={model.timeline.totalSeconds}
        promisedMinutes={plan.promisedMinutes}
        status={`${SAVE_WORDS[save]}${slow ? ', judging…' : ''}`}
        people={people.length}
        items={model.items.length}
        busy={leading}
        onTime={() => setOpen({ kind: 'time' })}
        onUndo={undo.length > 0 ? undoEdit : undefined}
        onRedo={redo.length > 0 ? redoEdit : undefined}
        onRoom={() => setOpen({ kind: 'room' })}
        onRoster={() => setOpen({ kind: 'roster' })}
        onBegin={begin}
      />

      <div>
        <TreadScrubber line={model.tread} promisedSeconds={plan.promisedMinutes * 60} atSeconds={at} onMove={setAt} says={momentWords} />
        <p className="min-h-6 text-soft">{at === undefined ? 'Drag along the stair to see any moment.' : momentWords}</p>
      </div>

      {notBegun && (
        <p role="alert" className="wrong">
          {notBegun}
        </p>
      )}
      <ClassNotices
        plan={plan}
        model={model}
        failed={judged === 'failed'}
        refusal={save === 'refused' ? refusal : undefined}
        begun={begun === true}
        onAgain={judgeAgain}
        onEdit={edit}
      />

      <Fit plan={plan} model={model} drawings={drawings} onCell={explain} onItem={(item) => setOpen({ kind: 'item', item })} onAdd={openAdd} />
      <div className="flex flex-wrap items-center justify-between gap-4">
        <MarkLegend />
        <div className="ml-auto flex flex-wrap gap-3">
          {overruled.length > 0 && (
            <button type="button" className="quiet" onClick={() => setOpen({ kind: 'words' })}>
              On your own word, {overruled.length}
            </button>
          )}
          <button type="button" className="quiet" onClick={openQuestions} disabled={people.length === 0}>
            What to ask next
          </button>
        </div>
      </div>

      {open?.kind === 'cell' && (
        <Sheet open onClose={() => setOpen(undefined)} title={open.explanation ? `${open.explanation.person}: ${open.explanation.item}` : 'Looking…'}>
          {open.explanation && (
            <>
              <Reasons explanation={open.explanation} />
              <OverruleForm explanation={open.explanation} classId={id} item={open.item} day={day} onDone={() => setOpen(undefined)} />
            </>
          )}
        </Sheet>
      )}
      {/* an undo can take the item away under its open sheet */}
      {open?.kind === 'item' && itemsOf(plan).some(({ item }) => item.id === open.item) && (
        <ItemSheet
          ladder={open.ladder}
          people={people.length}
          onAddAfter={(variant) => addAfter(open.item, variant)}
          onClose={() => setOpen(undefined)}
          onChoose={(variant) => edit({ kind: 'set-variant', item: open.item, variant })}
          onDose={(part, otherwise) => edit({ kind: 'change-dose', item: open.item, part, otherwise })}
          onMove={(by) => moveItem(open.item, by)}
          onRemove={() => {
            edit({ kind: 'remove-item', item: open.item })
            setOpen(undefined)
          }}
        />
      )}
      {open?.kind === 'add' && <AddSheet choices={open.choices} people={people.length} onClose={() => setOpen(undefined)} onAdd={add} />}
      {open?.kind === 'room' && (
        <RoomSheet plan={plan} onClose={() => setOpen(undefined)} onChange={(change) => edit({ kind: 'set-plan', change })}>
          <ClassTools id={id} title={plan.title} people={places.length} />
        </RoomSheet>
      )}
      {open?.kind === 'words' && (
        <Sheet open onClose={() => setOpen(undefined)} title="On your own word">
          <OverruleList overrules={overruled} />
        </Sheet>
      )}
      {open?.kind === 'time' && <TimeSheet id={id} day={day} time={time} onClose={() => setOpen(undefined)} />}
      {open?.kind === 'questions' && <QuestionsSheet questions={open.questions} items={model.items.length} onClose={() => setOpen(undefined)} />}
      {open?.kind === 'roster' && (
        <RosterSheet classId={id} revision={rosterRevision} everybody={everybody} roster={places} onClose={() => setOpen(undefined)} />
      )}
      {save === 'stale' && newer && <StaleSheet mine={plan} theirs={newer.plan} onMine={keepMine} onTheirs={takeTheirs} />}
    </div>
  )
}
