'use client'
import { Moon, Sun, Type } from 'lucide-react'

/** Theme and text size, kept in this browser. A cookie, so that the first paint is right. */
function keep(name: 'theme' | 'text', value: string) {
  document.documentElement.dataset[name] = value
  // biome-ignore lint/suspicious/noDocumentCookie: the Cookie Store API is not in every browser yet
  document.cookie = `velvet-${name}=${value}; path=/; max-age=31536000; samesite=strict`
}

export function Preferences() {
  return (
    <div className="flex gap-1">
      <button
        type="button"
        className="icon"
        aria-label="Larger or normal text"
        onClick={() => keep('text', document.documentElement.dataset.text === 'large' ? 'normal' : 'large')}
      >
        <Type size={20} aria-hidden="true" />
      </button>
      <button
        type="button"
        className="icon"
        aria-label="Light or dark"
        onClick={() => keep('theme', document.documentElement.dataset.theme === 'dark' ? 'light' : 'dark')}
      >
        <Sun size={20} aria-hidden="true" className="dark:hidden" />
        <Moon size={20} aria-hidden="true" className="hidden dark:block" />
      </button>
    </div>
  )
}
