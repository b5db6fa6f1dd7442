import type { Singing } from '../../play/sung';

/** What a round is sung or played on, in the list of rounds. */
const ROUNDS_ON: Readonly<Record<Singing, string>> = {
  none: 'Played alone',
  letters: 'On note names',
  syllables: 'On syllables',
  numbers: 'On numbers',
  words: 'On its words',
};

/** The words of what is practised beside a pattern or a tune. */
export const PRACTICE_WORDS = {
  variations: {
    title: 'Variations',
    none: 'None done yet.',
    count: (done: number, of: number) => `${done} of ${of} done.`,
    goal: (name: string) => `Goal of: ${name}`,
    done: (name: string) => `Done: ${name}`,
    beats: 'goal',
  },
  rounds: {
    title: 'Rounds',
    on: ROUNDS_ON,
    goal: 'Twice, on different names, and a third time if you wish.',
    reached: 'Twice on different names: done for today.',
    more: (name: string) => `One more round: ${name}`,
    again: 'Begin again',
  },
  tune: {
    title: 'Tune in degrees',
    name: 'Name of the tune',
    degrees: 'Its degrees',
    words: 'Its words, one syllable to a note',
    help: "1 to 7, 0 a rest; ' and , an octave up and down; # and b; / half as long, . dotted, - a beat longer.",
    keep: 'Keep the tune',
    kept: 'The tune is kept.',
    keys: 'Keys it was played in',
    done: (done: number, of: number, names: string) =>
      done === 0 ? `None of ${of} keys yet.` : `${done} of ${of} keys: ${names}.`,
    thisDone: (key: string) => `${key} is done`,
    next: (key: string) => `Next: ${key}`,
    all: 'All keys are done.',
    here: (key: string) => `${key}, the key that stands`,
    was: (key: string) => `${key}, done`,
    ring: 'Keys on the circle',
  },
  free: {
    title: 'Task',
    another: 'Another task',
    left: (seconds: number) => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')} left`,
  },
  byEar: {
    title: 'By ear',
    right: 'Right.',
    notSo: 'Not so.',
    again: 'Hear it again',
    next: 'Another one',
  },
  ear: {
    title: 'Write it down',
    task: (key: string) => `Listen, and write what you hear in ${key}.`,
    mark: 'Have it marked',
    long: (most: number) =>
      `At most ${most} notes are written down at once. Choose one octave, a shorter tune or fewer notes.`,
    scale: 'Lines of this scale are not marked. Choose a scale of seven notes.',
  },
  hand: {
    note: 'Hands and posture, in your words',
    example: 'Such as: left little finger stays near its keys',
    remembered: (note: string) => `Remembered for this scale: ${note} is fingered so.`,
  },
} as const;
