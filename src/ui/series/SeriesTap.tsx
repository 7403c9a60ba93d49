'use client'
import { useRouter } from 'next/navigation'
import type { ReactNode } from 'react'
import type { Series } from '@/core/progress'
import { keepSeries } from '@/server/actions/classes'
import { TapButton } from '../shell/TapButton'

/** One tap that makes a series otherwise. */
export function SeriesTap({ classId, revision, to, children }: { classId: string; revision: number; to: Series; children: ReactNode }) {
  const router = useRouter()
  return (
    <TapButton ask={() => keepSeries({ id: classId, revision, series: to })} done={() => router.refresh()}>
      {children}
    </TapButton>
  )
}
