import type { SeriesDay } from '@/core/progress'

/** Where a session stands in its series, for the head of a sheet: "week 3 of 8, legs, a gentler week". */
export const seriesWords = ({ week, of, gentler, focus }: Pick<SeriesDay, 'week' | 'of' | 'gentler'> & { focus: string }): string =>
  [`week ${week} of ${of}`, focus, gentler && 'a gentler week'].filter(Boolean).join(', ')
