import { type LeadEvent, type LeadState, type LedItem, nextLoad, plannedIn, type Said, takesIn, waysOf } from '@/core/lead'
import { LEVEL_LETTERS } from '@/core/plan'
import { sayMass } from '@/core/vocabulary'
import { PersonBadge } from '../people/PersonBadge'
import { Sheet } from '../shell/Sheet'
import { loadWords } from './leadWords'
import { asListed, type LeadPack, nameIn } from './pack'

interface Props {
  item: LedItem
  state: LeadState
  pack: LeadPack
  tap: (kind: LeadEvent['kind'], more?: Said) => void
  onClose: () => void
}

/** Who takes which version, and what they lift: for everybody at once, and for each. Only what somebody may do is offered. */
export function TakesSheet({ item, state, pack, tap, onClose }: Props) {
  const unit = pack.house.masses
  const takes = asListed(pack, takesIn(item, state))
  const nameOf = (variant: string): string => {
    const about = pack.variants[variant]
    if (!about) return variant
    return about.movement === item.movement ? about.name : `${about.movement}: ${about.name}`
  }
  // what anybody may do can be for all: who may not stays with their own
  const forAll = [...new Set([...item.shown, ...Object.values(item.uses).flatMap((use) => waysOf(use).map(({ variant }) => variant))])]
  // gentlest first: what somebody calls out on the day
  const levels = Object.keys(item.notFor).slice(0, LEVEL_LETTERS.length)
  const count = (variant: string) => Object.values(item.uses).filter((use) => waysOf(use).some((way) => way.variant === variant)).length
  return (
    <Sheet open onClose={onClose} title={item.movement} wide>
      <div className="flex flex-col gap-5">
        <label className="field max-w-[30rem]">
          <span>For everybody who may</span>
          <select
            className="input min-h-12"
            value={state.swaps[item.id] ?? plannedIn(item) ?? ''}
            onChange={({ target }) => tap('swap', { item: item.id, variant: target.value })}
          >
            {forAll.map((variant) => (
              <option key={variant} value={variant}>
                {nameOf(variant)} ({count(variant)} may)
              </option>
            ))}
          </select>
        </label>
        <ul>
          {takes.map(({ person, variant, kg, band }) => {
            const use = item.uses[person]!
            const name = nameIn(pack, person)
            const load = (by: 'lighter' | 'heavier') => {
              const next = nextLoad(use, kg, by)
              return (
                <button
                  type="button"
                  className="quiet min-h-11"
                  disabled={next === undefined}
                  onClick={() => next !== undefined && tap('load', { item: item.id, person, kg: next })}
                >
                  {by === 'lighter' ? 'Lighter' : 'Heavier'}
                </button>
              )
            }
            return (
              <li
                key={person}
                className="grid grid-cols-[2.75rem_9rem_1fr] items-center gap-x-3 gap-y-1 border-t border-line py-1.5 max-sm:grid-cols-[2.75rem_1fr]"
              >
                <PersonBadge id={person} name={name} size={38} />
                <b>{name}</b>
                <div className="flex flex-wrap items-center gap-2 max-sm:col-span-2">
                  {levels.length > 0 && (
                    <fieldset className="flex gap-1" aria-label={`${name}: level`}>
                      {levels.map((level, index) => (
                        <button
                          key={level}
                          type="button"
                          className="quiet min-h-11 min-w-11 justify-center"
                          aria-pressed={variant === level}
                          title={nameOf(level)}
                          disabled={!waysOf(use).some((way) => way.variant === level)}
                          onClick={() => tap('version', { item: item.id, person, variant: level })}
                        >
                          {LEVEL_LETTERS[index]}
                        </button>
                      ))}
                    </fieldset>
                  )}
                  <select
                    className="input min-h-11 min-w-56 flex-1"
                    aria-label={`${name}: version`}
                    value={variant ?? 'rest'}
                    onChange={({ target }) => tap('version', { item: item.id, person, variant: target.value })}
                  >
                    {waysOf(use).map(({ variant: one, changes }) => (
                      <option key={one} value={one}>
                        {nameOf(one)}
                        {changes.length > 0 && ` (${changes.join(', ')})`}
                      </option>
                    ))}
                    <option value="rest">sits it out and breathes</option>
                  </select>
                  {band !== undefined && <span>{loadWords({ band }, unit)}</span>}
                  {band === undefined && kg !== undefined && (
                    <>
                      <span className="w-16 text-right">{sayMass(kg, unit)}</span>
                      {load('lighter')}
                      {load('heavier')}
                    </>
                  )}
                </div>
              </li>
            )
          })}
        </ul>
        {takes.length === 0 && <p>Nobody is in this one.</p>}
        <p className="text-[0.94rem] text-soft">
          Offered is what each person may do today by the rules. A change holds for this movement in this class.
        </p>
      </div>
    </Sheet>
  )
}
