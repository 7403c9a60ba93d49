interface Props {
  label: string
  /** which is chosen, null = none yet; left out where a tap leaves nothing chosen */
  value?: number | null
  onScore: (score: number) => void
  /** a score in words, for those who do not see the row */
  wordsOf?: (score: number) => string
}

/** 0 to 10 in eleven taps, none of them far away. */
export function Eleven({ label, value, onScore, wordsOf }: Props) {
  return (
    <div className="mt-1 grid grid-cols-[repeat(11,minmax(0,1fr))] gap-1">
      {Array.from({ length: 11 }, (_, score) => (
        <button
          key={score}
          type="button"
          aria-pressed={value === undefined ? undefined : value === score}
          aria-label={`${label}: ${score}${wordsOf ? `, ${wordsOf(score)}` : ''}`}
          className={`min-h-11 border-2 text-[1.05rem] leading-none hover:border-plum ${value === score ? 'border-plum bg-plum font-semibold text-on-plum' : 'border-line'}`}
          onClick={() => onScore(score)}
        >
          {score}
        </button>
      ))}
    </div>
  )
}
