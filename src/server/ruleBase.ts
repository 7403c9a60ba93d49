import { CONDITIONS } from '@/content/conditions'
import { buildRuleBase } from '@/core/safety'

/** The compiled rule base of this process. */
export const RULE_BASE = buildRuleBase(CONDITIONS)

/** Name of a condition by its slug; one that the rule base no longer holds keeps its slug. */
export const conditionName = (slug: string): string => RULE_BASE.conditions.get(slug)?.name ?? slug
