/** Words as a list in a sentence: "a, b and c". */
export const list = (words: readonly string[]): string => (words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`)

/** The same words once, with everybody of whom they are said. */
export function grouped(said: readonly { name: string; words: string }[]): { words: string; names: string[] }[] {
  const found = new Map<string, string[]>()
  for (const { name, words } of said) found.set(words, [...(found.get(words) ?? []), name])
  return [...found].map(([words, names]) => ({ words, names }))
}

/** A name as it stands within a sentence. */
export const lower = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1)
/** Words with a capital at their beginning. */
export const sentence = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1)
