import type { CueLine } from '@/core/formats'

const Soft = ({ children }: { children: React.ReactNode }) => (
  <span className="block text-soft print:inline print:before:content-['_']">{children}</span>
)

/** What changed since the line before: what stays as it was is not said again. */
const changed = (now: string, before: string | undefined): string => (now === before ? '' : now)

/** One line of the cue sheet. @param house what the house says here for the first time */
export function CueRow({ line, before, house }: { line: CueLine; before: CueLine | undefined; house: readonly string[] }) {
  const isNew = before?.block !== line.block || before.part !== line.part
  const they = [changed(line.stand, before?.stand), changed(line.stance, before?.stance), changed(line.grip, before?.grip)].filter(Boolean)
  return (
    <tr className={`break-inside-avoid align-top max-sm:block max-sm:py-2 ${isNew ? 'border-t-2 border-ink' : 'border-t border-line'}`}>
      <td className="max-sm:block py-1 pr-2 print:py-px print:pr-1">{line.at}</td>
      <td className="max-sm:block py-1 pr-3 print:py-px print:pr-1.5">
        {isNew && line.version !== '' && (
          <span className="block text-soft">
            {line.part}: {line.block}
          </span>
        )}
        <b>{line.movement}</b>
        {line.version !== '' && `, ${line.version.toLowerCase()}`}
        <span className="block print:inline">
          {' '}
          {line.dose}
          {line.count && `; count ${line.count}`}
        </span>
        {line.levels.length > 0 && <Soft>levels: {line.levels.join(' · ').toLowerCase()}</Soft>}
        {line.levels.length === 0 && (line.gentler || line.harder) && (
          <Soft>
            {line.gentler && `gentler: ${line.gentler.toLowerCase()}`}
            {line.gentler && line.harder && ' · '}
            {line.harder && `harder: ${line.harder.toLowerCase()}`}
          </Soft>
        )}
      </td>
      <td className="max-sm:block py-1 pr-3 print:py-px print:pr-1.5">{they.join('; ')}</td>
      <td className="max-sm:block py-1 pr-3 print:py-px print:pr-1.5">
        {line.announce && <b className="block">First: {line.announce}.</b>}
        {line.say} {line.breath} {house.join(' ')}
        {!line.fits && (
          <span className="block text-effort">
            {line.readingSeconds} s to say it all: more than there is time for. Say the first half, show the rest.
          </span>
        )}
      </td>
      <td className="max-sm:block py-1 print:py-px">
        {line.watch}
        {line.feel && <Soft>Felt: {line.feel}.</Soft>}
        {line.serves && <span className="block text-soft print:hidden">For {line.serves}.</span>}
      </td>
    </tr>
  )
}
