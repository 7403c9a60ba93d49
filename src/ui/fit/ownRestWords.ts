import type { OwnRest } from '@/core/evaluate'
import { clock } from '@/core/timing'

/** What somebody does in a block whose clock or music gives them too little rest. @param where the block, in words */
export const ownRestWords = (rest: Exclude<OwnRest, { code: 'every-second-set' }>, where: string): string =>
  rest.code === 'stretches'
    ? `leave out ${rest.leaves} of the ${rest.of} stretches ${where}, for longer rests than the clock or the music gives`
    : `${clock(rest.seconds)} at one go ${where}: offer a pause in between, with a chair near`
