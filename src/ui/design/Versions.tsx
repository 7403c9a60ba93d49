'use client'
import { useCallback, useEffect, useRef, useState, useTransition } from 'react'
import { backTo, differences, type Edit, type Item, itemsOf, type PlanDraft } from '@/core/plan'
import { type KeptVersion, keepVersion, listVersions, removeVersion } from '@/server/actions/versions'
import { answered, refusalWords } from '../shell/answered'
import { dateWords } from '../shell/days'
import { useMassUnit } from '../shell/mass'
import { differenceWords } from './differenceWords'
import type { useDesk } from './useDesk'

interface Props {
  classId: string
  plan: PlanDraft
  ask: ReturnType<typeof useDesk>
  /** saves what was typed last. @returns whether all is kept */
  saved: () => Promise<boolean>
  onEdit: (edit: Edit) => void
}

/** What has changed from a version that was kept to the plan as it is, or to another version. */
function Changes({ from, to, ask }: { from: PlanDraft; to: PlanDraft; ask: Props['ask'] }) {
  const unit = useMassUnit()
  const [names, setNames] = useState<Record<string, { movement: string; name: string }>>()
  useEffect(() => {
    let live = true
    const ids = [...new Set([...itemsOf(from), ...itemsOf(to)].flatMap(({ item }) => item.variant ?? []))]
    void ask('names', { ids }).then((found) => live && setNames(found))
    return () => {
      live = false
    }
  }, [ask, from, to])
  if (!names) return <p className="text-soft">Looking…</p>
  const nameOf = ({ variant, described }: Item) => {
    const known = variant === undefined ? undefined : names[variant]
    return known ? `${known.movement}, ${known.name.toLowerCase()}` : (described?.name ?? variant ?? '')
  }
  const found = differences(from, to, unit)
  if (found.length === 0) return <p className="text-soft">Nothing has changed since.</p>
  return (
    <ul className="list-disc pl-5" aria-label="Changed since">
      {found.map((difference, index) => (
        <li key={index}>{differenceWords(difference, nameOf)}</li>
      ))}
    </ul>
  )
}

/** A version beside the plan as it is now, or beside any other that was kept. */
function Comparison({
  version,
  versions,
  plan,
  ask,
}: {
  version: KeptVersion
  versions: readonly KeptVersion[]
  plan: PlanDraft
  ask: Props['ask']
}) {
  const [other, setOther] = useState('')
  const others = versions.filter(({ id }) => id !== version.id)
  const to = others.find(({ id }) => id === other)
  return (
    <>
      {others.length > 0 && (
        <label className="field">
          <span>Changed up to</span>
          <select className="input" value={to ? other : ''} onChange={({ target }) => setOther(target.value)}>
            <option value="">the plan as it is now</option>
            {others.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
      )}
      <Changes from={version.plan} to={to?.plan ?? plan} ask={ask} />
    </>
  )
}

/** Versions of the plan that were kept under a name: to look what has changed since, and to go back. */
export function Versions({ classId, plan, ask, saved, onEdit }: Props) {
  const [versions, setVersions] = useState<KeptVersion[]>()
  const [name, setName] = useState('')
  const [compared, setCompared] = useState<string>()
  const [message, setMessage] = useState('')
  const [busy, start] = useTransition()
  const key = useRef(crypto.randomUUID())
  const load = useCallback(async () => {
    const outcome = await answered(listVersions({ classId }))
    if (outcome.ok) setVersions(outcome.versions)
    else setMessage(refusalWords(outcome))
  }, [classId])
  useEffect(() => void load(), [load])
  const keep = () =>
    start(async () => {
      if (!(await saved())) return setMessage('Not kept: your last change is not saved yet.')
      const outcome = await answered(keepVersion({ key: key.current, classId, name }))
      if (!outcome.ok) return setMessage(refusalWords(outcome))
      key.current = crypto.randomUUID()
      setName('')
      setMessage('')
      await load()
    })
  const remove = (id: string) =>
    start(async () => {
      const outcome = await answered(removeVersion({ id }))
      setMessage(outcome.ok ? '' : refusalWords(outcome))
      await load()
    })
  return (
    <fieldset className="border-t-2 border-line pt-3">
      <legend className="float-left w-full font-serif text-[1.1rem]">Versions</legend>
      <div className="clear-both flex flex-wrap items-end gap-3">
        <label className="field grow">
          <span>Keep the plan as it is now, as</span>
          <input className="input" maxLength={80} value={name} onChange={({ target }) => setName(target.value)} />
        </label>
        <button type="button" className="quiet" disabled={busy || name.trim() === ''} onClick={keep}>
          Keep this version
        </button>
      </div>
      <ul className="mt-2 flex flex-col">
        {versions?.map((version) => (
          <li key={version.id} className="border-b border-line py-1">
            <p className="flex flex-wrap items-center gap-x-3">
              <b className="grow">{version.name}</b>
              <span className="text-soft">{dateWords(version.keptOn)}</span>
            </p>
            <p className="flex flex-wrap gap-x-2">
              <button
                type="button"
                className="quiet"
                aria-expanded={compared === version.id}
                onClick={() => setCompared(compared === version.id ? undefined : version.id)}
              >
                What has changed since
              </button>
              <button type="button" className="quiet" onClick={() => onEdit(backTo(plan, version.plan))}>
                Go back to it
              </button>
              <button type="button" className="quiet" disabled={busy} onClick={() => remove(version.id)}>
                Forget it
              </button>
            </p>
            {compared === version.id && <Comparison version={version} versions={versions} plan={plan} ask={ask} />}
          </li>
        ))}
      </ul>
      <p role="status" className="wrong">
        {message}
      </p>
    </fieldset>
  )
}
