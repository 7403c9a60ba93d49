'use client'
import { useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react'
import type { Drawing } from '@/core/body'
import type { PlanDraft } from '@/core/plan'
import type { Shown, WorkerPerson } from '@/workers/designerContract'
import { withChanges } from '@/workers/modelChanges'
import type { useDesk } from './useDesk'

/** Whether what is shown belongs to the plan as it stands: an old verdict under a new plan says so. */
type Judged = 'current' | 'pending' | 'failed'
/** A judgement that takes no longer than this is not worth a word, ms. */
const PENDING_SHOWN_AFTER = 400

/** The plan as the worker judges it: what is shown stays until the next answer is there, and says so when that takes a while. */
export function useJudgement(ask: ReturnType<typeof useDesk>, first: Shown, startPlan: PlanDraft, plan: PlanDraft, people: WorkerPerson[]) {
  const [shown, setShown] = useState(first)
  const drawings = useRef<Record<string, Drawing>>(first.drawings)
  const [judged, setJudged] = useState<Judged>('current')
  const [slow, setSlow] = useState(false)
  useEffect(() => {
    setSlow(false)
    if (judged !== 'pending') return
    const timer = setTimeout(() => setSlow(true), PENDING_SHOWN_AFTER)
    return () => clearTimeout(timer)
  }, [judged])
  // every answer builds on the one before, also when the next edit has overtaken it
  const held = useRef({ number: 0, model: first.model })
  const [again, setAgain] = useState(0)
  const judgedPlan = useRef(startPlan)
  const judgedPeople = useRef(people)
  const judgedAgain = useRef(again)
  /** what is to be judged next: the latest alone, so that what is overtaken is never asked */
  const wanted = useRef<{ plan: PlanDraft; people?: WorkerPerson[] }>(undefined)
  const underway = useRef(false)
  const judge = useCallback(() => {
    const next = wanted.current
    if (!next || underway.current) return
    wanted.current = undefined
    underway.current = true
    void ask('changes', { ...next, has: held.current.number }).then(
      (answer) => {
        underway.current = false
        const model = 'whole' in answer ? answer.whole.model : withChanges(held.current.model, answer.changes)
        held.current = { number: answer.number, model }
        const { drawings: fresh, beside } = 'whole' in answer ? answer.whole : answer
        // kept even when the next edit has overtaken this answer: the desk sends each drawing once
        Object.assign(drawings.current, fresh)
        if (wanted.current) return judge()
        setShown({ model, drawings: fresh, beside })
        setJudged('current')
      },
      () => {
        underway.current = false
        // people whom nobody has judged yet are sent with the next question
        if (wanted.current) {
          wanted.current = { ...(next.people && { people: next.people }), ...wanted.current }
          return judge()
        }
        setJudged('failed')
      },
    )
  }, [ask])
  // before the paint: the worker judges while the page paints what was typed
  useLayoutEffect(() => {
    if (plan === judgedPlan.current && people === judgedPeople.current && again === judgedAgain.current) return
    // people who are sent again are assessed and judged from the start
    const fresh = people === judgedPeople.current ? wanted.current?.people : people
    judgedAgain.current = again
    judgedPlan.current = plan
    judgedPeople.current = people
    wanted.current = { plan, ...(fresh && { people: fresh }) }
    setJudged('pending')
    judge()
  }, [judge, plan, people, again])
  return { shown, drawings: drawings.current, judged, slow, judgeAgain: () => setAgain((count) => count + 1) }
}
