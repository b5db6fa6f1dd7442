/** A file ready to be handed to the browser. */
export type ReadyFile = { readonly name: string; readonly type: string; readonly content: string | Blob };

/** A title as part of a file name: its letters and figures, parted by hyphens; something else where it has none. */
export function plainName(title: string, otherwise: string): string {
  return title.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/gu, '') || otherwise;
}

/** Hands a file to the browser's downloads. */
export function download({ name, type, content }: ReadyFile): void {
  const blob = typeof content === 'string' ? new Blob([content], { type }) : content;
  const address = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  // The download begins after this turn; the address may go a little later.
  setTimeout(() => URL.revokeObjectURL(address), 1000);
}
