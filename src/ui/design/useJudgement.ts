'use client'
import { useEffect, useRef, useState } from 'react'
import type { Drawing } from '@/core/body'
import type { PlanDraft } from '@/core/plan'
import type { Questions, WorkerPerson } from '@/workers/designerContract'
import type { useDesk } from './useDesk'

/** Whether what is shown belongs to the plan as it stands: an old verdict under a new plan says so. */
type Judged = 'current' | 'pending' | 'failed'
/** A judgement that takes no longer than this is not worth a word, ms. */
const PENDING_SHOWN_AFTER = 400

/** The plan as the worker judges it: what is shown stays until the next answer is there, and says so when that takes a while. */
export function useJudgement(
  ask: ReturnType<typeof useDesk>,
  first: Questions['model']['answer'],
  startPlan: PlanDraft,
  plan: PlanDraft,
  people: WorkerPerson[],
) {
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
  const [again, setAgain] = useState(0)
  const judgedPlan = useRef(startPlan)
  const judgedPeople = useRef(people)
  const judgedAgain = useRef(again)
  useEffect(() => {
    if (plan === judgedPlan.current && people === judgedPeople.current && again === judgedAgain.current) return
    judgedAgain.current = again
    // people who are sent again are assessed and judged from the start
    const changed = people === judgedPeople.current ? {} : { people }
    judgedPlan.current = plan
    judgedPeople.current = people
    let live = true
    setJudged('pending')
    void ask('model', { plan, ...changed }).then(
      (answer) => {
        // kept even when the next edit has overtaken this answer: the desk sends each drawing once
        Object.assign(drawings.current, answer.drawings)
        if (!live) return
        setShown(answer)
        setJudged('current')
      },
      () => live && setJudged('failed'),
    )
    return () => {
      live = false
    }
  }, [ask, plan, people, again])
  return { shown, drawings: drawings.current, judged, slow, judgeAgain: () => setAgain((count) => count + 1) }
}
