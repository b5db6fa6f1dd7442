/** What can be copied, printed or saved, by the order of the menu. */
export type ShareList<Id extends string> = {
  readonly copies: readonly Id[];
  readonly prints: readonly Id[];
  readonly files: readonly Id[];
};

/** Ways of sharing with what each is called. */
export type Shares = { readonly list: ShareList<string>; readonly names: Readonly<Record<string, string>> };

/** The keys of those that have one. */
export const PRINT_KEYS: Readonly<Record<string, string>> = { print: 'P', printBlank: 'B' };
