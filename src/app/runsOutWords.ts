import type { RunsOut } from '@/core/client'
import { RULE_BASE } from '@/server/ruleBase'

/** What runs out, in words. */
export const runsOutWords = ({ condition }: RunsOut): string =>
  condition === undefined ? 'Health questions' : `Letter for ${RULE_BASE.conditions.get(condition)?.name ?? condition}`
