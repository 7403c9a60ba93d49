import type { FollowUp, Form, PainStage, ScreeningSection } from '@/core/client'
import { EVERYDAY_QUESTIONS } from './everyday'
import { HEALTH_QUESTIONS } from './health'
import { PERINATAL_QUESTIONS } from './perinatal'
import { PRIVATE_QUESTIONS } from './private'

/** The parts of the form and whom they concern (rule base 4.0). */
const SECTIONS: readonly ScreeningSection[] = [
  { id: 'general' },
  { id: 'pregnancy', when: 'G23 is pregnant', opensIn: 'gestation' },
  // after a loss the rest waits until the leader has spoken with her
  { id: 'after-birth', when: 'G23 is birth', opensIn: 'birth-year', endsWith: { question: 'W9', key: 'loss' } },
  { id: 'private', private: true },
]

/** The stage that a pain on most days names, where an answer names none. */
const PAIN_STAGES: readonly PainStage[] = [
  {
    slugs: ['lbp-nonspecific', 'lbp-flexion-intolerant', 'lbp-extension-intolerant', 'sciatica'],
    stages: [
      { variant: 'settled', upTo: 3 },
      { variant: 'moderate', upTo: 6 },
    ],
    worst: 'flare',
  },
  { slugs: ['knee-osteoarthritis', 'hip-osteoarthritis'], stages: [{ variant: 'settled', upTo: 6 }], worst: 'flare' },
  {
    slugs: ['neck-pain-chronic', 'rotator-cuff-pain', 'lateral-hip-pain'],
    stages: [{ variant: 'settled', upTo: 4 }],
    worst: 'irritable',
    nights: true,
  },
]

/** The questions behind an answer. */
export const FOLLOW_UP_WORDS: Record<FollowUp, string> = {
  side: 'Which side?',
  when: 'When was it? Month and year, or just the year.',
  pain: 'How bad is it on most days now, from 0 (none) to 10 (worst)?',
  week: 'How many whole weeks pregnant are you, or when is the baby due?',
  birth: 'On what date was the birth?',
  nights: 'Does it wake you at night, or hurt for more than half an hour after use?',
}

/** The health questions of the rule base, 4.0 to 4.2, and the private ones of 4.6. */
export const FORM: Form = {
  sections: SECTIONS,
  questions: [...HEALTH_QUESTIONS, ...EVERYDAY_QUESTIONS, ...PERINATAL_QUESTIONS, ...PRIVATE_QUESTIONS],
  painStages: PAIN_STAGES,
}
