import { dayWords } from '../shell/days'
import { Sheet } from '../shell/Sheet'

interface Props {
  /** the day that the page shows, and the day it is */
  day: string
  today: string
  onChoose: (day: string) => void
  onClose: () => void
}

/** A class is led on another day than it is planned for: which of the two the taps belong to is asked, and never guessed. */
export function WhichDay({ day, today, onChoose, onClose }: Props) {
  return (
    <Sheet open onClose={onClose} title="Which day is it for?">
      <p>The people, their weeks and their letters are those of the day.</p>
      <div className="mt-4 flex flex-col gap-3">
        <button type="button" className="action min-h-12" onClick={() => onChoose(day)}>
          On {dayWords(day)}
        </button>
        <button type="button" className="quiet min-h-12" onClick={() => onChoose(today)}>
          Today, {dayWords(today)}
        </button>
      </div>
    </Sheet>
  )
}
