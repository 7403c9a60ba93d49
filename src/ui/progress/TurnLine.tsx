import Link from 'next/link'
import type { Turn } from '@/core/progress'
import { causeWords, effectWords } from './aheadWords'

/** For whom a class is otherwise from a day on, why, and what follows. @param nameOf name of a condition by its slug */
export function TurnLine({ turn, nameOf }: { turn: Turn; nameOf: (slug: string) => string }) {
  const strict = turn.closes !== undefined || turn.items.some(({ becomes }) => becomes === 'stricter') || turn.limits.some(({ tighter }) => tighter)
  return (
    <li className={`mb-2 border-l-4 pl-3 ${strict ? 'border-effort' : 'border-plum'}`}>
      <p>
        <Link href={`/people/${turn.person}`} className="font-semibold no-underline hover:underline">
          {turn.name}
        </Link>
        , {causeWords(turn, nameOf)}
      </p>
      {effectWords(turn).map((words) => (
        <p key={words}>{words}</p>
      ))}
    </li>
  )
}
