'use client'
import { createContext, useContext } from 'react'
import type { MassUnit } from '@/core/vocabulary'

const Unit = createContext<MassUnit>('kg')

/** What is below says masses in the unit of the house. */
export const MassProvider = Unit.Provider

/** The unit in which the house says masses. */
export const useMassUnit = (): MassUnit => useContext(Unit)
