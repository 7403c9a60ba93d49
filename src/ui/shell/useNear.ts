'use client'
import { useEffect, useRef, useState } from 'react'
import { flushSync } from 'react-dom'

/** Well before it comes into sight: a page of a list of rows, px. */
const MARGIN = '400px 0px'
const told = new WeakMap<Element, (near: boolean) => void>()
let observer: IntersectionObserver | undefined

/**
 * Whether an element is in sight or nearly so. One that has the keyboard's focus counts as near wherever it is, so that nobody loses it by
 * scrolling.
 *
 * @param first whether it is likely to be near when the page begins
 */
export function useNear<E extends Element>(first: boolean) {
  const ref = useRef<E>(null)
  const [near, setNear] = useState(first)
  useEffect(() => {
    const element = ref.current
    if (!element) return
    observer ??= new IntersectionObserver(
      (entries) => {
        for (const { target, isIntersecting } of entries) told.get(target)?.(isIntersecting)
      },
      // the margin of what scrolls inside of the page is one of its own, where the browser knows it
      { rootMargin: MARGIN, scrollMargin: MARGIN } as IntersectionObserverInit,
    )
    told.set(element, (now) => setNear(now || element.parentElement?.contains(document.activeElement) === true))
    observer.observe(element)
    return () => observer?.unobserve(element)
  }, [])
  return [near, ref] as const
}

/** Makes an element near at once: for a key that goes to it from wherever the page has been scrolled to. */
export const bringNear = (element: Element): void => flushSync(() => told.get(element)?.(true))
