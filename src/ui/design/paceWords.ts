import { clock, type Forecast, type Rates } from '@/core/timing'

/** What a forecast rests on. @param classes from which the pace was learned */
export const restsOn = (classes: number): string =>
  classes === 0 ? 'house estimate' : `your pace, ${classes === 1 ? '1 class' : `${classes} classes`}`

/** Between what a length will lie, eight of ten times. */
export const rangeWords = ({ lowSeconds, highSeconds }: Forecast): string => `${clock(lowSeconds)} to ${clock(highSeconds)}`

/** The same in whole minutes, for the head of a page. */
export const minutesWords = ({ lowSeconds, highSeconds }: Forecast): string => {
  const [low, high] = [Math.floor(lowSeconds / 60), Math.ceil(highSeconds / 60)]
  return low === high ? `${low} min` : `${low} to ${high} min`
}

const share = (factor: number): string => {
  const percent = Math.round((factor - 1) * 100)
  return percent === 0 ? 'as the house says' : percent < 0 ? `${-percent} % quicker` : `${percent} % slower`
}
/** How a pace differs from the house's estimates, in words. */
export const ratesWords = ({ counted, held, between }: Pick<Rates, 'counted' | 'held' | 'between'>): string =>
  `Counted repetitions ${share(counted)}, holds ${share(held)}, what is between ${share(between)}`
