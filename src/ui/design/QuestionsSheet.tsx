'use client'
import Link from 'next/link'
import type { ClassQuestion } from '@/workers/designerContract'
import { Sheet } from '../shell/Sheet'

const COUNT = ['no item', 'one item', 'two items', 'three items', 'four items', 'five items', 'six items']
const opens = (count: number) => `${COUNT[count] ?? `${count} items`} open${count === 1 ? 's' : ''} up`

function sentence({ name, field, label, text, conditionName, answer }: ClassQuestion): string {
  if (text) return `Ask ${name}: ${text}`
  if (field === 'screenOutcome') return `Ask ${name} the health questions, or go through the open answers`
  if (field === 'gestationalWeek') return `Ask ${name} how many weeks pregnant she is, or when the baby is due`
  if (field === 'weeksPostpartum') return `Ask ${name} when the birth was`
  const about = conditionName ? `, about ${conditionName.toLowerCase()}` : ''
  if (field === 'cleared') return `Ask ${name} whether a clinician has agreed in writing${about}`
  if (field === 'variant') return `Ask ${name} which stage it is${about}`
  if (field === 'side') return `Ask ${name} which side it is${about}`
  if (field === 'weeks') return `Ask ${name} when it was${about}`
  return `Ask ${name}: ${label.toLowerCase()}${typeof answer === 'number' ? ` (measure it)` : ''}${about}`
}

/** The open questions of this plan, those that loosen most first. */
export function QuestionsSheet({ questions, items, onClose }: { questions: ClassQuestion[] | undefined; items: number; onClose: () => void }) {
  return (
    <Sheet open onClose={onClose} title="What to ask next">
      <p className="mb-3 text-soft">
        What is not known is read on the strict side. These answers would loosen verdicts of this plan of {items} items, if they are what one hopes
        for.
      </p>
      {questions?.length === 0 && <p>Nothing that is unknown holds anybody back in this plan.</p>}
      <ul>
        {questions?.slice(0, 40).map((question) => (
          <li key={`${question.person} ${question.id}`} className="border-t border-line py-2">
            <Link href={`/people/${question.person}`} className="no-underline hover:underline">
              {sentence(question)}: <b>{question.opensDoor ? 'then the class is open' : opens(question.loosens.length)}</b>
            </Link>
          </li>
        ))}
      </ul>
    </Sheet>
  )
}
