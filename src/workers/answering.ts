/** What comes back for a question: its answer, or why there is none. */
export type Reply = { id: number; answer: unknown } | { id: number; fault: string }

/** The reply to a question; what goes wrong in one is told as its fault and leaves the worker standing. */
export async function replyTo<Request extends { id: number }>(request: Request, answer: (request: Request) => unknown): Promise<Reply> {
  try {
    return { id: request.id, answer: await answer(request) }
  } catch (error) {
    return { id: request.id, fault: error instanceof Error ? error.message : String(error) }
  }
}

/** Lets a worker of the browser answer questions, each by its number. */
export function answering<Request extends { id: number }>(answer: (request: Request) => unknown, after?: (request: Request) => void): void {
  self.onmessage = async ({ data }: MessageEvent<Request>) => {
    self.postMessage(await replyTo(data, answer))
    after?.(data)
  }
}
