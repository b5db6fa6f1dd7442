import type { ShareList } from '../shell/shares';

/** What can be copied, printed and saved of a sheet. */
export const SHEETS_SHARES = {
  copies: ['link', 'pupils'],
  prints: ['print', 'printKey'],
  files: ['pdf', 'pdfVersions', 'pdfClass', 'musicxml', 'csv', 'csvBars'],
} as const satisfies ShareList<string>;

export type SheetsWay = Exclude<
  (typeof SHEETS_SHARES)['copies' | 'prints' | 'files'][number],
  'print' | 'printKey'
>;
