/** Whether somebody was there; nothing = nobody said. */
export const PRESENCES = ['present', 'late', 'absent'] as const
export type Presence = (typeof PRESENCES)[number]
export const wasThere = (presence: Presence | null | undefined): boolean => presence === 'present' || presence === 'late'
