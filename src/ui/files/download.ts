/** A file ready to be handed to the browser. */
export type ReadyFile = { readonly name: string; readonly type: string; readonly content: string | Blob };

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
