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
          // by what is otherwise for them; nothing = they do it as it is
          const people = new Map<string, string[]>()
          for (const { person, changes } of takes.filter((take) => take.variant === variant)) {
            const words = changes.join(', ')
            people.set(words, [...(people.get(words) ?? []), person])
          }
          const { '': plain = [], ...otherwise } = Object.fromEntries(people)
          return { variant, plain, otherwise: Object.entries(otherwise).map(([words, those]) => ({ words, people: those })) }
        }),
        resting: takes.flatMap(({ person, variant }) => (variant === undefined ? [person] : [])),
        notFor: Object.entries(item.notFor).flatMap(([variant, people]) => (people.length > 0 ? [{ variant, people }] : [])),
      }
    })
    .toSorted((a, b) => a.startSeconds - b.startSeconds)
}
