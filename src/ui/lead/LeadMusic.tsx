'use client'
import { useEffect, useRef, useState } from 'react'
import { RECIPES } from '@/core/music'
import { clock, type MusicCue, playingAt } from '@/core/timing'
import { Sound } from '../music/sound'

export interface LeadMusicPlan {
  cues: MusicCue[]
  /** tracks that are made here, by id: the key of their recipe */
  made: Record<string, string>
  /** beats a minute of the block that is on */
  bpm: Record<string, number>
}

interface Props {
  music: LeadMusicPlan
  /** s of the class */
  position: number
  running: boolean
  block: string | undefined
}

/** Where the sound was begun, and with what: a jump in the class, or another track, begins it anew. */
interface Begun {
  what: string
  /** second of the class less the clock, s */
  offset: number
}
const SAME_PLACE_SECONDS = 1.5

/** What plays now, and a click on every beat, each when it is asked for. Music that somebody has of their own is named, so that they start it. */
export function LeadMusic({ music, position, running, block }: Props) {
  const [on, setOn] = useState<'music' | 'metronome'>()
  const sound = useRef<Sound>(undefined)
  const begun = useRef<Begun>(undefined)
  const playing = playingAt(music.cues, position)
  const recipe = RECIPES.find(({ key }) => playing && key === music.made[playing.cue.track])
  const bpm = block === undefined ? undefined : music.bpm[block]
  useEffect(() => () => sound.current?.stop(), [])
  useEffect(() => {
    const what = !running ? undefined : on === 'music' ? recipe?.key : on === 'metronome' && bpm !== undefined ? `${bpm} ${block}` : undefined
    const offset = position - performance.now() / 1000
    const before = begun.current
    if (what === before?.what && (what === undefined || Math.abs(offset - (before?.offset ?? 0)) < SAME_PLACE_SECONDS)) return
    begun.current = what === undefined ? undefined : { what, offset }
    sound.current ??= new Sound()
    if (what === undefined) sound.current.stop()
    else if (on === 'music' && recipe && playing) sound.current.play(recipe, playing.intoSeconds)
    else if (bpm !== undefined) sound.current.tick(bpm, 0)
  })
  if (music.cues.length === 0 && bpm === undefined) return null
  const button = (what: 'music' | 'metronome', words: string) => (
    <button type="button" className="quiet" aria-pressed={on === what} onClick={() => setOn(on === what ? undefined : what)}>
      {words}
    </button>
  )
  return (
    <div className="flex items-baseline gap-x-4">
      {music.cues.length > 0 && button('music', 'Music')}
      {bpm !== undefined && button('metronome', `Metronome, ${bpm}`)}
      {playing && (
        <p className="text-soft">
          {recipe ? 'Plays' : 'On your player'}: {playing.cue.title}, {clock(playing.cue.seconds - playing.intoSeconds)} left
        </p>
      )}
    </div>
  )
}
