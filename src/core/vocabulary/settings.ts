import { z } from 'zod'

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

/** What holds for the whole house. A number that is empty reads as the local one of its kind. */
export const settingsSchema = z.strictObject({
  house: text(120).min(1, 'the house needs a name'),
  instructor: text(120).min(1, 'say who leads'),
  emergencyNumber: text(40).default(''),
  maternityNumber: text(40).default(''),
  crisisNumber: text(40).default(''),
  /** IANA name; "today" is worked out in it. Left out = that of the machine */
  zone: zone.optional(),
  /** 0 Sunday to 6 Saturday */
  weekStart: z.number().int().min(0).max(6).default(1),
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
