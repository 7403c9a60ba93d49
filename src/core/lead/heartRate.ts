/** A frame of the standard Bluetooth Heart Rate Measurement characteristic (Heart Rate Service 0x180D, characteristic 0x2A37), read. */
export interface HeartRateFrame {
  /** beats a minute */
  bpm: number
  /** whether the strap touches the skin; nothing = it does not say */
  contact?: boolean
  /** expended since it was reset, kJ */
  energyKj?: number
  /** between beats, ms, the oldest first */
  rrMs: number[]
}

/** A frame is shorter than what its flags announce. */
export class HeartRateFrameError extends Error {
  constructor(
    readonly byteLength: number,
    readonly expected: number,
  ) {
    super(`a heart-rate frame of ${byteLength} bytes; its flags announce at least ${expected}`)
    this.name = 'HeartRateFrameError'
  }
}

const SIXTEEN_BIT = 0b1
const CONTACT = 0b10
const CONTACT_TOLD = 0b100
const ENERGY = 0b1000
const RR = 0b10000
/** Of a second, in which distances between beats are told. */
const RR_UNIT = 1024

/**
 * Reads a frame: flags, 8 or 16 bit rate, contact, energy, distances between beats; the least byte first.
 *
 * @throws HeartRateFrameError when it is cut short
 */
export function decodeHeartRate(frame: DataView): HeartRateFrame {
  const need = (length: number) => {
    if (frame.byteLength < length) throw new HeartRateFrameError(frame.byteLength, length)
  }
  need(2)
  const flags = frame.getUint8(0)
  let at = 1
  const word = (): number => {
    need(at + 2)
    const value = frame.getUint16(at, true)
    at += 2
    return value
  }
  const bpm = flags & SIXTEEN_BIT ? word() : frame.getUint8(at++)
  const energyKj = flags & ENERGY ? word() : undefined
  const rrMs: number[] = []
  // what is left is pairs; half a pair is no distance
  if (flags & RR) while (at + 2 <= frame.byteLength) rrMs.push(Math.round((word() * 1000) / RR_UNIT))
  return {
    bpm,
    ...(flags & CONTACT_TOLD && { contact: (flags & CONTACT) !== 0 }),
    ...(energyKj !== undefined && { energyKj }),
    rrMs,
  }
}

/** The same frame as a strap sends it; rates over 255 take two bytes. */
export function encodeHeartRate({ bpm, contact, energyKj, rrMs }: HeartRateFrame): DataView {
  const wide = bpm > 255
  const length = 1 + (wide ? 2 : 1) + (energyKj === undefined ? 0 : 2) + rrMs.length * 2
  const frame = new DataView(new ArrayBuffer(length))
  const flags =
    (wide ? SIXTEEN_BIT : 0) |
    (contact === undefined ? 0 : CONTACT_TOLD | (contact ? CONTACT : 0)) |
    (energyKj === undefined ? 0 : ENERGY) |
    (rrMs.length > 0 ? RR : 0)
  frame.setUint8(0, flags)
  let at = 1
  const word = (value: number) => {
    frame.setUint16(at, value, true)
    at += 2
  }
  if (wide) word(bpm)
  else frame.setUint8(at++, bpm)
  if (energyKj !== undefined) word(energyKj)
  for (const ms of rrMs) word(Math.round((ms * RR_UNIT) / 1000))
  return frame
}

/** What a strap has told so far. */
export interface StrapState {
  /** nothing = it has fallen silent, or has lost the skin */
  bpm?: number
  /** ms, of the last frame that told something */
  heardAt: number
  /** s above the ceiling */
  overSeconds: number
  /** times it fell silent */
  dropouts: number
}
/** Silent for longer than this is a dropout, and no old number is shown as if it were now, ms. */
export const SILENT_MS = 5000

export const NEW_STRAP: StrapState = { heardAt: 0, overSeconds: 0, dropouts: 0 }

/** A strap after a frame. @param ceiling beats a minute @param now ms */
export function heardFrom(state: StrapState, { bpm, contact }: HeartRateFrame, ceiling: number, now: number): StrapState {
  if (contact === false || bpm === 0) return silentAt({ ...state, heardAt: Math.min(state.heardAt, now - SILENT_MS - 1) }, now)
  const since = state.bpm === undefined || state.heardAt === 0 ? 0 : Math.min(SILENT_MS, now - state.heardAt)
  // what was above until now counts as above
  const over = state.bpm !== undefined && state.bpm > ceiling ? since / 1000 : 0
  return { ...state, bpm, heardAt: now, overSeconds: state.overSeconds + over }
}

/** The same strap a while later, when nothing was heard. */
export function silentAt(state: StrapState, now: number): StrapState {
  if (state.bpm === undefined || now - state.heardAt <= SILENT_MS) return state
  const { bpm: _bpm, ...quiet } = state
  return { ...quiet, dropouts: state.dropouts + 1 }
}

/** Of the rise of a simulated pulse, s: two thirds of it are done by then. An estimate; rule base 3.6 has the measured ranges. */
const RISE_SECONDS = 45

/**
 * The frames of a strap that is simulated, one a second: a pulse that follows the effort of the class with a delay, with the small unrest of real ones,
 * and now and then a gap.
 *
 * @param restBpm at rest @param mostBpm at the hardest
 * @param rpeAt effort of the class at a second of it, 0 to 10
 * @param random 0 to below 1
 */
export function simulatedStrap(restBpm: number, mostBpm: number, rpeAt: (second: number) => number, random: () => number) {
  let pulse = restBpm
  let gap = 0
  return (second: number): DataView | undefined => {
    const wanted = restBpm + ((mostBpm - restBpm) * rpeAt(second)) / 10
    pulse += (wanted - pulse) / RISE_SECONDS
    if (gap > 0) {
      gap--
      return undefined
    }
    if (random() < 1 / 240) gap = 4 + Math.floor(random() * 8)
    const bpm = Math.max(30, Math.round(pulse + (random() - 0.5) * 3))
    return encodeHeartRate({ bpm, contact: true, rrMs: [Math.round(60_000 / bpm)] })
  }
}
