import { CONDITIONS } from '@/content/conditions'
import { buildRuleBase } from '@/core/safety'

/** The compiled rule base of this process. */
export const RULE_BASE = buildRuleBase(CONDITIONS)
