/** What decides the order of taps: when, on which device, and as which of its taps. */
export interface Ordered {
  id: string
  /** ms since 1970, by the clock that all devices are set by; later than any tap the device knew of */
  at: number
  device?: string | undefined
  /** counts the taps of the device */
  sequence?: number | undefined
}

const compared = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0)

/** One order for everybody, whatever arrived first: by time, then by device and its own count, then by id. */
export const inOrder = (a: Ordered, b: Ordered): number =>
  a.at - b.at || compared(a.device ?? '', b.device ?? '') || (a.sequence ?? 0) - (b.sequence ?? 0) || compared(a.id, b.id)

/** The time of a device as all devices read it. */
export interface DeviceClock {
  /** ms since 1970 when it was set, by the server where that could be asked, else by the device */
  setAt: number
  /** what a clock that only goes forward said then, ms */
  setMonotonic: number
  /** of the latest tap that is known here, of any device */
  latest: number
}

/** How late an answer of the server may be and still set the clock, ms. */
const MOST_DELAY_MS = 5000

/**
 * A clock that no change of the device's own time moves: it is set once and then goes by the clock that only goes forward.
 *
 * @param wall time of the device, ms since 1970
 * @param monotonic ms of the clock that only goes forward
 * @param server what the server said the time is, and how long its answer took
 */
export function setClock(wall: number, monotonic: number, server?: { now: number; tookMs: number }): DeviceClock {
  const isTrue = server !== undefined && server.tookMs <= MOST_DELAY_MS
  return { setAt: isTrue ? server.now + server.tookMs / 2 : wall, setMonotonic: monotonic, latest: 0 }
}

/** Now, by the clock of all devices, ms since 1970. */
export const clockAt = ({ setAt, setMonotonic }: DeviceClock, monotonic: number): number => setAt + (monotonic - setMonotonic)

/**
 * The time of a tap: now, and later than any tap that it may answer. At the same time the names of the devices would decide, and an answer could
 * come before what it answers.
 */
export const timeOfTap = (clock: DeviceClock, monotonic: number): number => Math.max(Math.round(clockAt(clock, monotonic)), clock.latest + 1)

/** The clock after taps became known, of this device or another. */
export const knowing = (clock: DeviceClock, taps: readonly Pick<Ordered, 'at'>[]): DeviceClock => ({
  ...clock,
  latest: taps.reduce((latest, { at }) => Math.max(latest, at), clock.latest),
})
