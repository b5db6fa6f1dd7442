/** What can be heard, by name. */
export const LISTEN_WORDS = {
  notes: 'Its notes',
  working: 'The working, step by step',
  right: 'The right answer',
  given: 'What was given',
  both: 'What was given, then what was expected',
  asked: 'What is asked',
  scale: 'The scale',
  chords: 'Its chords',
  chord: (name: string) => `The chord ${name}`,
  route: 'The keys of the route, chord by chord',
  twoFiveOne: 'II V I',
  circle: 'The circle, fifth by fifth',
  question: (nth: number, what: string) => `${nth}. ${what}`,
} as const;
