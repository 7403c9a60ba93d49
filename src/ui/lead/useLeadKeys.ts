'use client'
import { useEffect, useRef } from 'react'
import { canUncut, type LeadEvent, type LeadState, type Said } from '@/core/lead'

interface Wanted {
  state: LeadState
  /** by the clock of all devices, ms */
  now: number
  /** the keys of the class rest: somebody is being looked after, or another device leads */
  inactive: boolean
  tap: (kind: LeadEvent['kind'], more?: Said) => void
  onSheet: (sheet: 'stop' | 'takes' | 'keys') => void
  onCut: () => void
  onFar: () => void
}

/** Keys and presenter remotes. Space is pause wherever the focus was; a field that is typed in keeps its keys. */
export function useLeadKeys(wanted: Wanted): void {
  const latest = useRef(wanted)
  latest.current = wanted
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const { state, now, inactive, tap, onSheet, onCut, onFar } = latest.current
      if (event.ctrlKey || event.metaKey || event.altKey || (event.target as HTMLElement).matches('input, textarea, select')) return
      const key = event.key.length === 1 ? event.key.toLowerCase() : event.key
      // help is one key away whoever leads, and everybody may read
      if (key === 's') return onSheet('stop')
      if (key === 'f') return onFar()
      if (inactive) return
      const last = state.cuts.at(-1)
      const keys: Record<string, () => void> = {
        ' ': () => tap(state.status === 'ready' ? 'start' : state.status === 'running' ? 'pause' : 'resume'),
        ArrowRight: () => tap('next'),
        PageDown: () => tap('next'),
        ArrowLeft: () => tap('back'),
        PageUp: () => tap('back'),
        '+': () => tap('rep-more'),
        '-': () => tap('rep-less'),
        r: () => tap('repeat'),
        k: () => tap('skip'),
        h: () => tap('give'),
        v: () => onSheet('takes'),
        c: onCut,
        x: () => last && canUncut(state, now) && tap('uncut', { of: last.id }),
        '?': () => onSheet('keys'),
      }
      const act = keys[key]
      if (!act) return
      event.preventDefault()
      act()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
}
