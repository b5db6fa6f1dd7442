/** What the answers hear of the keys that walk them. */
export type AskKeys = { readonly move: (by: 1 | -1) => void; readonly take: () => void };
