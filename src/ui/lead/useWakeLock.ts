'use client'
import { useEffect, useState } from 'react'

/** Keeps the screen on while a class runs, where the browser can. @returns what is missing, in words; nothing where all is well */
export function useWakeLock(running: boolean): string | undefined {
  const [missing, setMissing] = useState<string>()
  useEffect(() => {
    if (!running) return
    if (!('wakeLock' in navigator)) {
      setMissing(
        window.isSecureContext
          ? 'This browser cannot keep the screen on: set the device not to sleep.'
          : 'Over plain http the screen cannot be kept on: set the device not to sleep.',
      )
      return
    }
    let lock: WakeLockSentinel | undefined
    let over = false
    const ask = () => {
      if (document.visibilityState !== 'visible') return
      navigator.wakeLock
        .request('screen')
        .then((got) => {
          if (over) return got.release()
          lock = got
          setMissing(undefined)
        })
        .catch(() => setMissing('The screen could not be kept on: set the device not to sleep.'))
    }
    ask()
    // it is lost when another window comes to the front
    document.addEventListener('visibilitychange', ask)
    return () => {
      over = true
      document.removeEventListener('visibilitychange', ask)
      void lock?.release()
    }
  }, [running])
  return missing
}
