import { talkTest } from '@/core/effort'
import type { PersonEffort } from '@/core/evaluate'
import { clock } from '@/core/timing'

/** What is expected of somebody, as a sentence. */
export const effortWords = ({ peak, peakAtSeconds, pulse }: PersonEffort): string =>
  `up to about ${peak} of 10 (${talkTest(peak)}), first at ${clock(peakAtSeconds)}${pulse ? `; pulse to about ${pulse.peak}, ceiling ${pulse.ceiling}` : ''}. An estimate.`
