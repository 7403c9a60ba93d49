import type { RunsOut } from '@/core/client'
import { conditionName } from '@/server/ruleBase'

/** What runs out, in words. */
export const runsOutWords = ({ condition }: RunsOut): string =>
  condition === undefined ? 'Health questions' : `Letter for ${conditionName(condition)}`
