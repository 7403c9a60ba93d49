export {
  BASES,
  type Base,
  baseOf,
  changeSeconds,
  clock,
  expand,
  type Pacing,
  restSeconds,
  SEGMENT_KINDS,
  type Segment,
  type SegmentKind,
  segmentAt,
  type Timeline,
} from './timeline'
export { type Tread, type TreadLine, treadLine } from './tread'
