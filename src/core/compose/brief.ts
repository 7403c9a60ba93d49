import { z } from 'zod'
import { QUALITIES, type Quality } from '../coverage'
import { EVERYDAY_FUNCTIONS, MUSCLES } from '../movement'
import { roomSchema } from '../plan'

/** How gentle a composed class is: the effort that no item is planned above, 0 to 10. */
export const LEVELS = ['gentler', 'usual', 'harder'] as const
export type BriefLevel = (typeof LEVELS)[number]
/** Strength is trained at 5 to 6, and frailer groups at 4 (rule base 5.1). */
export const MOST_RPE: Readonly<Record<BriefLevel, number>> = { gentler: 4, usual: 6, harder: 7 }

/**
 * How the main part runs: one movement after the other, two in turn with two sets each, all of a place in rounds, work and rest by the clock, all of one side
 * and then of the other, counted to music without a stop, or with its steps built up into patterns.
 */
export const MAIN_FORMS = ['sets', 'pairs', 'rounds-2', 'rounds-3', 'clock', 'sides', 'counts', 'phrases'] as const
export type MainForm = (typeof MAIN_FORMS)[number]

/** What carries the body, as far as a brief tells them apart. */
export const PLACES = ['seat', 'stand', 'floor', 'bed'] as const
export type Place = (typeof PLACES)[number]

const movement = z.string().min(1).max(90)
const goals = Object.fromEntries(QUALITIES.map((quality) => [quality, z.number().min(0).max(3).default(0)])) as Record<
  Quality,
  z.ZodDefault<z.ZodNumber>
>

/** Length of a composed class, min. */
export const BRIEF_MINUTES = { least: 10, most: 90 } as const

/** Tempo that a class is composed to, beats a minute. */
export const BRIEF_BPM = { least: 60, most: 140 } as const

/** What a class is to be: the wish from which it is composed. */
export const briefSchema = z.strictObject({
  version: z.literal(1),
  title: z.string().trim().min(1, 'a title is needed').max(120),
  minutes: z.number().int().min(BRIEF_MINUTES.least).max(BRIEF_MINUTES.most),
  /** weight of each quality, 0 = not sought */
  goals: z.strictObject(goals).prefault({ strength: 2, balance: 2, mobility: 1, heart: 1, stretch: 1, calm: 0.5 }),
  /** minutes of a quality that there must be, whatever else the class is worth: work that trains, without its rests */
  atLeast: z.partialRecord(z.enum(QUALITIES), z.number().min(0).max(60)).default({}),
  /** muscles to be worked before others */
  areas: z.array(z.enum(MUSCLES)).max(8).default([]),
  /** what it is good for in daily life */
  everyday: z.array(z.enum(EVERYDAY_FUNCTIONS)).max(6).default([]),
  level: z.enum(LEVELS).default('usual'),
  mainForm: z.enum(MAIN_FORMS).default('sets'),
  /** of a main part by the clock: work and rest of each turn, s, and how often all come */
  clock: z
    .strictObject({
      workSeconds: z.number().int().min(15).max(90).default(40),
      restSeconds: z.number().int().min(0).max(90).default(20),
      rounds: z.number().int().min(1).max(4).default(2),
    })
    .prefault({}),
  /** beats a minute of its music; left out = without */
  music: z.number().int().min(BRIEF_BPM.least).max(BRIEF_BPM.most).optional(),
  room: roomSchema.prefault({}),
  places: z.array(z.enum(PLACES)).min(1).default(['seat', 'stand', 'floor']),
  mostFloorTrips: z.number().int().min(0).max(3).default(1),
  /** between chair, feet, floor and bed within the class, at most; left out = as many as it takes */
  mostPlaceChanges: z.number().int().min(0).max(12).optional(),
  /** movements that the group has not met, at most */
  mostNew: z.number().int().min(0).max(40).default(4),
  /** versions shown side by side */
  tracks: z.number().int().min(1).max(4).default(2),
  /** movements that the group has met */
  familiar: z.array(movement).max(400).default([]),
  /** movements of the last sessions: others are taken where they are as good */
  lately: z.array(movement).max(400).default([]),
  /** muscles that were worked hard less than two days before (rule base 5.4): not hard again */
  resting: z.array(z.enum(MUSCLES)).max(MUSCLES.length).default([]),
  pinned: z.array(movement).max(20).default([]),
  banned: z.array(movement).max(500).default([]),
})
/** What of a brief is kept with a class: what was wished. Length, room, people and what was done lately are those of the day it is opened again. */
export const wishesSchema = briefSchema
  .pick({
    goals: true,
    atLeast: true,
    areas: true,
    everyday: true,
    level: true,
    mainForm: true,
    clock: true,
    music: true,
    places: true,
    mostFloorTrips: true,
    mostPlaceChanges: true,
    mostNew: true,
    pinned: true,
    banned: true,
  })
  .strip()
export type Wishes = z.output<typeof wishesSchema>
/** A brief as a file. */
export const briefFileSchema = briefSchema.extend({ format: z.literal('velvet-step/brief') })
export type ClassBrief = z.output<typeof briefSchema>
export type ClassBriefInput = z.input<typeof briefSchema>

/** Tempo of a main part to music where the brief has none, beats a minute: an easy march, a house estimate. */
const USUAL_BPM = 108
/** Beats a minute of a class; undefined = without music. */
export const musicOf = ({ music, mainForm }: Pick<ClassBrief, 'music' | 'mainForm'>): number | undefined =>
  music ?? (mainForm === 'counts' || mainForm === 'phrases' ? USUAL_BPM : undefined)
