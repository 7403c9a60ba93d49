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

/**
 * The plan as the worker judges it: what is shown stays until the next answer is there, and says so when that takes a while. A plan is given
 * to `judgePlan` where it changes and not when it has been drawn: the worker judges while the page still draws what was typed.
 */
export function useJudgement(ask: ReturnType<typeof useDesk>, first: Shown, startPlan: PlanDraft, people: WorkerPerson[]) {
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
  const plan = useRef(startPlan)
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
  const want = useCallback(
    (fresh?: WorkerPerson[]) => {
      // people who are not judged yet stay with the question, whatever is typed meanwhile
      const sent = fresh ?? wanted.current?.people
      wanted.current = { plan: plan.current, ...(sent && { people: sent }) }
      setJudged('pending')
      judge()
    },
    [judge],
  )
  const judgePlan = useCallback(
    (next: PlanDraft) => {
      if (next === plan.current) return
      plan.current = next
      want()
    },
    [want],
  )
  const judgedPeople = useRef(people)
  // people who are sent again are assessed and judged from the start
  useLayoutEffect(() => {
    if (people === judgedPeople.current) return
    judgedPeople.current = people
    want(people)
  }, [want, people])
  return { shown, drawings: drawings.current, judged, slow, judgePlan, judgeAgain: () => want() }
}
