'use client'
import { useEffect, useRef } from 'react'

interface Intents {
  undoEdit: () => void
  redoEdit: () => void
  openAdd: () => void
  /** back to the class as a whole */
  close: () => void
}

/** Ctrl and Z takes back, with Shift brings again; a slash adds, Escape goes back to the whole. Not while somebody types, nor under a sheet. */
export function usePlanKeys(intents: Intents): void {
  const latest = useRef(intents)
  latest.current = intents
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement
      // a box that is ticked has nothing typed in it
      if (target.matches('input:not([type=checkbox], [type=radio]), textarea, select') || target.closest('[role=dialog]')) return
      const isUndo = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z'
      const { undoEdit, redoEdit, openAdd, close } = latest.current
      if (isUndo && event.shiftKey) redoEdit()
      else if (isUndo) undoEdit()
      else if (event.key === '/' && !event.ctrlKey && !event.metaKey && !event.altKey) openAdd()
      else if (event.key === 'Escape') return close()
      else return
      event.preventDefault()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
}
