import type { OwnRest } from '@/core/evaluate'

/** What somebody leaves out of a block by the clock. @param where the block, in words */
export const stretchesWords = ({ leaves, of }: Extract<OwnRest, { code: 'stretches' }>, where: string): string =>
  `sits out ${leaves} of the ${of} stretches ${where}.`
