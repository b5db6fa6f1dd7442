/** What can be done with one of several that a word holds. */
export const LIST_WORDS = { on: 'taken on', take: 'take it on', off: 'leave it out' } as const;
