import { ceilingWords } from '@/core/effort'
import type { Reason } from '@/core/formats'
import { EVIDENCE_WORDS } from '@/core/safety/condition'
import { changeWords } from '@/core/safety/words'
import type { Explanation, OptionView } from '@/workers/designerContract'
import { useMassUnit } from '../shell/mass'
import { effortWords } from './effortWords'

const OUTCOME: Record<Explanation['verdict'], string> = {
  'as-planned': 'As planned',
  modify: 'Same movement, adjusted',
  swap: 'Another version',
  'leave-out': 'Sits this one out',
}
const THEN: Record<Reason['then'], string> = { avoid: 'Not this', modify: 'Change', caution: 'Say', prefer: 'Good for' }

/** What can be done with another way: offered as a level beside the planned one, or planned for everybody. */
type Take = (option: OptionView, as: 'level' | 'plan') => void

/** Why a cell reads as it does: the deciding reason first, each with its rule, source and the words to say. */
export function Reasons({ explanation, onTake }: { explanation: Explanation; onTake?: Take }) {
  const unit = useMassUnit()
  const { verdict, gate, scope, reasons, changes, sessionChanges, options, rest, pending, unlisted } = explanation
  const asked = reasons.filter((reason) => reason.then === 'avoid' || reason.then === 'modify')
  const said = reasons.filter((reason) => reason.then === 'caution' || reason.then === 'prefer')
  const use = verdict === 'as-planned' || verdict === 'modify' ? undefined : options[0]
  return (
    <div className="flex flex-col gap-5">
      <p className="font-serif text-[1.35rem] text-plum">{scope === 'session' ? 'No exercise until this is settled' : OUTCOME[verdict]}</p>
      {explanation.overruled && (
        <p className="border-l-4 border-plum pl-3">
          On the word of {explanation.overruled.by}, against “{OUTCOME[explanation.overruled.verdict].toLowerCase()}”: {explanation.overruled.reason}
        </p>
      )}
      {gate && <p className="border-l-4 border-effort pl-3">{gate.text}</p>}
      {verdict === 'modify' && changes.length + sessionChanges.length > 0 && (
        <ul className="list-none">
          {changes.map((change) => (
            <li key={change.attribute}>→ {changeWords(change, unit)}</li>
          ))}
          {sessionChanges.map(({ field, say }) => (
            <li key={field}>→ {say}</li>
          ))}
        </ul>
      )}
      {use && (
        <p>
          Does <b>{use.movement}</b>: {use.name}
          {use.changes.length > 0 && <span className="text-soft">, with {use.changes.map((change) => changeWords(change, unit)).join('; ')}</span>}
          {use.sessionChanges.length > 0 && <span className="text-soft"> {use.sessionChanges.map(({ say }) => say).join(' ')}</span>}
          {onTake && <TakeIt option={use} onTake={onTake} />}
        </p>
      )}
      {rest && scope !== 'session' && <p>Instead: {rest}.</p>}
      {explanation.keptLower !== undefined && (
        <p className="border-l-4 border-effort pl-3">
          The log took them a step down in this movement, to “{explanation.keptLower}”. They stay there till you take them up again under Who is
          ready.
        </p>
      )}
      {asked.length > 0 && <ReasonList title="Why" reasons={asked} />}
      {options.length > 1 && (
        <section>
          <h3 className="mb-1">Also possible</h3>
          <ul className="flex flex-col gap-1">
            {options.slice(1).map((option) => (
              <li key={option.id}>
                {option.movement}: {option.name}
                {option.changes.length > 0 && (
                  <span className="text-soft"> ({option.changes.map((change) => changeWords(change, unit)).join('; ')})</span>
                )}
                {onTake && <TakeIt option={option} onTake={onTake} />}
              </li>
            ))}
          </ul>
        </section>
      )}
      {asked.length > 0 && reasons.some(({ then }) => then === 'prefer') && (
        <p className="border-l-4 border-line pl-3">
          Two rules pull in opposite directions here. They are not voted on: the stricter one holds, and what is good for this person is sought within
          it.
        </p>
      )}
      {said.length > 0 && <ReasonList title="Keep in mind" reasons={said} />}
      <p className="text-soft">
        {ceilingWords(explanation.ceiling)} {explanation.effort && `Expected in this class: ${effortWords(explanation.effort)}`}
      </p>
      {pending.length > 0 && (
        <p className="text-soft">
          A clinician’s agreement is advised and not on file: {pending.join(', ')}. Until then effort stays at 4 and steps stay soft.
        </p>
      )}
      {unlisted.length > 0 && (
        <p className="text-soft">
          Not in the rule base: {unlisted.join('; ')}. Until a clinician’s word about it is on file, effort stays at 4 and steps stay soft.
        </p>
      )}
      <p className="text-[0.94rem] text-soft">
        Velvet Step supports a trained instructor and clears nobody. What this person’s own clinician says, local rules and the emergency plan of the
        house come first.
      </p>
    </div>
  )
}

function TakeIt({ option, onTake }: { option: OptionView; onTake: Take }) {
  const link = 'ml-2 text-[0.94rem] link'
  return (
    <>
      {option.asLevel && (
        <button type="button" className={link} onClick={() => onTake(option, 'level')}>
          Offer it as a level
        </button>
      )}
      <button type="button" className={link} onClick={() => onTake(option, 'plan')}>
        Plan it for all
      </button>
    </>
  )
}

function ReasonList({ title, reasons }: { title: string; reasons: Reason[] }) {
  return (
    <section>
      <h3 className="mb-1">{title}</h3>
      <ol className="flex flex-col gap-3">
        {reasons.map((reason) => (
          <li key={reason.id} className="border-t border-line pt-2">
            <p>{reason.why}</p>
            {reason.limit && (
              <p className="text-soft">
                Limit {reason.limit.allowed}, planned {reason.limit.planned}.
              </p>
            )}
            {reason.offer && <p className="text-soft">Offer: {reason.offer}</p>}
            {reason.cue && <p className="font-serif italic">“{reason.cue}”</p>}
            <p className="text-[0.94rem] text-soft">
              {THEN[reason.then]} · {reason.id} · {reason.condition} · {EVIDENCE_WORDS[reason.evidence]}
              {reason.sources.length > 0 && ` · ${reason.sources.join(', ')}`}
            </p>
          </li>
        ))}
      </ol>
    </section>
  )
}
