import { z } from 'zod'
import { positionSchema } from '../item'
import { type BlockRun, common } from './common'

/** What a quiet block is for, with what stands over it on screen. */
export const QUIET_KINDS = {
  opening: 'Opening words',
  questions: 'Questions of the day',
  water: 'Water',
  relaxation: 'Relaxation',
  closing: 'Closing words',
} as const
export type QuietKind = keyof typeof QUIET_KINDS
const KINDS = Object.keys(QUIET_KINDS) as [QuietKind, ...QuietKind[]]

/** Nobody works: words, water, rest. It has its own length and position. */
export const quietSchema = z.strictObject({
  ...common,
  format: z.literal('quiet'),
  what: z.enum(KINDS).default('opening'),
  seconds: z.number().int().min(5).max(1800).default(60),
  /** how people are held; left out = as they were */
  position: positionSchema.optional(),
  /** whoever stays in a wheelchair takes the weight off: of a minute and more, it ends a block of sitting (rule base 1.6) */
  relief: z.boolean().default(false),
  /** what is read out */
  words: z.string().max(600).default(''),
  items: z.array(z.never()).max(0).default([]),
})

export const quiet: BlockRun<z.output<typeof quietSchema>> = {
  label: 'Quiet',
  words: ({ what, seconds }) => `${QUIET_KINDS[what].toLowerCase()}, ${seconds} s`,
  steps: () => [{ kind: 'quiet' }],
}
