/** The words on paper. */
export const PAPER_WORDS = {
  name: 'Name',
  date: 'Date',
  working: (method: string) => method,
  proof: 'Checked',
  blankWorking: 'Working',
  staff: 'Staff',
  stride: 'Stride',
  foot: 'Moon Step',
} as const;
