export { BASES, type Base, baseOf, changeSeconds, levelOf } from './bases'
export { type Experience, NO_EXPERIENCE } from './experience'
export { type BlockForecast, type Forecast, forecastsOf, piecesOf } from './forecast'
export { type MusicCue, type MusicPlan, musicOf, playingAt } from './music'
export {
  HOUSE_PACE,
  type HouseSeconds,
  houseOf,
  LEARNED,
  type Learned,
  type LedStretch,
  learnPace,
  ledStretchSchema,
  NOISE_SD,
  type Pace,
  type PaceWish,
} from './pace'
export { AGAIN_SECONDS, BETWEEN, DEPENDS, type Depends, HOUSE_RATES, type Rates, REST_BETWEEN_FACTOR, REST_BETWEEN_SECONDS } from './rates'
export { clock, type Pacing, restSeconds, SEGMENT_KINDS, type Segment, type SegmentKind, segmentAt, type Timeline, timelineSchema } from './segment'
export { expand } from './timeline'
export { type Tread, type TreadLine, treadLine } from './tread'
