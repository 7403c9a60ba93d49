'use client'
import { useEffect } from 'react'

/** Ctrl and Z takes back, with Shift brings again; not while somebody types. */
export function useUndoKeys(undoEdit: () => void, redoEdit: () => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || (event.target as HTMLElement).matches('input, textarea')) return
      event.preventDefault()
      if (event.shiftKey) redoEdit()
      else undoEdit()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  })
}
