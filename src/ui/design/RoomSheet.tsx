'use client'
import { useState } from 'react'
import { SCHOOL_WORDS } from '@/core/effort'
import { type PlanDraft, PROMISED_MINUTES } from '@/core/plan'
import { SCHOOLS, type School } from '@/core/vocabulary'
import { Check } from '../shell/Check'
import { NumberField } from '../shell/NumberField'
import { Sheet } from '../shell/Sheet'
import { KitTicks } from './KitTicks'

type Fields = Pick<PlanDraft, 'title' | 'promisedMinutes' | 'tracks' | 'iCount' | 'room' | 'school' | 'ceilingBpm'>
const FOOTING_WORDS: Record<PlanDraft['room']['footing'], string> = {
  firm: 'firm and dry',
  soft: 'soft: grass, thick carpet',
  slippery: 'slippery: wet, loose',
}
const BEHIND_WORDS: Record<PlanDraft['room']['behind'], string> = {
  free: 'room, or a wall',
  glass: 'glass or furniture',
  edge: 'a step, water or an edge',
}

function Choice<V extends string>({
  label,
  value,
  words,
  onChange,
}: {
  label: string
  value: V
  words: Record<V, string>
  onChange: (value: V) => void
}) {
  return (
    <label className="field w-40">
      <span>{label}</span>
      <select className="input" value={value} onChange={(event) => onChange(event.target.value as V)}>
        {(Object.entries(words) as [V, string][]).map(([one, said]) => (
          <option key={one} value={one}>
            {said}
          </option>
        ))}
      </select>
    </label>
  )
}

/** Title, length, how many versions are shown, the school of effort, and what the room holds. */
export function RoomSheet({
  plan,
  onClose,
  onChange,
  children,
}: {
  plan: PlanDraft
  onClose: () => void
  onChange: (change: Partial<Fields>, unset?: readonly (keyof Fields)[]) => void
  /** what can be done with the whole class */
  children: React.ReactNode
}) {
  const { room } = plan
  const setRoom = (change: Partial<PlanDraft['room']>) => onChange({ room: { ...room, ...change } })
  const [title, setTitle] = useState(plan.title)
  return (
    <Sheet open onClose={onClose} title="Class and room">
      <div className="flex flex-col gap-5">
        <label className="field">
          <span>Title</span>
          <input
            className="input"
            value={title}
            maxLength={120}
            aria-invalid={title.trim() === ''}
            onChange={(event) => {
              setTitle(event.target.value)
              if (event.target.value.trim() !== '') onChange({ title: event.target.value.trim() })
            }}
          />
          {title.trim() === '' && <span className="wrong">a title is needed</span>}
        </label>
        <div className="flex flex-wrap gap-4">
          <NumberField
            label="Minutes promised"
            value={plan.promisedMinutes}
            min={PROMISED_MINUTES.least}
            max={PROMISED_MINUTES.most}
            onChange={(promisedMinutes) => onChange({ promisedMinutes })}
          />
          <label className="field w-40">
            <span>Versions shown at once</span>
            <select className="input" value={plan.tracks} onChange={(event) => onChange({ tracks: Number(event.target.value) })}>
              {[1, 2, 3, 4].map((count) => (
                <option key={count} value={count}>
                  {count}
                </option>
              ))}
            </select>
          </label>
        </div>
        <Check checked={plan.iCount ?? false} onChange={(ticked) => (ticked ? onChange({ iCount: true }) : onChange({}, ['iCount']))}>
          while leading, counted sets wait for my tap (it can be changed at any time)
        </Check>
        <label className="field">
          <span>Heart-rate school</span>
          <select className="input" value={plan.school} onChange={(event) => onChange({ school: event.target.value as School })}>
            {SCHOOLS.map((school) => (
              <option key={school} value={school}>
                {SCHOOL_WORDS[school].name}: {SCHOOL_WORDS[school].found}
              </option>
            ))}
          </select>
          <span>
            Symptoms come first, then the talk test, then effort, then the pulse. With a beta-blocker, in pregnancy and some more no formula is used
            at all.
          </span>
        </label>
        {plan.school === 'typed' && (
          <NumberField
            label="Pulse at most, beats a minute"
            min={60}
            max={200}
            value={plan.ceilingBpm}
            otherwise="not said"
            onChange={(ceilingBpm) => onChange({ ceilingBpm })}
            onClear={() => onChange({}, ['ceilingBpm'])}
          />
        )}
        <fieldset>
          <legend className="font-serif text-[1.1rem]">The room</legend>
          <Check checked={room.supportInReach} onChange={(ticked) => setRoom({ supportInReach: ticked })}>
            everybody can reach a wall, a heavy chair or a rail
          </Check>
          <Check checked={room.floorWork} onChange={(ticked) => setRoom({ floorWork: ticked })}>
            floor work is possible
          </Check>
          <Check checked={room.barefoot} onChange={(ticked) => setRoom({ barefoot: ticked })}>
            the standing part is done without shoes
          </Check>
          <div className="flex flex-wrap gap-4">
            <NumberField label="Leaders and helpers" value={room.leaders} min={1} max={20} onChange={(leaders) => setRoom({ leaders })} />
            <NumberField label="Temperature, °C" value={room.tempC} min={-10} max={50} onChange={(tempC) => setRoom({ tempC })} />
            <NumberField
              label="Free floor, m²"
              value={room.areaM2}
              min={2}
              max={2000}
              otherwise="not said"
              onChange={(areaM2) => setRoom({ areaM2 })}
              onClear={() => setRoom({ areaM2: undefined })}
            />
            <NumberField
              label="Ceiling, cm"
              value={room.ceilingCm}
              min={180}
              max={2000}
              otherwise="not said"
              onChange={(ceilingCm) => setRoom({ ceilingCm })}
              onClear={() => setRoom({ ceilingCm: undefined })}
            />
            <Choice label="Underfoot" value={room.footing} words={FOOTING_WORDS} onChange={(footing) => setRoom({ footing })} />
            <Choice label="Behind the group" value={room.behind} words={BEHIND_WORDS} onChange={(behind) => setRoom({ behind })} />
          </div>
          <Check checked={room.outdoors} onChange={(ticked) => setRoom({ outdoors: ticked })}>
            outdoors
          </Check>
        </fieldset>
        <fieldset>
          <legend className="font-serif text-[1.1rem]">What is there</legend>
          <p className="text-soft">
            Versions that need other kit are not offered. Chairs are taken for granted. A number says for how many at a time a kind is enough.
          </p>
          <KitTicks kit={room.kit} onChange={(kit) => setRoom({ kit })} enoughFor={room.enoughFor} onEnough={(enoughFor) => setRoom({ enoughFor })} />
        </fieldset>
        {children}
      </div>
    </Sheet>
  )
}
