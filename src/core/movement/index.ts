export { type LadderSpec, ladder, NOT_FIRM } from './author'
export { type BandAdvice, bandFor, bandRunOf } from './bands'
export { buildCatalogue, type Catalogue, type CatalogueEntry, isInOwnWheelchair, ladderOf, type Successor, versionName } from './catalogue'
export { demandsOf, measuredPoses, type RepKind, repKind, repSeconds, startsIn } from './computed'
export {
  ATTRIBUTE_NAMES,
  ATTRIBUTES,
  type AttributeDefinition,
  type AttributeName,
  attribute,
  BASE_POSITIONS,
  type BasePosition,
  completeDemands,
  type DemandsInput,
  encodeDemands,
  encodeValue,
  FAMILIES,
  type Family,
  familyOf,
  type PlannedDemands,
  PURPOSES,
  type Purpose,
  SLOT,
} from './demands'
export { demandsInWords, differences, valueWords } from './differences'
export { doseSchema, dosesPerGoal } from './doses'
export { effortOf } from './loads'
export {
  ARM_MUSCLES,
  type Dose,
  EVERYDAY_FUNCTIONS,
  type EverydayFunction,
  LEG_MUSCLES,
  MUSCLES,
  type Muscle,
  PATTERNS,
  type Pattern,
  SIDE_USES,
  type SideUse,
  TEMPO_CLASSES,
  type Tempo,
  type TempoClass,
  type Variant,
} from './movement'
export { movementOf, OWN_PREFIX, type OwnMovement, ownFrom, ownMovementSchema, SHOWN_DEMANDS, withOwn } from './own'
export { breathAt, describePicture, motionOf, pictureOf, showsBothSides } from './picture'
export { type MovementQuery, type SearchIndex, sayable, search, searchIndex } from './search'
export { type Space, spaceOf } from './space'
export { type Sayable, wordFinder } from './words'
