/** What has the same key together, in the order in which the keys first come. */
export function groupedBy<T, K>(list: readonly T[], keyOf: (one: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>()
  for (const one of list) {
    const key = keyOf(one)
    const group = groups.get(key)
    if (group) group.push(one)
    else groups.set(key, [one])
  }
  return groups
}
