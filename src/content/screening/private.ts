import type { ScreeningQuestion } from '@/core/client'

/** Rule base 4.6: each on a page of its own, never stored with the form. */
export const PRIVATE_QUESTIONS: readonly ScreeningQuestion[] = [
  {
    id: 'P1',
    section: 'private',
    kind: 'one',
    when: 'W13 is yes; or W17 is yes',
    ask: 'Thank you for telling us. In the last 2 weeks, have you thought of harming yourself or of not being alive any more?',
    options: [
      { key: 'no', say: 'No', outcome: 'go' },
      { key: 'thoughts', say: 'Yes, such thoughts come, and I am safe', outcome: 'go' },
      { key: 'act', say: 'Yes, and I might do it', outcome: 'emergency', interrupt: true },
    ],
  },
  {
    id: 'P2',
    section: 'private',
    kind: 'one',
    when: 'W17 is yes',
    ask: 'Many parents have frightening thoughts about their baby. Do you have them?',
    options: [
      { key: 'no', say: 'No', outcome: 'go' },
      { key: 'thoughts', say: 'Yes, they frighten me, and I would never do it', outcome: 'go' },
      { key: 'act', say: 'Yes, and I might do it; or I hear or see what others do not', outcome: 'emergency', interrupt: true },
    ],
  },
]
