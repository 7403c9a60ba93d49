import type { Placed, Step } from './common'

/** Between the id of an item and the number of a version of it that is done in some of its sets; no id of an item holds it. */
const MARK = '~'

/** Versions in which some sets are done that are not the item's own, in the order in which they come. */
export const setVersions = ({ variant, dose }: { variant?: string | undefined; dose?: Placed['dose'] | undefined }): string[] => [
  ...new Set((dose?.eachSet ?? []).flatMap((one) => (one.variant === undefined || one.variant === variant ? [] : [one.variant]))),
]

/** What stands for an item in the sets that it does in another version. @param at among its versions, from 0 */
export const setVersionId = (item: string, at: number): string => `${item}${MARK}${at + 1}`
export const isSetVersion = (id: string): boolean => id.includes(MARK)
/** The item of the plan that an id speaks of. */
export const wholeItem = (id: string): string => (isSetVersion(id) ? id.slice(0, id.indexOf(MARK)) : id)

/** The steps with every set in its own version; what comes after it comes after that version. */
export function inVersions(steps: readonly Step[], items: readonly Placed[]): Step[] {
  const byId = new Map(items.map((item) => [item.id, item]))
  if (!items.some((item) => setVersions(item).length > 0)) return [...steps]
  const last = new Map<string, string>()
  return steps.map((step): Step => {
    if (step.kind === 'quiet') return step
    if (step.kind === 'gap') return { ...step, after: last.get(step.after) ?? step.after }
    const item = byId.get(step.item)
    const own = item?.dose.eachSet
    // rounds beyond the sets that are said are as the last of them
    const wanted = own?.[Math.min(step.set, own.length) - 1]?.variant
    const at = item && wanted !== undefined ? setVersions(item).indexOf(wanted) : -1
    const id = at < 0 ? step.item : setVersionId(step.item, at)
    last.set(step.item, id)
    return { ...step, item: id }
  })
}
