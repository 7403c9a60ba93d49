'use client'
import { useMemo, useState } from 'react'
import { FORM } from '@/content/screening/form'
import {
  type About,
  type Answer,
  type Answers,
  dueQuestions,
  type FollowAnswers,
  pressed,
  type ScreeningOption,
  type ScreeningQuestion,
} from '@/core/client/form'

/** The health questions on their way: one at a time, in the order in which they are due; the answers open further ones, also earlier ones. */
export function useHealthForm(about: About) {
  const [answers, setAnswers] = useState<Answers>({})
  /** what was gone through, answered or left out, in the order in which it was */
  const [passed, setPassed] = useState<readonly string[]>([])
  const due = useMemo(() => dueQuestions(FORM, answers, about, (id) => passed.includes(id)), [answers, about, passed])
  const question = due.find(({ id }) => !passed.includes(id))
  const put = (id: string, answer: Answer) => setAnswers((now) => ({ ...now, [id]: answer }))
  const pass = () => question && setPassed([...passed, question.id])
  return {
    answers,
    due,
    at: due.filter(({ id }) => passed.includes(id)).length,
    question,
    answer: question && answers[question.id],
    press: (option: ScreeningOption) => question && put(question.id, pressed(question, answers[question.id], option.key)),
    write: (text: string) => {
      if (!question) return
      // something written, or nothing: which of the two is told by the words themselves
      const [written, nothing] = question.options
      const key = text.trim() === '' ? nothing?.key : written?.key
      put(question.id, { keys: key === undefined ? [] : [key], ...(text.trim() !== '' && { text }) })
    },
    follow: (key: string, change: FollowAnswers) => {
      if (!question) return
      const before = answers[question.id] ?? { keys: [key] }
      const next = Object.fromEntries(Object.entries({ ...before.follow?.[key], ...change }).filter(([, value]) => value !== undefined))
      put(question.id, { ...before, follow: { ...before.follow, [key]: next } })
    },
    leaveOut: () => {
      if (question) setAnswers(({ [question.id]: _left, ...rest }) => rest)
      pass()
    },
    next: pass,
    back: () => setPassed(passed.slice(0, -1)),
  }
}

export const interrupting = (question: ScreeningQuestion | undefined, answer: Answer | undefined): ScreeningOption | undefined =>
  question?.options.find(({ key, interrupt }) => interrupt && answer?.keys.includes(key))
