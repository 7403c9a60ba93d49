/** A share as words, with a space that no line breaks at. @param share 0 to 1 */
export const percent = (share: number): string => `${Math.round(share * 100)}\u00a0%`
