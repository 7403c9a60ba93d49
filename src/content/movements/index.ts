import { buildCatalogue } from '@/core/movement'
import { CORE_TWELVE } from './core12'
import { WARM_UP } from './warmUp'

/** Every movement of the library. */
export const MOVEMENTS = [...WARM_UP, ...CORE_TWELVE]
export const LIBRARY = buildCatalogue(MOVEMENTS)
