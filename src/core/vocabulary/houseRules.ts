import { z } from 'zod'
import { MASS_UNITS } from './mass'

/** What a house does its own way; the first of each is what holds until somebody chooses. They change defaults and words, never a rule of safety. */
export const HOUSE_RULES = {
  impactInPregnancy: ['none', 'as-judged'],
  abdominalWork: ['breath-first', 'as-planned'],
  lyingFlat: ['raised', 'flat'],
  squatDepth: ['chair', 'half', 'own'],
  stretchSeconds: ['20', '15', '30'],
  stretchPlace: ['end', 'where-planned'],
  rests: ['still', 'moving'],
  counting: ['up', 'down'],
  gaze: ['ahead', 'own'],
  feet: ['straight', 'own'],
  leftRight: ['theirs', 'mine'],
  masses: MASS_UNITS,
} as const
export type HouseRule = keyof typeof HOUSE_RULES
export const HOUSE_RULE_NAMES = Object.keys(HOUSE_RULES) as HouseRule[]
export type HouseRules = { [K in HouseRule]: (typeof HOUSE_RULES)[K][number] }

const oneOf = <V extends readonly [string, ...string[]]>(values: V) => z.enum(values).default(values[0] as never)
export const houseRulesSchema = z
  .strictObject({
    impactInPregnancy: oneOf(HOUSE_RULES.impactInPregnancy),
    abdominalWork: oneOf(HOUSE_RULES.abdominalWork),
    lyingFlat: oneOf(HOUSE_RULES.lyingFlat),
    squatDepth: oneOf(HOUSE_RULES.squatDepth),
    stretchSeconds: oneOf(HOUSE_RULES.stretchSeconds),
    stretchPlace: oneOf(HOUSE_RULES.stretchPlace),
    rests: oneOf(HOUSE_RULES.rests),
    counting: oneOf(HOUSE_RULES.counting),
    gaze: oneOf(HOUSE_RULES.gaze),
    feet: oneOf(HOUSE_RULES.feet),
    leftRight: oneOf(HOUSE_RULES.leftRight),
    masses: oneOf(HOUSE_RULES.masses),
  })
  .prefault({})
/** As they are while nobody has chosen. */
export const DEFAULT_HOUSE_RULES: HouseRules = houseRulesSchema.parse({})
