'use client'
import { useEffect } from 'react'

const QUESTION = 'What you entered here is not saved yet. Leave all the same?'

/** Lets the browser ask before the page is closed or loaded again. */
export function useUnloadGuard(open: boolean): void {
  useEffect(() => {
    if (!open) return
    const onUnload = (event: BeforeUnloadEvent) => event.preventDefault()
    window.addEventListener('beforeunload', onUnload)
    return () => window.removeEventListener('beforeunload', onUnload)
  }, [open])
}

/**
 * Asks before somebody leaves a page with something on it that is not saved: by a link, by Back, by closing or loading again.
 *
 * @param open whether anything is unsaved
 */
export function useLeaveGuard(open: boolean): void {
  useUnloadGuard(open)
  useEffect(() => {
    if (!open) return
    const onClick = (event: MouseEvent) => {
      const link = (event.target as Element).closest?.('a[href]')
      const elsewhere = event.ctrlKey || event.metaKey || event.shiftKey || event.button !== 0
      if (!(link instanceof HTMLAnchorElement) || elsewhere || link.target === '_blank' || link.hasAttribute('download')) return
      // a place on this very page is no leaving
      if (link.pathname === window.location.pathname && link.search === window.location.search) return
      if (window.confirm(QUESTION)) return
      event.preventDefault()
      event.stopPropagation()
    }
    // not every browser has it; there Back is not asked about
    const { navigation } = window as unknown as { navigation?: EventTarget }
    const onNavigate = (event: Event) => {
      if ('navigationType' in event && event.navigationType === 'traverse' && event.cancelable && !window.confirm(QUESTION)) event.preventDefault()
    }
    // before the link's own handler
    document.addEventListener('click', onClick, true)
    navigation?.addEventListener('navigate', onNavigate)
    return () => {
      document.removeEventListener('click', onClick, true)
      navigation?.removeEventListener('navigate', onNavigate)
    }
  }, [open])
}
