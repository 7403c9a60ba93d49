'use client'
import { useEffect, useState } from 'react'
import type { FigureVariant } from '../figure/MovingFigure'
import type { LeadPack } from './pack'

let library: Promise<typeof import('@/content/movements')> | undefined

/** The figures of the versions that are shown; those that the pack did not bring come from the library, which is loaded only then. */
export function useFigures({ variants }: LeadPack, wanted: readonly string[]): ReadonlyMap<string, FigureVariant> {
  const [more, setMore] = useState<ReadonlyMap<string, FigureVariant>>(new Map())
  const lacking = wanted.filter((id) => !variants[id]?.figure && !more.has(id)).join(' ')
  useEffect(() => {
    if (lacking === '') return
    library ??= import('@/content/movements')
    void library.then(({ LIBRARY }) => {
      const found = lacking.split(' ').flatMap((id) => {
        const entry = LIBRARY.byId.get(id)
        return entry ? [[id, entry.variant] as const] : []
      })
      setMore((before) => new Map([...before, ...found]))
    })
  }, [lacking])
  return new Map(
    wanted
      .flatMap((id) => [[id, variants[id]?.figure ?? more.get(id)] as const])
      .filter((pair): pair is [string, FigureVariant] => pair[1] !== undefined),
  )
}
