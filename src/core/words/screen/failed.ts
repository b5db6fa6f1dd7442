/** What is said where a view fails. */
export const FAILED_WORDS = {
  title: (what: string) => `${what} could not be shown.`,
  room: (reason: string) =>
    `Nothing kept is lost, and the address still holds your sentence. What went wrong: ${reason}.`,
  card: (reason: string) => `The rest of the room goes on without it. What went wrong: ${reason}.`,
  again: 'Try again',
  backup: 'Save a backup',
} as const;
