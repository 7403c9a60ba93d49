'use client'
import { useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react'
import { problemsText } from '@/core/formats/problems'
import { applyEdit, canApply, type Edit, merged, type PlanDraft } from '@/core/plan'
import { saveClass } from '@/server/actions/classes'
import { useUnloadGuard } from '../shell/useLeaveGuard'
import { keepHistory, rememberedHistory } from './planHistory'

export type SaveState = 'saved' | 'saving' | 'offline' | 'stale' | 'refused'

interface State {
  plan: PlanDraft
  undo: Edit[]
  redo: Edit[]
  save: SaveState
  /** the version somebody else saved meanwhile */
  newer?: { plan: PlanDraft; revision: number }
  refusal?: string
  /** a session of this class has begun, and goes on with the plan it began with */
  begun?: boolean
  /** changes of another window were taken in */
  joined?: boolean
}

type Move =
  | { kind: 'edit'; edit: Edit }
  | { kind: 'undo' }
  | { kind: 'redo' }
  | { kind: 'saving' | 'offline' }
  | { kind: 'saved'; begun?: boolean }
  | { kind: 'stale'; newer: { plan: PlanDraft; revision: number } }
  | { kind: 'refused'; message: string }
  | { kind: 'settle'; plan: PlanDraft }
  /** with what another window has saved, where both touch different things */
  | { kind: 'merged'; plan: PlanDraft }
  | { kind: 'remember'; undo: Edit[]; redo: Edit[] }

/** "Saved" is never shown over a change that is not. */
const unsaved = ({ save }: State): SaveState => (save === 'stale' ? 'stale' : 'saving')

function reduce(state: State, move: Move): State {
  switch (move.kind) {
    case 'edit': {
      const { plan, inverse } = applyEdit(state.plan, move.edit)
      return { ...state, plan, undo: [...state.undo, inverse], redo: [], save: unsaved(state) }
    }
    case 'undo': {
      const edit = state.undo.at(-1)
      if (!edit) return state
      // what it takes back was taken out in another window
      if (!canApply(state.plan, edit)) return { ...state, undo: state.undo.slice(0, -1) }
      const { plan, inverse } = applyEdit(state.plan, edit)
      return { ...state, plan, undo: state.undo.slice(0, -1), redo: [...state.redo, inverse], save: unsaved(state) }
    }
    case 'redo': {
      const edit = state.redo.at(-1)
      if (!edit) return state
      if (!canApply(state.plan, edit)) return { ...state, redo: state.redo.slice(0, -1) }
      const { plan, inverse } = applyEdit(state.plan, edit)
      return { ...state, plan, redo: state.redo.slice(0, -1), undo: [...state.undo, inverse], save: unsaved(state) }
    }
    case 'saved':
      return { ...state, save: 'saved', ...(move.begun !== undefined && { begun: move.begun }) }
    case 'remember':
      // only before anything was done
      return state.undo.length + state.redo.length > 0 ? state : { ...state, undo: move.undo, redo: move.redo }
    case 'saving':
    case 'offline':
      return { ...state, save: move.kind }
    case 'stale':
      return { ...state, save: 'stale', newer: move.newer }
    case 'refused':
      return { ...state, save: 'refused', refusal: move.message }
    case 'merged':
      return { ...state, plan: move.plan, save: 'saving', joined: true }
    case 'settle': {
      const { newer: _newer, ...rest } = state
      return { ...rest, plan: move.plan, undo: [], redo: [], save: 'saving' }
    }
  }
}

const SAVE_AFTER_MS = 250
const RETRY_AFTER_MS = 4000

/**
 * The plan being edited: undo, redo, and saving by itself. A stale save is held until the instructor has seen both versions.
 *
 * @param onPlan told each new plan at once, before anything of it is drawn
 */
export function usePlan(id: string, start: PlanDraft, startRevision: number, onPlan: (plan: PlanDraft) => void) {
  const [state, setState] = useState<State>({ plan: start, undo: [], redo: [], save: 'saved' })
  // what holds; what is drawn follows it
  const latest = useRef(state)
  const move = useCallback(
    (one: Move) => {
      latest.current = reduce(latest.current, one)
      setState(latest.current)
      onPlan(latest.current.plan)
    },
    [onPlan],
  )
  const revision = useRef(startRevision)
  const savedPlan = useRef(start)
  const running = useRef<Promise<void>>(undefined)

  const save = useCallback((): Promise<void> => {
    if (running.current) return running.current
    const { plan, save: status } = latest.current
    if (plan === savedPlan.current || status === 'stale') return Promise.resolve()
    const send = async () => {
      move({ kind: 'saving' })
      try {
        const outcome = await saveClass({ id, revision: revision.current, plan })
        if (outcome.ok) {
          revision.current = outcome.revision
          savedPlan.current = plan
          if (latest.current.plan === plan) move({ kind: 'saved', begun: outcome.begun })
        } else if (outcome.kind === 'stale') {
          // what was typed while this was on its way is in it
          const both = merged(savedPlan.current, latest.current.plan, outcome.newer)
          if (both) {
            revision.current = outcome.revision
            savedPlan.current = outcome.newer
            move({ kind: 'merged', plan: both })
          } else move({ kind: 'stale', newer: { plan: outcome.newer, revision: outcome.revision } })
        } else
          move({
            kind: 'refused',
            message: outcome.kind === 'gone' ? outcome.message : problemsText(outcome.problems),
          })
      } catch {
        move({ kind: 'offline' })
        setTimeout(() => void save(), RETRY_AFTER_MS)
      } finally {
        running.current = undefined
        if (latest.current.plan !== plan && latest.current.save !== 'stale') setTimeout(() => void save(), SAVE_AFTER_MS)
      }
    }
    running.current = send()
    return running.current
  }, [id, move])

  /** Saves what is not saved yet, without waiting for the next pause. @returns whether all of it is kept now */
  const saved = useCallback(async () => {
    await running.current
    await save()
    return latest.current.plan === savedPlan.current
  }, [save])

  useEffect(() => {
    const kept = rememberedHistory(id, startRevision)
    if (kept) move({ kind: 'remember', undo: kept.undo, redo: kept.redo })
  }, [id, startRevision, move])
  // before "Saved" is seen
  useLayoutEffect(() => {
    if (state.save === 'saved' && state.undo.length + state.redo.length > 0) keepHistory(id, revision.current, state.undo, state.redo)
  }, [id, state.save, state.undo, state.redo])

  useEffect(() => {
    if (state.plan === savedPlan.current) return
    const timer = setTimeout(() => void save(), SAVE_AFTER_MS)
    return () => clearTimeout(timer)
  }, [state.plan, save])

  // whoever leaves the page within that pause loses nothing
  useEffect(() => () => void saved(), [saved])

  useUnloadGuard(state.save !== 'saved')

  const keepMine = () => {
    if (!state.newer) return
    revision.current = state.newer.revision
    savedPlan.current = state.newer.plan
    move({ kind: 'settle', plan: { ...state.plan } })
  }
  const takeTheirs = () => {
    if (!state.newer) return
    revision.current = state.newer.revision
    savedPlan.current = state.newer.plan
    move({ kind: 'settle', plan: state.newer.plan })
    move({ kind: 'saved' })
  }

  return {
    ...state,
    edit: (edit: Edit) => move({ kind: 'edit', edit }),
    undoEdit: () => move({ kind: 'undo' }),
    redoEdit: () => move({ kind: 'redo' }),
    keepMine,
    takeTheirs,
    saved,
  }
}
