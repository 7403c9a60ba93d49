'use client'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { Drawing } from '@/core/body'
import { MUSCLES, type Muscle } from '@/core/movement/movement'
import { PLACES, type Place } from '@/core/movement/search'
import { KIT, type Kit } from '@/core/vocabulary'
import type { StoredOwn, WorkerPerson } from '@/workers/designerContract'
import { FIRST_FIND, type Find, type LibraryQuestions } from '@/workers/libraryContract'
import { FigureDrawing } from '../figure/FigureDrawing'
import { MovingFigure } from '../figure/MovingFigure'
import { Check } from '../shell/Check'
import { LESS_MOTION, useMedia } from '../shell/useMedia'
import { addressOf, findIn } from './findAddress'
import { useLibrary } from './useLibrary'

const words = (name: string) => name.replaceAll('-', ' ')
/** Kit that has to be brought; chair, wall and support are part of a room. */
const BROUGHT = KIT.filter((kit) => !['chair', 'support', 'wall'].includes(kit))

function Choose({
  label,
  value,
  onChange,
  options,
}: {
  label: string
  value: string
  onChange: (value: string) => void
  options: readonly (readonly [string, string])[]
}) {
  return (
    <label className="field w-38">
      <span>{label}</span>
      <select className="input" value={value} onChange={(event) => onChange(event.target.value)}>
        <option value="">any</option>
        {options.map(([id, name]) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  )
}

interface Props {
  first: LibraryQuestions['find']['answer']
  startQuery: Find
  purposes: string[]
  conditions: { slug: string; name: string }[]
  classes: { id: string; title: string }[]
  classId: string
  people: WorkerPerson[]
  own: StoredOwn[]
}

/** Movements by words, purpose, muscle, place and kit, by conditions they are safe for, and by who of a class can do them. */
export function MovementSearch({ first, startQuery, purposes, conditions, classes, classId, people, own }: Props) {
  const router = useRouter()
  const ask = useLibrary({ people, own, figures: true })
  const lessMotion = useMedia(LESS_MOTION)
  const [moving, setMoving] = useState(false)
  const [query, setQuery] = useState(startQuery)
  const [shown, setShown] = useState(first)
  const drawings = useRef(new Map<string, Drawing>())
  const keep = useCallback((answer: LibraryQuestions['find']['answer']) => {
    for (const { variant, drawing } of answer.found) if (drawing) drawings.current.set(variant, drawing)
  }, [])
  keep(first)
  const asked = useRef(startQuery)
  const latest = useRef(0)
  useEffect(() => {
    if (query === asked.current) return
    asked.current = query
    const turn = ++latest.current
    void ask('find', query).then((answer) => {
      keep(answer)
      if (turn === latest.current) setShown(answer)
    })
  }, [ask, keep, query])
  // the address says what is looked at, so that Back from a ladder finds it again
  const read = useRef(false)
  useEffect(() => {
    const there = window.location.search
    if (!read.current) {
      read.current = true
      // after Back the page is the one that was sent first; the address knows what was looked at last
      if (there !== addressOf(startQuery, classId)) setQuery({ ...FIRST_FIND, ...findIn(Object.fromEntries(new URLSearchParams(there))) })
    } else if (there !== addressOf(query, classId)) window.history.replaceState(null, '', `${window.location.pathname}${addressOf(query, classId)}`)
  }, [query, startQuery, classId])
  const change = (next: Partial<Find>) => setQuery((now) => ({ ...now, most: FIRST_FIND.most, ...next }))
  const named = new Map(conditions.map(({ slug, name }) => [slug, name]))
  return (
    <div className="flex flex-col gap-5">
      <form className="flex flex-wrap items-end gap-x-4 gap-y-3" onSubmit={(event) => event.preventDefault()}>
        <label className="field min-w-52 flex-1">
          <span>Search</span>
          <input className="input" value={query.words} onChange={(event) => change({ words: event.target.value })} />
        </label>
        <Choose
          label="Purpose"
          value={query.purpose ?? ''}
          onChange={(purpose) => change({ purpose: purpose || undefined } as Partial<Find>)}
          options={purposes.map((purpose) => [purpose, words(purpose)])}
        />
        <Choose
          label="Muscles"
          value={query.muscle ?? ''}
          onChange={(muscle) => change({ muscle: (muscle || undefined) as Muscle } as Partial<Find>)}
          options={MUSCLES.map((muscle) => [muscle, words(muscle)])}
        />
        <Choose
          label="Place"
          value={query.place ?? ''}
          onChange={(place) => change({ place: (place || undefined) as Place } as Partial<Find>)}
          options={PLACES.map((place) => [place, place])}
        />
        <Choose
          label="Safe with"
          value=""
          onChange={(slug) => slug && change({ conditions: [...new Set([...query.conditions, slug])] })}
          options={conditions.map(({ slug, name }) => [slug, name])}
        />
        {classes.length > 0 && (
          <Choose
            label="For the class"
            value={classId}
            onChange={(id) => router.push(`/movements${addressOf({ ...query, forClass: query.forClass && id !== '' }, id)}`)}
            options={classes.map(({ id, title }) => [id, title])}
          />
        )}
      </form>
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
        {query.conditions.map((slug) => (
          <button key={slug} type="button" className="quiet" onClick={() => change({ conditions: query.conditions.filter((one) => one !== slug) })}>
            {named.get(slug) ?? slug} <span aria-hidden="true">×</span>
            <span className="sr-only">, remove</span>
          </button>
        ))}
        <Check checked={query.over65} onChange={(ticked) => change({ over65: ticked })}>
          over 65
        </Check>
        {classId && (
          <Check checked={query.forClass} onChange={(ticked) => change({ forClass: ticked })}>
            only what somebody of them can do
          </Check>
        )}
        <details className="relative">
          <summary className="flex min-h-11 cursor-pointer items-center">Kit: {query.kit ? query.kit.join(', ') || 'none' : 'any'}</summary>
          <div className="absolute z-20 flex flex-col bg-sheet p-3 shadow-lg">
            {BROUGHT.map((kit) => (
              <Check
                key={kit}
                checked={query.kit?.includes(kit) ?? false}
                onChange={(ticked) => {
                  const room: Kit[] = ['support', 'wall']
                  const now = query.kit ?? room
                  change({ kit: ticked ? [...now, kit] : now.filter((one) => one !== kit) })
                }}
              >
                {kit}
              </Check>
            ))}
            <button type="button" className="quiet" onClick={() => change({ kit: undefined } as Partial<Find>)}>
              Any kit
            </button>
          </div>
        </details>
        <button
          type="button"
          className="quiet"
          aria-pressed={moving}
          onClick={() => {
            setMoving(!moving)
            change({ moving: !moving, most: query.most })
          }}
        >
          {moving ? 'Figures stand still' : lessMotion ? 'Figures move, though your system asks for stillness' : 'Figures move'}
        </button>
        <p className="ml-auto text-soft" role="status">
          {shown.total} {shown.total === 1 ? 'movement' : 'movements'}
          {shown.total > shown.found.length && `, ${shown.found.length} shown`}
        </p>
      </div>
      {shown.total === 0 && (
        <p>
          Nothing fits all of that.{' '}
          {shown.byWordsAlone > 0
            ? `By the words alone there ${shown.byWordsAlone === 1 ? 'is one' : `are ${shown.byWordsAlone}`}; the filters leave ${shown.byWordsAlone === 1 ? 'it' : 'them'} out.`
            : 'Try another word for it, or fewer words.'}
          {shown.byWordsAlone > 0 && (
            <button type="button" className="quiet ml-3" onClick={() => setQuery({ ...FIRST_FIND, words: query.words })}>
              Take the filters away
            </button>
          )}
        </p>
      )}
      <ul className="grid gap-x-8 gap-y-6 sm:grid-cols-2 lg:grid-cols-4">
        {shown.found.map((found) => (
          <li key={found.movement}>
            <Link href={`/movements/${found.movement}${classId && `?class=${classId}`}`} className="block no-underline">
              {moving && found.figure ? (
                <MovingFigure variant={found.figure} label={found.words} moving asked className="h-36 w-full [--fig-gap:var(--paper)]" />
              ) : (
                <FigureDrawing drawing={drawings.current.get(found.variant)!} label={found.words} className="h-36 w-full [--fig-gap:var(--paper)]" />
              )}
              <span className="block border-t-4 border-soft pt-1 font-semibold">{found.name}</span>
              <span className="block text-soft">
                {words(found.purpose)}, {found.variants === found.of ? `${found.of} steps` : `${found.variants} of ${found.of} steps`}
                {found.fits !== undefined && `, fits ${found.fits} of ${people.length}`}
              </span>
            </Link>
          </li>
        ))}
      </ul>
      {shown.total > shown.found.length && (
        <button type="button" className="quiet self-start" onClick={() => change({ most: query.most + FIRST_FIND.most })}>
          Show more
        </button>
      )}
      {(query.conditions.length > 0 || query.over65) && (
        <p className="text-soft">
          Judged at the strictest stage of each condition, with clearance on file. A person’s own record may say otherwise, and their clinician’s word
          comes first.
        </p>
      )}
    </div>
  )
}
