import { bone } from './bone'
import { eyeEarBalance } from './eye-ear-balance'
import { bodyFunction } from './function'
import { general } from './general'
import { heartCirculation } from './heart-circulation'
import { lowerLimb } from './lower-limb'
import { lung } from './lung'
import { metabolic } from './metabolic'
import { neuro } from './neuro'
import { other } from './other'
import { perinatal } from './perinatal'
import { soreness } from './soreness'
import { spine } from './spine'
import { surgeryCancer } from './surgery-cancer'
import { systemicPainJoint } from './systemic-pain-joint'
import { upperLimb } from './upper-limb'

/** The whole rule base as its text has it: general conditions first, then by group. */
export const RULE_BASE_CONDITIONS = [
  ...general,
  ...bone,
  ...spine,
  ...systemicPainJoint,
  ...upperLimb,
  ...lowerLimb,
  ...perinatal,
  ...heartCirculation,
  ...lung,
  ...metabolic,
  ...eyeEarBalance,
  ...neuro,
  ...bodyFunction,
  ...surgeryCancer,
  ...other,
]
/** With what the house adds for a day. */
export const CONDITIONS = [...RULE_BASE_CONDITIONS, ...soreness]

export { SOURCES } from './sources'
