'use server'
import { refresh } from 'next/cache'
import { z } from 'zod'
import { settingsSchema } from '@/core/vocabulary'
import { noteRules } from '../changedRules'
import { saveSettings } from '../repositories/studios'
import { here, today } from '../studio'
import { answer, type Outcome } from './outcome'

/** Keeps what holds for the whole house. */
export async function keepSettings(input: unknown): Promise<Outcome<object>> {
  const outcome = await answer(settingsSchema, input, async (settings) => {
    const { db, studio } = await here()
    await saveSettings(db, studio.id, settings)
    return {}
  })
  if (outcome.ok) refresh()
  return outcome
}

/** The changes of the rules were seen: they are not told again. */
export async function rulesSeen(): Promise<Outcome<object>> {
  return answer(z.undefined(), undefined, async () => {
    const { db, studio } = await here()
    await noteRules(db, studio, today(studio))
    return {}
  })
}
