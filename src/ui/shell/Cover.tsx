'use client'
import { EyeOff } from 'lucide-react'
import { useCallback, useEffect, useRef } from 'react'

const SIGNS = ['pointerdown', 'pointermove', 'keydown', 'wheel', 'touchstart', 'scroll'] as const

/**
 * Covers names and health: at once by its button or Ctrl and full stop, and by itself after a while without a hand. What was typed stays as it is
 * underneath. This keeps off looks over the shoulder; who can use the machine is the machine's own lock.
 *
 * @param minutes without a hand; 0 = only by hand
 */
export function Cover({ minutes }: { minutes: number }) {
  const dialog = useRef<HTMLDialogElement>(null)
  const cover = useCallback(() => {
    if (!dialog.current?.open) dialog.current?.showModal()
  }, [])
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key !== '.') return
      event.preventDefault()
      cover()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [cover])
  useEffect(() => {
    if (minutes === 0) return
    const wait = () => setTimeout(cover, minutes * 60_000)
    let timer = wait()
    const again = () => {
      clearTimeout(timer)
      timer = wait()
    }
    for (const sign of SIGNS) window.addEventListener(sign, again, { passive: true })
    return () => {
      clearTimeout(timer)
      for (const sign of SIGNS) window.removeEventListener(sign, again)
    }
  }, [cover, minutes])
  return (
    <>
      <button type="button" className="icon" aria-label="Cover names and health" title="Cover (Ctrl and .)" onClick={cover}>
        <EyeOff size={20} aria-hidden="true" />
      </button>
      <dialog
        ref={dialog}
        aria-label="Covered"
        className="m-0 h-dvh max-h-none w-screen max-w-none bg-paper text-ink open:flex open:flex-col open:items-center open:justify-center open:gap-5"
      >
        <svg width="120" height="88" viewBox="0 0 30 22" aria-hidden="true">
          <path d="M1 20H9V12H19V4H29" fill="none" stroke="var(--plum)" strokeWidth="2" />
        </svg>
        <p className="font-serif text-[1.6rem]">Covered</p>
        <p className="text-soft">What you entered is still here.</p>
        <button type="button" className="action min-h-14 px-8" onClick={() => dialog.current?.close()}>
          Show again
        </button>
      </dialog>
    </>
  )
}
