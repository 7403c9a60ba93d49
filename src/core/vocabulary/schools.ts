/** Schools of heart-rate ceiling (rule base 3.1). */
export const SCHOOLS = ['tanaka', 'gellish', 'gulati-women', 'fox-220', 'reserve', 'typed', 'exertion-only'] as const
export type School = (typeof SCHOOLS)[number]
