'use client'
import { useEffect, useState } from 'react'

/**
 * A part of the page that is fetched as soon as the page is there, and then drawn without a wait: what is typed on the way to it is not lost, as
 * it would be with a part that is fetched when it is asked for.
 *
 * @param load the same function at every call
 */
export function usePreloaded<Component>(load: () => Promise<Component>): Component | undefined {
  const [part, setPart] = useState<Component>()
  useEffect(() => {
    let live = true
    void load().then((found) => live && setPart(() => found))
    return () => {
      live = false
    }
  }, [load])
  return part
}
