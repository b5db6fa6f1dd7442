/** Whether a text begins as a backup does. */
export function looksLikeBackup(text: string): boolean {
  return /^\s*\{[^{}[\]]{0,400}"format"\s*:\s*"moon-step-backup"/u.test(text.slice(0, 600));
}
