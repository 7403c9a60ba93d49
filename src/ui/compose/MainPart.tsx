import { type ClassBrief, MAIN_FORMS, musicOf } from '@/core/compose'
import { RECIPES } from '@/core/music'
import { NumberField } from '../shell/NumberField'
import { FORM_WORDS } from './composeWords'

interface Props {
  brief: ClassBrief
  onChange: (change: Partial<ClassBrief>) => void
}

/** Tracks that ship and have a tempo to move to. */
const MUSIC = RECIPES.filter(({ drum }) => drum)

/** How the main part runs, and to what music. */
export function MainPart({ brief, onChange }: Props) {
  const clock = (change: Partial<ClassBrief['clock']>) => onChange({ clock: { ...brief.clock, ...change } })
  return (
    <>
      <label className="field">
        <span>The main part</span>
        <select className="input" value={brief.mainForm} onChange={({ target }) => onChange({ mainForm: target.value as ClassBrief['mainForm'] })}>
          {MAIN_FORMS.map((form) => (
            <option key={form} value={form}>
              {FORM_WORDS[form]}
            </option>
          ))}
        </select>
      </label>
      {brief.mainForm === 'clock' && (
        <div className="flex gap-2 [&>label]:min-w-0 [&>label]:flex-1">
          <NumberField label="Work, s" min={15} max={90} value={brief.clock.workSeconds} onChange={(workSeconds) => clock({ workSeconds })} />
          <NumberField label="Rest, s" min={0} max={90} value={brief.clock.restSeconds} onChange={(restSeconds) => clock({ restSeconds })} />
          <NumberField label="Rounds" min={1} max={4} value={brief.clock.rounds} onChange={(rounds) => clock({ rounds })} />
        </div>
      )}
      <label className="field">
        <span>Music</span>
        <select
          className="input"
          value={musicOf(brief) ?? ''}
          onChange={({ target }) => onChange({ music: target.value === '' ? undefined : Number(target.value) })}
        >
          {musicOf({ ...brief, music: undefined }) === undefined && <option value="">without</option>}
          {[...new Set([...MUSIC.map(({ bpm }) => bpm), ...(brief.music === undefined ? [] : [brief.music])])].map((bpm) => (
            <option key={bpm} value={bpm}>
              {[MUSIC.find((recipe) => recipe.bpm === bpm)?.title ?? 'music of your own', `${bpm} beats a minute`].join(', ')}
            </option>
          ))}
        </select>
      </label>
    </>
  )
}
