/** The words on paper. */
export const PAPER_WORDS = {
  name: 'Name',
  date: 'Date',
  proof: 'Checked',
  blankWorking: 'Working',
  drawing: 'Drawing',
  page: (page: number, of: number) => `Page ${page} of ${of}`,
} as const;
