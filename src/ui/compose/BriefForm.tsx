import { MUSCLE_WORDS } from '@/content/muscleWords'
import { BRIEF_MINUTES, type ClassBrief, LEVELS, PLACES } from '@/core/compose'
import { QUALITIES } from '@/core/coverage'
import { EVERYDAY_FUNCTIONS, MUSCLES } from '@/core/movement'
import { EVERYDAY_WORDS, QUALITY_WORDS } from '../design/coverageWords'
import { KitTicks } from '../design/KitTicks'
import { Chip } from '../shell/Chip'
import { NumberField } from '../shell/NumberField'
import { AtLeast } from './AtLeast'
import { PLACE_WORDS } from './composeWords'
import { MainPart } from './MainPart'

interface Props {
  brief: ClassBrief
  movements: { id: string; name: string }[]
  onChange: (change: Partial<ClassBrief>) => void
}

const WEIGHTS = ['not sought', 'a little', 'yes', 'above all'] as const
const LEVEL_WORDS = { gentler: 'gentler than usual', usual: 'as usual', harder: 'harder than usual' } as const
const toggled = <T,>(all: readonly T[], one: T, on: boolean): T[] => (on ? [...all, one] : all.filter((other) => other !== one))

/** What a class is to be. */
export function BriefForm({ brief, movements, onChange }: Props) {
  const nameOf = (id: string) => movements.find((one) => one.id === id)?.name ?? id
  const picked = (field: 'pinned' | 'banned', title: string) => (
    <div className="field">
      <label htmlFor={field}>{title}</label>
      <select
        id={field}
        className="input"
        value=""
        onChange={({ target }) =>
          target.value !== '' && onChange({ [field]: toggled(brief[field], target.value, !brief[field].includes(target.value)) })
        }
      >
        <option value="">choose a movement…</option>
        {movements.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
      {brief[field].length > 0 && (
        <div className="mt-1 flex flex-wrap gap-1">
          {brief[field].map((id) => (
            <Chip
              key={id}
              on
              aria-label={`${title}: ${nameOf(id)}, take it away`}
              onToggle={() => onChange({ [field]: toggled(brief[field], id, false) })}
            >
              {nameOf(id)} ×
            </Chip>
          ))}
        </div>
      )}
    </div>
  )
  return (
    <div className="flex flex-col gap-4">
      <div className="flex gap-2 [&>label]:min-w-0 [&>label]:flex-1">
        <NumberField
          label="Minutes"
          min={BRIEF_MINUTES.least}
          max={BRIEF_MINUTES.most}
          value={brief.minutes}
          onChange={(minutes) => onChange({ minutes })}
        />
        <NumberField label="New, at most" min={0} max={40} value={brief.mostNew} onChange={(mostNew) => onChange({ mostNew })} />
        <NumberField label="Versions" min={1} max={4} value={brief.tracks} onChange={(tracks) => onChange({ tracks })} />
      </div>
      <fieldset>
        <legend className="font-serif text-[1.1rem]">What it is for</legend>
        <div className="mt-1 grid grid-cols-[1fr_9rem] items-center gap-x-3 gap-y-1">
          {QUALITIES.map((quality) => (
            <label key={quality} className="contents">
              <span>{QUALITY_WORDS[quality]}</span>
              <select
                className="input min-h-9 py-0"
                value={Math.round(brief.goals[quality])}
                onChange={({ target }) => onChange({ goals: { ...brief.goals, [quality]: Number(target.value) } })}
              >
                {WEIGHTS.map((words, weight) => (
                  <option key={words} value={weight}>
                    {words}
                  </option>
                ))}
              </select>
            </label>
          ))}
        </div>
      </fieldset>
      <fieldset>
        <legend className="font-serif text-[1.1rem]">Where</legend>
        <div className="mt-1 flex flex-wrap gap-1">
          {PLACES.map((place) => (
            <Chip
              key={place}
              on={brief.places.includes(place)}
              onToggle={(on) => {
                const places = toggled(brief.places, place, on)
                if (places.length > 0) onChange({ places, room: { ...brief.room, floorWork: places.includes('floor') } })
              }}
            >
              {PLACE_WORDS[place]}
            </Chip>
          ))}
        </div>
        <div className="mt-2 flex gap-2 [&>label]:min-w-0 [&>label]:flex-1">
          <NumberField
            label="Changes between them, at most"
            min={0}
            max={12}
            value={brief.mostPlaceChanges}
            otherwise="as it takes"
            onChange={(mostPlaceChanges) => onChange({ mostPlaceChanges })}
            onClear={() => onChange({ mostPlaceChanges: undefined })}
          />
          {brief.places.includes('floor') && (
            <NumberField
              label="Trips to the floor, at most"
              min={0}
              max={3}
              value={brief.mostFloorTrips}
              onChange={(mostFloorTrips) => onChange({ mostFloorTrips })}
            />
          )}
        </div>
      </fieldset>
      <label className="field">
        <span>How hard</span>
        <select className="input" value={brief.level} onChange={({ target }) => onChange({ level: target.value as ClassBrief['level'] })}>
          {LEVELS.map((level) => (
            <option key={level} value={level}>
              {LEVEL_WORDS[level]}
            </option>
          ))}
        </select>
      </label>
      <MainPart brief={brief} onChange={onChange} />
      {picked('pinned', 'With')}
      {picked('banned', 'Without')}
      <AtLeast brief={brief} onChange={onChange} />
      <details>
        <summary className="min-h-11 cursor-pointer py-2">For daily life</summary>
        <div className="flex flex-wrap gap-1">
          {EVERYDAY_FUNCTIONS.map((use) => (
            <Chip key={use} on={brief.everyday.includes(use)} onToggle={(on) => onChange({ everyday: toggled(brief.everyday, use, on).slice(-6) })}>
              {EVERYDAY_WORDS[use]}
            </Chip>
          ))}
        </div>
      </details>
      <details>
        <summary className="min-h-11 cursor-pointer py-2">Muscles above others</summary>
        <div className="flex flex-wrap gap-1">
          {MUSCLES.map((muscle) => (
            <Chip key={muscle} on={brief.areas.includes(muscle)} onToggle={(on) => onChange({ areas: toggled(brief.areas, muscle, on).slice(-8) })}>
              {MUSCLE_WORDS[muscle]}
            </Chip>
          ))}
        </div>
      </details>
      <details>
        <summary className="min-h-11 cursor-pointer py-2">What is there beside chairs</summary>
        <KitTicks
          kit={brief.room.kit}
          onChange={(kit) => onChange({ room: { ...brief.room, kit } })}
          enoughFor={brief.room.enoughFor}
          onEnough={(enoughFor) => onChange({ room: { ...brief.room, enoughFor } })}
        />
      </details>
    </div>
  )
}
