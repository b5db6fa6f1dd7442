/** The words that stand round every room. */
export const FRAME_WORDS = {
  rooms: 'Rooms',
  moreRooms: 'More',
  home: 'Moon Step',
  derive: 'Derive',
  orbit: 'Orbit',
  read: 'Read',
  play: 'Play',
  sheets: 'Sheets',
  mark: 'Mark',
  drill: 'Drill',
  log: 'Log',
  group: 'Class',
  newVersion: 'A newer Moon Step is ready.',
  useNew: 'Use it now',
  later: 'Later',
  deriveAbout: 'Say a scale in one sentence and see it derived step by step on letters, staff and keyboard.',
  orbitAbout:
    'The circle of fifths as keys, as chords and as notes: neighbours, routes, chords and the table of all keys.',
  readAbout:
    'A piece of music: what its signature alters, why each note sounds so, and which key it is in, with the reasons.',
  playAbout:
    'A scale in thirds, triads or a pattern of your own: in bars, for an instrument or a voice, heard and as files.',
  sheetsAbout:
    'Written work from one sentence: questions, pages as they are printed, and a key that says why.',
  markAbout: 'Mark an answer: right or wrong, where, why, and the habit behind it.',
  drillAbout:
    'Quick questions for one: within a budget, by level, what is due today, and what is known so far.',
  logAbout:
    'Pieces met, practice done and questions asked: found again, counted, and seen beside what is known.',
  groupAbout: 'How a class speaks, who is in it, and how its work is kept safe.',
  lost: {
    title: 'There is no page at this address.',
    text: 'It may have been typed wrong. Nothing you have kept is touched by it.',
    back: 'Go to Derive',
  },
} as const;
