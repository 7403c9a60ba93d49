import { type Day, overrulesOn } from '@/core/client'
import type { Catalogue } from '@/core/movement'
import type { StoredOverrule } from '@/server/repositories/overrules'
import type { Overruled } from '@/ui/fit/OverruleList'
import { dateWords } from '@/ui/shell/days'

interface Named {
  catalogue: Catalogue
  /** titles of the classes, by id */
  titles: ReadonlyMap<string, string>
  /** names of the people, by id; left out where everything is about one */
  people?: ReadonlyMap<string, string>
}

/** What holds on the instructor's own word on a day, in words. @param classId only what holds in this class; left out = wherever it holds */
export const overruledIn = (stored: readonly StoredOverrule[], day: Day, { catalogue, titles, people }: Named, classId?: string): Overruled[] =>
  stored.flatMap(({ id, clientId, record }): Overruled[] => {
    if (overrulesOn([record], day, classId ?? record.classId).length === 0) return []
    const entry = catalogue.byId.get(record.variant)
    const person = people?.get(clientId)
    const inClass = record.classId === undefined ? undefined : (titles.get(record.classId) ?? 'a class that is gone')
    return [
      {
        id,
        ...(person !== undefined && { person }),
        movement: entry ? `${entry.movement.name}: ${entry.variant.name}` : record.variant,
        ...(inClass !== undefined && { inClass }),
        until: dateWords(record.until),
        reason: record.reason,
        by: record.by,
        on: dateWords(record.on),
      },
    ]
  })
