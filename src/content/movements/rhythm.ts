/** What is done to a beat, one side and then the other, for a while rather than a number of times. */
export const RHYTHM = {
  purpose: 'aerobic',
  phase: 'any',
  side: 'alternating',
  tempo: { out: 1, back: 1 },
  dose: { reps: undefined, workSeconds: 45, restSeconds: 15 },
} as const
export const ON_SPOT = { impactLevel: 1, travel: 'on-spot' } as const
/** Both feet, or the one, have left the floor and land. */
export const LANDED = { impactLevel: 3, ankleLoad: 3, abdominalPressure: 2, travel: 'on-spot' } as const
