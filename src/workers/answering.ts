/** What comes back for a question: its answer, or why there is none. */
export type Reply = { id: number; answer: unknown } | { id: number; fault: string }

/** Lets a worker answer questions, each by its number; what goes wrong in one is told as its fault and leaves the worker standing. */
export function answering<Request extends { id: number }>(answer: (request: Request) => unknown, after?: (request: Request) => void): void {
  self.onmessage = ({ data }: MessageEvent<Request>) => {
    const reply = (said: Reply) => self.postMessage(said)
    try {
      reply({ id: data.id, answer: answer(data) })
      after?.(data)
    } catch (error) {
      reply({ id: data.id, fault: error instanceof Error ? error.message : String(error) })
    }
  }
}
