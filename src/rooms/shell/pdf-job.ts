/** How far a document has come, and the way to stop it. */
export type Job = { readonly done: number; readonly of: number; readonly stop: () => void };

/** The document that is being written, if any. It stands apart from the room, which rests while it goes on. */
export type JobNow = {
  readonly now: () => Job | null;
  readonly set: (job: Job | null) => void;
  readonly listen: (told: () => void) => () => void;
};

export function jobNow(): JobNow {
  let job: Job | null = null;
  const told = new Set<() => void>();
  return {
    now: () => job,
    set: (next) => {
      job = next;
      for (const tell of told) tell();
    },
    listen: (tell) => {
      told.add(tell);
      return () => told.delete(tell);
    },
  };
}
