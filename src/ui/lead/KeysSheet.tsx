import { SOUNDS, type SoundName, type Sounds } from '@/core/vocabulary'
import { Check } from '../shell/Check'
import { Sheet } from '../shell/Sheet'
import { hasVoice } from './useLeadSound'

const KEYS = [
  ['Space', 'start, pause, go on'],
  ['Right arrow, page down, a remote’s next', 'next; ends a set that waits for you'],
  ['Left arrow, page up, a remote’s back', 'back'],
  ['+ and −', 'one repetition more or less'],
  ['R', 'the set again'],
  ['K', 'skip this movement'],
  ['H', 'half a minute'],
  ['C', 'take the first proposal for the time; X takes it back'],
  ['V', 'who takes which version'],
  ['F', 'words that are read across the room, in place of the figures'],
  ['S', 'somebody stops'],
  ['?', 'these keys'],
] as const
export const SOUND_WORDS: Record<SoundName, string> = {
  tones: 'Tones: the last three, the change of side, the end',
  counts: 'Counts, spoken',
  names: 'Names of movements, spoken, with the gentler version',
  vibration: 'The phone shakes',
}

interface Props {
  onClose: () => void
  sounds: Sounds
  onSound: (next: Partial<Sounds>) => void
  /** what this browser lacks, in sentences */
  missing: readonly string[]
}

/** The keys of the screen, and what sounds on this device. */
export function KeysSheet({ onClose, sounds, onSound, missing }: Props) {
  return (
    <Sheet open onClose={onClose} title="Keys and sounds">
      <dl className="grid grid-cols-[12rem_1fr] gap-x-4 gap-y-1">
        {KEYS.map(([key, what]) => (
          <div key={key} className="contents">
            <dt className="font-semibold">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <h3 className="mt-5">On this device</h3>
      {SOUNDS.map((sound) => (
        <Check key={sound} checked={sounds[sound]} onChange={(on) => onSound({ [sound]: on })}>
          {SOUND_WORDS[sound]}
        </Check>
      ))}
      {!hasVoice() && <p className="text-soft">This browser has no voice: counts and names stay silent.</p>}
      {missing.map((words) => (
        <p key={words} className="mt-2 text-soft">
          {words}
        </p>
      ))}
    </Sheet>
  )
}
