import { z } from 'zod'
import { PURPOSES } from '@/core/movement'
import { MUSCLES } from '@/core/movement/movement'
import { PLACES } from '@/core/movement/search'
import { KIT } from '@/core/vocabulary'
import { FIRST_FIND, type Find } from '@/workers/libraryContract'

const SEPARATOR = ','
const listOf = <T extends string>(one: z.ZodType<T, string>) =>
  z
    .string()
    .transform((text) => text.split(SEPARATOR).filter(Boolean))
    .pipe(z.array(one))

/** What an address may say; whatever it says otherwise is left out. */
const SAID = {
  words: z.string().max(120),
  purpose: z.enum(PURPOSES),
  muscle: z.enum(MUSCLES),
  place: z.enum(PLACES),
  kit: listOf(z.enum(KIT)),
  conditions: listOf(z.string().max(60)),
  over65: z.literal('1').transform(() => true),
  forClass: z.literal('1').transform(() => true),
  most: z.coerce.number().int().min(FIRST_FIND.most).max(1000),
} as const satisfies { [K in keyof Find]?: z.ZodType<Find[K]> }

/** The search that an address stands for, so that Back, a bookmark and a reload find what was looked at. */
export const findIn = (given: Record<string, string | string[] | undefined>): Partial<Find> =>
  Object.fromEntries(
    Object.entries(SAID).flatMap(([key, schema]) => {
      const read = schema.safeParse(given[key])
      return given[key] !== undefined && read.success ? [[key, read.data]] : []
    }),
  )

/** A search as the part of an address behind the question mark; what is as at first is left out. */
export function addressOf(find: Find, classId: string): string {
  const said = new URLSearchParams()
  if (classId) said.set('class', classId)
  for (const key of ['words', 'purpose', 'muscle', 'place'] as const) if (find[key]) said.set(key, find[key])
  if (find.kit) said.set('kit', find.kit.join(SEPARATOR))
  if (find.conditions.length > 0) said.set('conditions', find.conditions.join(SEPARATOR))
  for (const key of ['over65', 'forClass'] as const) if (find[key]) said.set(key, '1')
  if (find.most > FIRST_FIND.most) said.set('most', String(find.most))
  return said.size > 0 ? `?${said}` : ''
}
