import { z } from 'zod'
import { daySchema } from './day'
import { houseRulesSchema } from './houseRules'
import { SCHOOLS } from './schools'

const text = (longest: number) => z.string().trim().max(longest)
const zone = z.string().refine(isZone, { message: 'expected a time zone such as Europe/London' })

function isZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name })
    return true
  } catch {
    return false
  }
}

const closedSchema = z
  .strictObject({ from: daySchema, to: daySchema, name: text(60).default('') })
  .refine(({ from, to }) => from <= to, { message: 'the last day lies before the first', path: ['to'] })

/** What sounds while a class is led; each device can be silenced by itself. */
export const SOUNDS = ['tones', 'counts', 'names', 'vibration'] as const
export type SoundName = (typeof SOUNDS)[number]
const soundsSchema = z
  .strictObject({
    tones: z.boolean().default(true),
    counts: z.boolean().default(false),
    names: z.boolean().default(false),
    vibration: z.boolean().default(false),
  })
  .prefault({})
export type Sounds = z.output<typeof soundsSchema>

/** What somebody who comes running has to know of the place; empty = nobody has written it down. */
const venueSchema = z
  .strictObject({
    address: text(200).default(''),
    /** door code, which entrance, where to park */
    access: text(300).default(''),
    defibrillator: text(200).default(''),
    contact: text(160).default(''),
    /** the plan of the house, in its own words */
    plan: text(2000).default(''),
  })
  .prefault({})
export type Venue = z.output<typeof venueSchema>

/** What holds for the whole house. A number that is empty reads as the local one of its kind. */
export const settingsSchema = z.strictObject({
  house: text(120).min(1, 'the house needs a name'),
  instructor: text(120).min(1, 'say who leads'),
  emergencyNumber: text(40).default(''),
  maternityNumber: text(40).default(''),
  crisisNumber: text(40).default(''),
  venue: venueSchema,
  sounds: soundsSchema,
  /** school of pulse ceiling that a new class begins with */
  school: z.enum(SCHOOLS).default('tanaka'),
  /** IANA name; "today" is worked out in it. Left out = that of the machine */
  zone: zone.optional(),
  /** 0 Sunday to 6 Saturday */
  weekStart: z.number().int().min(0).max(6).default(1),
  /** days on which no class meets by its weekday, both ends included */
  closed: z.array(closedSchema).max(60).default([]),
  /** minutes without a hand after which names and health are covered; 0 = only by key */
  coverMinutes: z.number().int().min(0).max(60).default(2),
  /** years after the last class, or the registration, after which somebody's data are due to be erased; 0 = never said */
  keepYears: z.number().int().min(0).max(30).default(3),
  /** how this house does what is done one way or the other */
  houseRules: houseRulesSchema,
  /** the instructor's pace is learned from classes of this day and later; left out = from all */
  paceSince: daySchema.optional(),
})
export type Settings = z.output<typeof settingsSchema>

/** The numbers as they are shown: an empty one says which is meant. */
export const numbersOf = ({
  emergencyNumber,
  maternityNumber,
  crisisNumber,
}: Pick<Settings, 'emergencyNumber' | 'maternityNumber' | 'crisisNumber'>) => ({
  emergency: emergencyNumber || 'your local emergency number',
  maternity: maternityNumber || 'your local maternity unit',
  crisis: crisisNumber || 'your local crisis line',
})
