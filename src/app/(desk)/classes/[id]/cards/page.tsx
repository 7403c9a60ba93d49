import { describePicture, pictureOf } from '@/core/movement'
import { itemsOf } from '@/core/plan'
import { cueSheetOf } from '@/server/cueSheet'
import { getClass } from '@/server/repositories/classes'
import { FigureDrawing } from '@/ui/figure/FigureDrawing'
import { seriesWords } from '@/ui/series/seriesWords'
import { ClassHead } from '@/ui/shell/ClassHead'
import { dayWords } from '@/ui/shell/days'
import { named } from '../../../../named'

export const metadata = { title: 'Cue cards' }

/** A card for each movement of a class, to be cut out and held in the hand: what comes, what to say, a step gentler and harder. No name stands on it. */
export default async function CueCardsPage({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ day?: string }> }) {
  const { db, studio, id, found } = await named(params, getClass)
  const { day, plan, at, lines, shelf } = await cueSheetOf(db, studio, found, (await searchParams).day)
  const variants = new Map(itemsOf(plan).map(({ item }) => [item.id, item.variant]))
  const cards = lines.filter(({ version }) => version !== '')
  return (
    <>
      <div className="mb-4 print:hidden">
        <ClassHead classId={id} title={`${plan.title}: cue cards`} prints>
          <p className="text-soft">
            {dayWords(day)}
            {at && ` · ${seriesWords(at)}`} · {cards.length} cards, eight on a page, to be cut along the lines
          </p>
        </ClassHead>
      </div>
      <ol className="grid gap-4 md:grid-cols-2 print:grid-cols-2 print:gap-0">
        {cards.map((line, index) => {
          const entry = shelf.catalogue.byId.get(variants.get(line.item ?? '') ?? '')
          return (
            <li
              key={`${line.at} ${index}`}
              className="grid break-inside-avoid grid-cols-[7rem_1fr] gap-x-4 border border-line p-4 print:min-h-[66mm] print:grid-cols-[22mm_1fr] print:border-dashed print:p-[3.5mm] print:text-[8.6pt] print:leading-tight"
            >
              <div>
                <p className="font-serif text-[1.3rem] print:text-[13pt]">{index + 1}</p>
                {entry && (
                  <FigureDrawing
                    drawing={pictureOf(entry.variant)}
                    label={describePicture(entry.movement, entry.variant)}
                    className="mt-1 h-36 w-full print:h-[36mm]"
                  />
                )}
                <p className="text-soft">{line.at}</p>
              </div>
              <div className="flex flex-col gap-1">
                <h2 className="!text-[1.25rem] leading-tight print:!text-[12pt]">{line.movement}</h2>
                <p>{line.version}</p>
                <p className="font-semibold">{[line.dose, line.count && `count ${line.count}`].filter(Boolean).join('; ')}</p>
                {line.announce && <p className="text-effort">First: {line.announce}.</p>}
                <p>
                  {line.say} {line.breath}
                </p>
                <p>{line.watch}</p>
                <p className="mt-auto text-soft">
                  {line.levels.length > 0
                    ? line.levels.join(' · ')
                    : [line.gentler && `Gentler: ${line.gentler}`, line.harder && `Harder: ${line.harder}`].filter(Boolean).join(' · ')}
                </p>
              </div>
            </li>
          )
        })}
      </ol>
      <p className="mt-4 text-[0.94rem] text-soft print:hidden">
        Who does which version stands on the screen, not on a card. What a person’s own clinician says, local rules and the emergency plan of the
        house come first.
      </p>
    </>
  )
}
