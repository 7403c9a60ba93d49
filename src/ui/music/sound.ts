import { clicksOf, type Note, notesOf, type Recipe } from '@/core/music'

/** How far ahead sounds are handed to the machine, and how often, s: so far that a busy page does not make gaps. */
const AHEAD = 0.6
const EVERY = 0.15

/** Makes sounds from figures: nothing in it is recorded. One thing plays at a time, and a metronome beside it. */
export class Sound {
  private context: AudioContext | undefined
  private out: GainNode | undefined
  private timer: ReturnType<typeof setInterval> | undefined
  private noise: AudioBuffer | undefined

  /** Plays from some seconds into a track. Only after somebody has pressed something: browsers ask for that. */
  play(recipe: Recipe, intoSeconds: number) {
    this.run(
      intoSeconds,
      (from, until) => notesOf(recipe, from, until),
      (note, at) => this.note(note, at),
    )
  }

  /** A click a beat. @param bpm beats a minute @param intoSeconds since the first beat */
  tick(bpm: number, intoSeconds: number) {
    this.run(
      intoSeconds,
      (from, until) => clicksOf(bpm, from, until),
      ({ loudness }, at) => this.tone('square', 1400, at, 0.03, loudness * 0.3),
    )
  }

  stop() {
    clearInterval(this.timer)
    this.timer = undefined
    // what was handed over already falls silent too
    this.out?.disconnect()
    this.out = undefined
  }

  private run<N extends { at: number }>(intoSeconds: number, between: (from: number, until: number) => N[], sound: (note: N, at: number) => void) {
    this.stop()
    this.context ??= new AudioContext()
    const { context } = this
    void context.resume()
    this.out = new GainNode(context, { gain: 0.5 })
    this.out.connect(context.destination)
    const began = context.currentTime - intoSeconds
    let handed = intoSeconds
    const more = () => {
      const until = context.currentTime - began + AHEAD
      for (const note of between(handed, until)) sound(note, Math.max(context.currentTime, began + note.at))
      handed = Math.max(handed, until)
    }
    more()
    this.timer = setInterval(more, EVERY * 1000)
  }

  private note({ voice, hz, seconds, loudness }: Note, at: number) {
    switch (voice) {
      case 'drum':
        return this.tone('sine', 70, at, seconds, loudness)
      case 'brush':
        return this.hiss(at, seconds, loudness)
      case 'bass':
        return this.tone('triangle', hz, at, seconds, loudness)
      case 'chord':
        return this.tone('sine', hz, at, seconds, loudness)
      case 'tune':
        return this.tone('triangle', hz, at, seconds, loudness * 0.7)
    }
  }

  private faded(at: number, seconds: number, loudness: number): GainNode {
    const gain = new GainNode(this.context!, { gain: 0 })
    gain.gain.setValueAtTime(0, at)
    gain.gain.linearRampToValueAtTime(loudness, at + 0.01)
    gain.gain.exponentialRampToValueAtTime(0.001, at + seconds)
    gain.connect(this.out!)
    return gain
  }

  private tone(type: OscillatorType, frequency: number, at: number, seconds: number, loudness: number) {
    const source = new OscillatorNode(this.context!, { type, frequency })
    source.connect(this.faded(at, seconds, loudness))
    source.start(at)
    source.stop(at + seconds)
  }

  private hiss(at: number, seconds: number, loudness: number) {
    const context = this.context!
    if (!this.noise) {
      this.noise = new AudioBuffer({ length: context.sampleRate / 4, sampleRate: context.sampleRate })
      const data = this.noise.getChannelData(0)
      for (let index = 0; index < data.length; index++) data[index] = Math.random() * 2 - 1
    }
    const source = new AudioBufferSourceNode(context, { buffer: this.noise })
    const filter = new BiquadFilterNode(context, { type: 'highpass', frequency: 6000 })
    source.connect(filter).connect(this.faded(at, seconds, loudness))
    source.start(at)
    source.stop(at + seconds)
  }
}
