'use client'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'
import type { StoredOwn, WorkerPerson } from '@/workers/designerContract'
import { useLibrary } from './useLibrary'

/** Who of a class may do which step of a movement; undefined until it is judged, and when no class is chosen. */
export function useFits(movement: string, people: WorkerPerson[], own: StoredOwn[]): ReadonlyMap<string, readonly string[]> | undefined {
  // without a class there is nothing to judge, and no worker for it
  const ask = useLibrary(people.length > 0 ? { people, own } : undefined)
  const [fits, setFits] = useState<ReadonlyMap<string, readonly string[]>>()
  useEffect(() => {
    if (people.length === 0) return
    let live = true
    void ask('steps', { movement }).then((steps) => live && setFits(new Map(steps.map((step) => [step.variant, step.fits]))))
    return () => {
      live = false
    }
  }, [ask, movement, people])
  return fits
}

interface Props {
  classes: readonly { id: string; title: string }[]
  classId: string
  movement: string
  variant: string
  people: readonly WorkerPerson[]
  fits: readonly string[] | undefined
}

/** The step in a class: whom of it the step fits, and the way into its plan. */
export function InClass({ classes, classId, movement, variant, people, fits }: Props) {
  const router = useRouter()
  if (classes.length === 0) return null
  const others = fits && people.map(({ name }) => name).filter((name) => !fits.includes(name))
  return (
    <div className="mt-4 flex flex-col gap-2">
      <div className="flex flex-wrap items-end gap-4">
        <label className="field w-64">
          <span>For the class</span>
          <select
            className="input"
            value={classId}
            onChange={(event) => router.replace(`/movements/${movement}${event.target.value && `?class=${event.target.value}`}`, { scroll: false })}
          >
            <option value="">none</option>
            {classes.map(({ id, title }) => (
              <option key={id} value={id}>
                {title}
              </option>
            ))}
          </select>
        </label>
        {classId && (
          <Link className="action" href={`/classes/${classId}?add=${encodeURIComponent(variant)}`}>
            Put it into the class
          </Link>
        )}
      </div>
      {fits && others && people.length > 0 && (
        <p className="text-soft">
          {fits.length > 0 ? `Fits ${fits.join(', ')}, as it is or adjusted.` : 'Fits nobody of this class.'}
          {others.length > 0 && fits.length > 0 && ` Another way for ${others.join(', ')}.`}
        </p>
      )}
    </div>
  )
}
