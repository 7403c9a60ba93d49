import { takesIn } from './takes'
import type { LedView } from './view'

/** Who does one version of a movement, and what of them do something of it otherwise. */
export interface HandOverWay {
  variant: string
  /** ids of those who do it as it is */
  plain: string[]
  /** what is otherwise, in words, with whom */
  otherwise: { words: string; people: string[] }[]
}
export interface HandOverItem {
  id: string
  movement: string
  /** s from the start of the class */
  startSeconds: number
  ways: HandOverWay[]
  /** who has nothing of it that they may do: they rest */
  resting: string[]
  /** of levels that may be chosen: who must not choose which */
  notFor: { variant: string; people: string[] }[]
}

/** A class as it is handed over: who takes what, in the order in which it comes. Why somebody does is in no line of it. */
export function handOver(view: LedView): HandOverItem[] {
  return view.items
    .map((item): HandOverItem => {
      const takes = takesIn(item, { swaps: {}, versions: {}, loads: {} })
      const variants = [...new Set([...item.shown, ...takes.flatMap(({ variant }) => variant ?? [])])]
      return {
        id: item.id,
        movement: item.movement,
        startSeconds: view.timeline.segments.find((segment) => segment.item === item.id)?.startSeconds ?? 0,
        ways: variants.map((variant) => {
          const doing = takes.filter((take) => take.variant === variant)
          const others = new Map<string, string[]>()
          for (const { person, changes } of doing)
            if (changes.length > 0) others.set(changes.join(', '), [...(others.get(changes.join(', ')) ?? []), person])
          return {
            variant,
            plain: doing.flatMap(({ person, changes }) => (changes.length === 0 ? [person] : [])),
            otherwise: [...others].map(([words, people]) => ({ words, people })),
          }
        }),
        resting: takes.flatMap(({ person, variant }) => (variant === undefined ? [person] : [])),
        notFor: Object.entries(item.notFor).flatMap(([variant, people]) => (people.length > 0 ? [{ variant, people }] : [])),
      }
    })
    .toSorted((a, b) => a.startSeconds - b.startSeconds)
}
