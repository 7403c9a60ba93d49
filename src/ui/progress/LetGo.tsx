'use client'
import { letGoStep } from '@/server/actions/people'
import { TapButton } from '../shell/TapButton'

/** Somebody who stays a step lower may take whatever the rules let them again. */
export const LetGo = ({ clientId, movement, name }: { clientId: string; movement: string; name: string }) => (
  <TapButton ask={() => letGoStep({ clientId, movement })} label={`${name}: let it go`} className="quiet min-h-11 shrink-0">
    Let it go
  </TapButton>
)
