'use client'
import { Moon, Sun, Type } from 'lucide-react'
import { useSyncExternalStore } from 'react'

type Preference = 'theme' | 'text'
const CHANGED = 'velvet-preference'

/** Theme and text size, kept in this browser. A cookie, so that the first paint is right. */
function keep(name: Preference, value: string) {
  document.documentElement.dataset[name] = value
  // biome-ignore lint/suspicious/noDocumentCookie: the Cookie Store API is not in every browser yet
  document.cookie = `velvet-${name}=${value}; path=/; max-age=31536000; samesite=strict`
  window.dispatchEvent(new Event(CHANGED))
}

function watch(told: () => void) {
  window.addEventListener(CHANGED, told)
  return () => window.removeEventListener(CHANGED, told)
}
const usePreference = (name: Preference): string | undefined =>
  useSyncExternalStore(
    watch,
    () => document.documentElement.dataset[name],
    () => undefined,
  )

export function Preferences() {
  const large = usePreference('text') === 'large'
  const dark = usePreference('theme') === 'dark'
  return (
    <>
      <button type="button" className="icon" aria-label="Large text" aria-pressed={large} onClick={() => keep('text', large ? 'normal' : 'large')}>
        <Type size={20} aria-hidden="true" />
      </button>
      <button type="button" className="icon" aria-label="Dark" aria-pressed={dark} onClick={() => keep('theme', dark ? 'light' : 'dark')}>
        <Sun size={20} aria-hidden="true" className="dark:hidden" />
        <Moon size={20} aria-hidden="true" className="hidden dark:block" />
      </button>
    </>
  )
}
