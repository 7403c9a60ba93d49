/** Somebody else saved first. Nothing was written; the newer version is given so that both can be seen. */
export class StaleError<T> extends Error {
  constructor(
    readonly newer: T,
    readonly newerRevision: number,
  ) {
    super(`this was changed meanwhile (now revision ${newerRevision}); nothing was saved`)
    this.name = 'StaleError'
  }
}

export class NotFoundError extends Error {
  constructor(
    readonly what: string,
    readonly id: string,
  ) {
    super(`there is no ${what} ${id}`)
    this.name = 'NotFoundError'
  }
}

/** A plan cannot be judged, so that nothing can be led by it. */
export class InvalidPlanError extends Error {
  constructor(why: string) {
    super(`this plan cannot be judged: ${why}`)
    this.name = 'InvalidPlanError'
  }
}

/** More versions of a class are kept than anybody looks through. Nothing was written. */
export class TooManyVersionsError extends Error {
  constructor(most: number) {
    super(`${most} versions of this class are kept already; remove one first`)
    this.name = 'TooManyVersionsError'
  }
}
