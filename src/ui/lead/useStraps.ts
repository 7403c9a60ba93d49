'use client'
import { useCallback, useEffect, useRef, useState } from 'react'
import { decodeHeartRate, HeartRateFrameError, heardFrom, NEW_STRAP, type StrapState, silentAt, simulatedStrap } from '@/core/lead'
import { segmentAt, type Timeline } from '@/core/timing'
import { generator } from '@/core/vocabulary'

/** As much of Web Bluetooth as a heart-rate strap needs. */
interface Characteristic extends EventTarget {
  value?: DataView
  startNotifications(): Promise<Characteristic>
}
interface BluetoothDevice {
  gatt?: {
    connect(): Promise<{ getPrimaryService(name: string): Promise<{ getCharacteristic(name: string): Promise<Characteristic> }> }>
    disconnect(): void
  }
}
interface Bluetooth {
  requestDevice(wanted: { filters: { services: string[] }[] }): Promise<BluetoothDevice>
}
const bluetooth = (): Bluetooth | undefined => (navigator as unknown as { bluetooth?: Bluetooth }).bluetooth
export const hasBluetooth = (): boolean => typeof navigator !== 'undefined' && bluetooth() !== undefined

/** A simulated person: pulse at rest and at the hardest. */
const SIMULATED = { rest: 72, most: 150 }

interface Worn {
  kind: 'simulated' | 'real'
  state: StrapState
}

/**
 * Straps that people wear in class, by person: simulated ones, and real ones where the browser can; both send the same bytes, read by the same reader.
 *
 * @param ceilings beats a minute, of those for whom a number may be used
 */
export function useStraps(timeline: Timeline, exactly: () => number, ceilings: Readonly<Record<string, number>>) {
  const [worn, setWorn] = useState<Readonly<Record<string, Worn>>>({})
  const stops = useRef(new Map<string, () => void>())
  const latest = useRef({ timeline, exactly, ceilings })
  latest.current = { timeline, exactly, ceilings }
  const hear = useCallback((person: string, kind: Worn['kind'], frame: DataView) => {
    const ceiling = latest.current.ceilings[person]
    if (ceiling === undefined) return
    try {
      const read = decodeHeartRate(frame)
      setWorn((now) => ({ ...now, [person]: { kind, state: heardFrom(now[person]?.state ?? NEW_STRAP, read, ceiling, Date.now()) } }))
    } catch (error) {
      // a frame that is cut short is as good as none
      if (!(error instanceof HeartRateFrameError)) throw error
    }
  }, [])
  useEffect(() => {
    const timer = setInterval(() => {
      const now = Date.now()
      setWorn((all) => Object.fromEntries(Object.entries(all).map(([person, one]) => [person, { ...one, state: silentAt(one.state, now) }])))
    }, 1000)
    const held = stops.current
    return () => {
      clearInterval(timer)
      for (const stop of held.values()) stop()
    }
  }, [])
  const takeOff = (person: string) => {
    stops.current.get(person)?.()
    stops.current.delete(person)
    setWorn(({ [person]: _gone, ...others }) => others)
  }
  const simulate = (person: string) => {
    takeOff(person)
    const seed = [...person].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) | 0, 1)
    const rpeAt = () => {
      const { timeline: now, exactly: at } = latest.current
      const segment = now.segments[segmentAt(now, at())]
      return segment?.kind === 'work' ? segment.rpe : 1
    }
    const strap = simulatedStrap(SIMULATED.rest, SIMULATED.most, rpeAt, generator(seed))
    let second = 0
    const timer = setInterval(() => {
      const frame = strap(second++)
      if (frame) hear(person, 'simulated', frame)
    }, 1000)
    stops.current.set(person, () => clearInterval(timer))
    setWorn((now) => ({ ...now, [person]: { kind: 'simulated', state: NEW_STRAP } }))
  }
  const connect = async (person: string): Promise<string | undefined> => {
    try {
      const device = await bluetooth()?.requestDevice({ filters: [{ services: ['heart_rate'] }] })
      const server = await device?.gatt?.connect()
      const service = await server?.getPrimaryService('heart_rate')
      const characteristic = await service?.getCharacteristic('heart_rate_measurement')
      if (!characteristic) return 'No strap was found.'
      takeOff(person)
      const heard = () => characteristic.value && hear(person, 'real', characteristic.value)
      characteristic.addEventListener('characteristicvaluechanged', heard)
      await characteristic.startNotifications()
      stops.current.set(person, () => {
        characteristic.removeEventListener('characteristicvaluechanged', heard)
        device?.gatt?.disconnect()
      })
      setWorn((now) => ({ ...now, [person]: { kind: 'real', state: NEW_STRAP } }))
      return undefined
    } catch {
      return 'The strap did not answer, or none was chosen.'
    }
  }
  return { worn, simulate, connect, takeOff }
}
export type Straps = ReturnType<typeof useStraps>
