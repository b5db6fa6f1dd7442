/** One line of a menu. */
export type MenuItem = {
  readonly id: string;
  readonly label: string;
  /** Its key, shown beside it. */
  readonly hint?: string | undefined;
  /** It cannot be picked now. */
  readonly disabled?: boolean | undefined;
  /** One of several is the one that holds now. */
  readonly now?: boolean;
  /** Where it leads; without one it is picked. */
  readonly href?: string;
};

/** Lines that belong together, under a name where they have one. */
export type MenuGroup = { readonly title: string | null; readonly items: readonly MenuItem[] };
