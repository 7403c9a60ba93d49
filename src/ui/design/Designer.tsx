'use client'
import { X } from 'lucide-react'
import dynamic from 'next/dynamic'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useEffect, useLayoutEffect, useRef, useState, useTransition } from 'react'
import type { Since } from '@/core/evaluate'
import { type Edit, type PhaseKind, type PlanDraft, wholeItem } from '@/core/plan'
import { clock, type Experience, type SegmentKind, segmentAt } from '@/core/timing'
import type { HouseRules } from '@/core/vocabulary'
import { beginSession } from '@/server/actions/sessions'
import type { ClassQuestion, ModelAsk, Shown, StoredOwn, WorkerPerson } from '@/workers/designerContract'
import { takeComposed } from '../compose/composed'
import type { Overruled } from '../fit/OverruleList'
import { answered, refusalWords } from '../shell/answered'
import { Sheet } from '../shell/Sheet'
import { NARROW, useMedia } from '../shell/useMedia'
import { usePreloaded } from '../shell/usePreloaded'
import { TreadScrubber } from '../tread/TreadScrubber'
import { ClassNotices } from './ClassNotices'
import { DesignerHead } from './DesignerHead'
import { edgeOf } from './edgeDrag'
import { droppedBlock, droppedItem, movedItem, movedItems } from './moves'
import { PlanTable } from './PlanTable'
import { changedVersion, removedRow } from './planEdits'
import { freshId, type More, placeToAdd, type Selected, stillThere, withMore } from './selection'
import type { ClassTime } from './TimeSheet'
import { useDesk } from './useDesk'
import { useJudgement } from './useJudgement'
import { type SaveState, usePlan } from './usePlan'
import { usePlanKeys } from './usePlanKeys'

// what opens over the class, and its shape on a phone, is loaded when it is asked for
const ClassTools = dynamic(() => import('./ClassTools').then((one) => one.ClassTools))
const MendStrip = dynamic(() => import('./MendStrip').then((one) => one.MendStrip))
const FitList = dynamic(() => import('./FitList').then((one) => one.FitList))
const OverruleList = dynamic(() => import('../fit/OverruleList').then((one) => one.OverruleList))
const QuestionsSheet = dynamic(() => import('./QuestionsSheet').then((one) => one.QuestionsSheet))
const RoomSheet = dynamic(() => import('./RoomSheet').then((one) => one.RoomSheet))
const RosterSheet = dynamic(() => import('./RosterSheet').then((one) => one.RosterSheet))
const WhichDay = dynamic(() => import('./WhichDay').then((one) => one.WhichDay))
const StaleSheet = dynamic(() => import('./StaleSheet').then((one) => one.StaleSheet))
const PlaylistSection = dynamic(() => import('../music/PlaylistSection').then((one) => one.PlaylistSection))
const Versions = dynamic(() => import('./Versions').then((one) => one.Versions))
const TimeSheet = dynamic(() => import('./TimeSheet').then((one) => one.TimeSheet))

// beside the plan, not of it: fetched at once, and there when the first row is chosen or the first dose is typed
const loadInspector = () => Promise.all([import('./Inspector'), import('./DoseEditor')]).then(([one]) => one.Inspector)

type Open = { kind: 'roster' } | { kind: 'room' } | { kind: 'time' } | { kind: 'words' } | { kind: 'questions'; questions?: ClassQuestion[] }

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
  today: string
  dayWords: string
  time: ClassTime
  plan: PlanDraft
  revision: number
  people: WorkerPerson[]
  /** what of people is newer than the plan */
  since: Record<string, Since>
  own: StoredOwn[]
  experience: Experience
  house: HouseRules
  /** what holds here on the instructor's own word */
  overruled: Overruled[]
  places: { clientId: string; place: 'enrolled' | 'waiting' | 'guest' }[]
  rosterRevision: number
  first: Shown
  /** a version to put into the plan as soon as the page is there */
  adding?: { variant: string; phase: PhaseKind } | undefined
}

