'use client'
import { Plus } from 'lucide-react'
import { useMemo, useState } from 'react'
import { SPOKEN_CONDITIONS } from '@/content/conditions/spoken'
import type { ConditionChoice } from '@/core/client'
import { wordFinder } from '@/core/movement/words'

/** So many are offered at once; a further word narrows them. */
const MOST = 8

/** Finds a condition by its name or any usual word for it. One that has a side or a date can be there twice: two knees, two years. */
export function ConditionPicker({
  choices,
  recorded,
  onPick,
}: {
  choices: ConditionChoice[]
  /** how often one is recorded already */
  recorded: (slug: string) => number
  onPick: (slug: string) => void
}) {
  const [typed, setTyped] = useState('')
  const find = useMemo(
    () => wordFinder(choices.map(({ slug, name }) => ({ id: slug, name, ...(SPOKEN_CONDITIONS[slug] && { also: SPOKEN_CONDITIONS[slug] }) }))),
    [choices],
  )
  const bySlug = new Map(choices.map((choice) => [choice.slug, choice]))
  const free = ({ slug, sided, dated }: ConditionChoice) => recorded(slug) === 0 || sided || dated
  const all = typed.trim() === '' ? [] : find(typed).flatMap((slug) => bySlug.get(slug) ?? [])
  const found = all.filter(free)
  const pick = (slug: string) => {
    onPick(slug)
    setTyped('')
  }
  return (
    <div>
      <label className="field">
        <span>Add a condition: type its name or any usual word</span>
        <input
          className="input"
          value={typed}
          placeholder="new knee, blood pressure, bad back…"
          onChange={(event) => setTyped(event.target.value)}
          onKeyDown={(event) => {
            if (event.key !== 'Enter') return
            // Enter picks here, and does not send the form
            event.preventDefault()
            if (found[0]) pick(found[0].slug)
          }}
        />
      </label>
      <p role="status" className="text-[0.94rem] text-soft">
        {typed.trim() !== '' &&
          (found.length > 0
            ? `${Math.min(found.length, MOST)} of ${found.length}; Enter takes the first`
            : all.length > 0
              ? 'It is recorded already.'
              : 'Nothing by these words. Try another, or write it below in words of your own.')}
      </p>
      <ul>
        {found.slice(0, MOST).map(({ slug, name }) => (
          <li key={slug}>
            <button
              type="button"
              className="flex min-h-11 w-full items-center gap-2 border-t border-line text-left hover:bg-plum-wash"
              onClick={() => pick(slug)}
            >
              <Plus size={18} aria-hidden="true" className="shrink-0" /> {name}
              {recorded(slug) > 0 && <span className="text-soft">, once more</span>}
            </button>
          </li>
        ))}
      </ul>
    </div>
  )
}
