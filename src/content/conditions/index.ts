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
import { spine } from './spine'
import { surgeryCancer } from './surgery-cancer'
import { systemicPainJoint } from './systemic-pain-joint'
import { upperLimb } from './upper-limb'

/** The whole rule base: general conditions first, then by group. */
export const CONDITIONS = [
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

export { SOURCES } from './sources'
