'use client'
import { useEffect, useRef, useState } from 'react'
import { type LeadSound, type LeadState, soundsBetween } from '@/core/lead'
import { segmentAt } from '@/core/timing'
import type { HouseRules, Sounds } from '@/core/vocabulary'

const TONES: Record<Extract<LeadSound, { kind: 'tone' }>['tone'], { hz: number; seconds: number }[]> = {
  tick: [{ hz: 660, seconds: 0.07 }],
  go: [{ hz: 990, seconds: 0.22 }],
  side: [
    { hz: 590, seconds: 0.12 },
    { hz: 790, seconds: 0.16 },
  ],
  rest: [
    { hz: 520, seconds: 0.14 },
    { hz: 390, seconds: 0.2 },
  ],
  end: [
    { hz: 520, seconds: 0.2 },
    { hz: 660, seconds: 0.2 },
    { hz: 780, seconds: 0.45 },
  ],
}
const VIBRATES: Partial<Record<keyof typeof TONES, number | number[]>> = { go: 120, side: [80, 60, 80], rest: 60, end: [120, 80, 120, 80, 240] }
/** A jump of more than this is no passing of time, s: nothing is made up for. */
const JUMP_SECONDS = 2
const KEY = 'velvet-sounds'

/** What sounds on this device: the house's choice until somebody chose here. */
function kept(house: Sounds): Sounds {
  try {
    return { ...house, ...(JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Sounds>) }
  } catch {
    return house
  }
}

function play(context: AudioContext, tone: keyof typeof TONES) {
  let at = context.currentTime
  for (const { hz, seconds } of TONES[tone]) {
    const loud = new GainNode(context, { gain: 0 })
    loud.gain.setValueAtTime(0, at)
    loud.gain.linearRampToValueAtTime(0.35, at + 0.012)
    loud.gain.linearRampToValueAtTime(0, at + seconds)
    const voice = new OscillatorNode(context, { type: 'sine', frequency: hz })
    voice.connect(loud).connect(context.destination)
    voice.start(at)
    voice.stop(at + seconds)
    at += seconds
  }
}

interface Props {
  state: LeadState
  position: number
  house: Sounds
  counting: HouseRules['counting']
  /** what is said where an item begins: with its gentler version the first time, short from the second set on */
  sayItem: (item: string, short: boolean) => string
  /** nothing sounds: a rehearsal, or a device that only follows */
  silent: boolean
}

/** Tones, spoken counts and names, and a phone that shakes: each can be off by itself. */
export function useLeadSound({ state, position, house, counting, sayItem, silent }: Props) {
  const [sounds, setSounds] = useState(house)
  const context = useRef<AudioContext>(undefined)
  const before = useRef(position)
  useEffect(() => setSounds(kept(house)), [house])
  useEffect(() => {
    const last = before.current
    before.current = position
    if (silent || state.status !== 'running' || position === last) return
    // the very beginning has a name too; where somebody went on or back, what begins there is heard
    const jumped = position < last || position - last > JUMP_SECONDS
    const begins = state.timeline.segments[segmentAt(state.timeline, position)]?.startSeconds ?? 0
    const from = last === 0 && !jumped ? -1 : jumped ? begins - 0.001 : last
    if (position - from > JUMP_SECONDS) return
    const heard = soundsBetween(state.timeline, from, position)
    for (const { sound, at } of heard) {
      if (sound.kind === 'tone') {
        if (sounds.tones) {
          context.current ??= new AudioContext()
          void context.current.resume()
          play(context.current, sound.tone)
        }
        const shake = VIBRATES[sound.tone]
        if (sounds.vibration && shake !== undefined) navigator.vibrate?.(shake)
      } else if (sound.kind === 'count') {
        const reps = state.timeline.segments.findLast((segment) => segment.startSeconds <= at)?.reps ?? sound.number
        if (sounds.counts) say(String(counting === 'up' ? sound.number : reps - sound.number + 1), 1.3)
      } else if (sounds.names) say(sayItem(sound.item, sound.short), 1)
    }
  }, [position, state, sounds, counting, sayItem, silent])
  useEffect(
    () => () => {
      void context.current?.close()
      window.speechSynthesis?.cancel()
    },
    [],
  )
  const set = (next: Partial<Sounds>) => {
    const all = { ...sounds, ...next }
    setSounds(all)
    localStorage.setItem(KEY, JSON.stringify(all))
  }
  return { sounds, set }
}

function say(words: string, rate: number) {
  if (!('speechSynthesis' in window)) return
  const spoken = new SpeechSynthesisUtterance(words)
  spoken.rate = rate
  window.speechSynthesis.speak(spoken)
}

/** Whether this browser has a voice at all. */
export const hasVoice = (): boolean => typeof window !== 'undefined' && 'speechSynthesis' in window
