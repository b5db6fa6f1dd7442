/** Shorthand for sheets, in the way of the table of everything else: what is made, and a question put on one. */
export const UNDERSTOOD_OF_SHEETS = `
sheet                                = place sheets
make a sheet                         = place sheets
project book                         = place projectBook
12 questions on minor scales         = sheet 12 minors
sheet of 8 questions on signatures, up to four signs = sheet 8 signatures to 4
worksheet on gaps in the bass clef   = sheet gaps bass
six questions on chords and degrees, version b = sheet 6 degrees+chords B
sheet on modes without a signature   = sheet modes none
questions on minor forms, treble and bass, with a key signature = sheet minors treble+bass written
sheet E harmonic minor               = sheet-question E harmonic-minor
sheet C# harmonic minor down bass clef = sheet-question C# harmonic-minor down bass
`;