/** The class on one surface: its stair, the plan with the people across, and beside it an inspector of what is selected. */
export function Designer({
  id,
  day,
  today,
  dayWords,
  time,
  plan: startPlan,
  revision,
  people,
  since,
  own,
  experience,
  house,
  overruled,
  places,
  rosterRevision,
  first,
  adding,
}: Props) {
  const router = useRouter()
  const now = useRef<ModelAsk>({ plan: startPlan, people, own, experience, house })
  const ask = useDesk(now.current, now)
  const { shown, drawings, judged, slow, judgePlan, judgeAgain } = useJudgement(ask, first, startPlan, people)
  const { plan, save, undo, redo, newer, refusal, edit, undoEdit, redoEdit, keepMine, takeTheirs, saved, begun, joined } = usePlan(
    id,
    startPlan,
    revision,
    judgePlan,
  )
  useLayoutEffect(() => {
    now.current = { plan, people, own, experience, house }
  }, [plan, people, own, experience, house])
  const [open, setOpen] = useState<Open>()
  const [chosen, setChosen] = useState<Selected>()
  const [at, setAt] = useState<number>()
  const [leading, startLeading] = useTransition()
  const [notBegun, setNotBegun] = useState('')
  const { model, beside } = shown
  const narrow = useMedia(NARROW)
  const Inspector = usePreloaded(loadInspector)
  const selected = chosen && stillThere(plan, chosen) ? chosen : undefined

  const maybe = (one: Edit | undefined) => one && edit(one)
  const openAdd = () => {
    const place = placeToAdd(plan, selected)
    if (place) setChosen({ kind: 'add', ...place })
  }
  usePlanKeys({ undoEdit, redoEdit, openAdd, close: () => setChosen(undefined) })

  const openQuestions = () => {
    setOpen({ kind: 'questions' })
    void ask('questions', null).then((questions) => setOpen((now) => (now?.kind === 'questions' ? { kind: 'questions', questions } : now)))
  }
  // a version that was chosen in the library goes to the end of the phase it belongs to, once
  const wanted = useRef(adding)
  useEffect(() => {
    if (!wanted.current) return
    const { variant, phase: kind } = wanted.current
    wanted.current = undefined
    window.history.replaceState(null, '', window.location.pathname)
    const phase = startPlan.phases.find((one) => one.kind === kind) ?? startPlan.phases.at(-1)
    const place = placeToAdd(startPlan, phase && { kind: 'phase', phase: phase.id })
    if (place) edit({ kind: 'add-item', ...place, item: { id: freshId('i'), variant } })
  })
  // a class that was composed for this one, once
  const taken = useRef(false)
  useEffect(() => {
    if (taken.current) return
    taken.current = true
    maybe(takeComposed(id, startPlan))
  })
  const [asksDay, setAsksDay] = useState(false)
  const begin = (where: 'lead' | 'door', on = day) =>
    startLeading(async () => {
      // what was typed last goes in first
      if (!(await saved())) return
      const outcome = await answered(beginSession({ classId: id, day: on }))
      if (outcome.ok) router.push(where === 'lead' ? `/lead/${outcome.id}` : `/sessions/${outcome.id}/door`)
      else setNotBegun(refusalWords(outcome))
    })

  const segment = at === undefined ? undefined : model.timeline.segments[segmentAt(model.timeline, at)]
  const atItem = model.items.find(({ id: item }) => item === segment?.item)
  const momentWords = segment
    ? `${clock(at ?? 0)}: ${segment.moving ? 'moving rest,' : SEGMENT_WORDS[segment.kind]}${atItem ? ` ${atItem.movement.toLowerCase()}, ${atItem.name.toLowerCase()}` : ''}, effort ${segment.rpe}`
    : 'Drag along the stair to see any moment.'
  const moveTo = (second: number) => {
    setAt(second)
    const item = model.timeline.segments[segmentAt(model.timeline, second)]?.item
    if (item === undefined) return
    setChosen({ kind: 'item', item })
    document.querySelector(`tr[data-item="${item}"]`)?.scrollIntoView({ block: 'nearest' })
  }
  const choose = (to: Selected, more?: More) => setChosen(more && to.kind === 'item' ? withMore(plan, selected, to.item, more) : to)
  /** The rows that a key speaks of: all that are selected where it is one of them. */
  const rowsOf = (row: string): string[] => (selected?.kind === 'many' && selected.items.includes(wholeItem(row)) ? selected.items : [row])
  const forEach = (row: string, one: (row: string) => Edit | undefined) => {
    const edits = rowsOf(row).flatMap((each) => one(each) ?? [])
    if (edits.length > 0) edit(edits.length === 1 ? edits[0]! : { kind: 'together', edits })
  }
  const step = (row: string, to: 'gentler' | 'harder') =>
    forEach(row, (each) => {
      const next = beside[each]?.[to]
      return next && changedVersion(plan, each, next.id)
    })
  const move = (row: string, by: -1 | 1) => {
    const rows = rowsOf(row)
    maybe(rows.length === 1 ? movedItem(plan, row, by) : movedItems(plan, rows, by))
  }
  /** Escape in a field of the inspector goes back to the row it speaks of. */
  const backToRow = (event: React.KeyboardEvent) => {
    if (event.key !== 'Escape' || selected === undefined || !('item' in selected)) return
    document.querySelector<HTMLElement>(`tr[data-item="${selected.item}"] [data-cell$=",-2"]`)?.focus()
  }
  const notices = (
    <ClassNotices
      plan={plan}
      model={model}
      failed={judged === 'failed'}
      refusal={save === 'refused' ? refusal : undefined}
      begun={begun === true}
      joined={joined === true}
      onAgain={judgeAgain}
      onEdit={edit}
    />
  )
  const inspector = Inspector && (
    <Inspector
      id={id}
      day={day}
      plan={plan}
      model={model}
      beside={beside}
      selected={selected}
      ask={ask}
      edit={edit}
      onSelect={setChosen}
      onStep={step}
      onMove={move}
    >
      {notices}
      <div className="flex flex-wrap gap-x-3">
        <button type="button" className="quiet" onClick={openQuestions} disabled={people.length === 0}>
          What to ask next
        </button>
        <Link className="quiet" href={`/classes/${id}/compose?day=${day}`}>
          Compose
        </Link>
        <Link className="quiet" href={`/classes/${id}/print?day=${day}`}>
          Cue sheet
        </Link>
        <Link className="quiet" href={`/classes/${id}/pack?day=${day}`}>
          For a stand-in
        </Link>
        <Link className="quiet" href={`/classes/${id}/ahead`}>
          Weeks ahead
        </Link>
        <Link className="quiet" href={`/classes/${id}/series`}>
          Series
        </Link>
        <Link className="quiet" href={`/classes/${id}/progress`}>
          Who is ready
        </Link>
        {overruled.length > 0 && (
          <button type="button" className="quiet" onClick={() => setOpen({ kind: 'words' })}>
            On your own word, {overruled.length}
          </button>
        )}
      </div>
    </Inspector>
  )
  return (
    <div className="flex flex-col gap-2 lg:-mb-14 lg:-mt-4 lg:h-[calc(100dvh-3.6rem)]">
      <DesignerHead
        title={plan.title}
        dayWords={dayWords}
        forecast={model.forecast}
        classes={model.pace.classes}
        leastSeconds={model.timeline.leastSeconds}
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
        onAdd={openAdd}
        onBegin={(where) => (where === 'lead' && day !== today ? setAsksDay(true) : begin(where))}
      />
      <TreadScrubber
        line={model.tread}
        band={model.effort.band}
        kitMoves={model.kitMoves}
        edge={edgeOf(plan, model, selected, edit)}
        promisedSeconds={plan.promisedMinutes * 60}
        atSeconds={at}
        onMove={moveTo}
        says={momentWords}
      />
      {at !== undefined && <p className="-mt-1 text-[0.94rem] text-soft">{momentWords}</p>}
      {model.troubles.length > 0 && <MendStrip model={model} since={since} ask={ask} onEdit={edit} />}
      {notBegun && (
        <p role="alert" className="wrong">
          {notBegun}
        </p>
      )}
      {narrow ? (
        <>
          {notices}
          <FitList
            plan={plan}
            model={model}
            drawings={drawings}
            onCell={(item, person) => setChosen({ kind: 'cell', item, person })}
            onItem={(item) => setChosen({ kind: 'item', item })}
            onAdd={(block) => {
              const place = placeToAdd(plan, { kind: 'block', block })
              if (place) setChosen({ kind: 'add', ...place })
            }}
          />
          <Sheet open={selected !== undefined} onClose={() => setChosen(undefined)} title={plan.title}>
            {inspector}
          </Sheet>
        </>
      ) : (
        <div className="grid min-h-0 grow gap-4 lg:grid-cols-[minmax(0,1fr)_372px]">
          <div className="min-h-0 overflow-auto [contain:layout_paint] lg:pb-6">
            <PlanTable
              plan={plan}
              model={model}
              drawings={drawings}
              selected={selected}
              onSelect={choose}
              onDose={(row, said, otherwise) => edit({ kind: 'change-dose', item: wholeItem(row), part: said.part, unset: said.unset, otherwise })}
              onStep={step}
              onMove={move}
              onDrop={(row, over) => maybe(droppedItem(plan, row, over))}
              onDropBlock={(block, over) => maybe(droppedBlock(plan, block, over))}
              onRemove={(row) => forEach(row, (each) => removedRow(plan, each))}
            />
          </div>
          <aside
            onKeyDown={backToRow}
            aria-label={selected ? 'What is selected' : 'The class as a whole'}
            className="relative min-h-0 overflow-y-auto border-l-2 border-line bg-sheet p-4"
          >
            {selected && (
              <button
                type="button"
                className="icon absolute right-0 top-0"
                aria-label="Back to the class as a whole"
                onClick={() => setChosen(undefined)}
              >
                <X size={20} aria-hidden="true" />
              </button>
            )}
            {inspector}
          </aside>
        </div>
      )}

      {open?.kind === 'room' && (
        <RoomSheet
          plan={plan}
          onClose={() => setOpen(undefined)}
          onChange={(change, unset) => edit({ kind: 'set-plan', change, ...(unset && { unset }) })}
        >
          <Versions classId={id} plan={plan} ask={ask} saved={saved} onEdit={edit} />
          <PlaylistSection plan={plan} music={model.music} onEdit={edit} />
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
      {open?.kind === 'roster' && <RosterSheet classId={id} revision={rosterRevision} roster={places} onClose={() => setOpen(undefined)} />}
      {asksDay && (
        <WhichDay
          day={day}
          today={today}
          onClose={() => setAsksDay(false)}
          onChoose={(on) => {
            setAsksDay(false)
            begin('lead', on)
          }}
        />
      )}
      {save === 'stale' && newer && <StaleSheet mine={plan} theirs={newer.plan} onMine={keepMine} onTheirs={takeTheirs} />}
    </div>
  )
}
