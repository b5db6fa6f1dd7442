import { byClass } from '../by-class';
import type { ClassWords } from '../class-words';
import { counted } from '../vocabulary';

const PARTS = {
  people: 'People',
  safe: 'Backup and storage',
} as const;

const NEW = {
  title: 'A class of your own',
  text: 'Two questions, and it speaks as you do. Everything else can be settled later, here in Class.',
  name: 'Name of the class',
  namePlaceholder: 'Monday beginners',
  start: 'Start this class',
  cancel: 'Not now',
  three: 'Three things to know',
  lines: [
    'The sentence in each room is the whole task. Its underlined words are the controls: click one, or press the key below it, type a few letters, Enter.',
    'Anything can be asked in a few words in the line on top: press /, and type 4 flats minor, or c# harm min. It shows what it understood before you take it.',
    'The board (Z) is for the class: the question alone first, then its working, one line a press. Keep a sentence with K, and it waits on the shelf (L) for the lesson.',
  ],
  unnamed: 'My class',
} as const;

const PEOPLE = {
  title: 'People',
  help: 'Names, initials or numbers, as much as you want to keep. They stay in this browser and in your backups.',
  name: 'Name, initials or number',
  instrument: 'Instrument',
  add: 'Add to the class',
  none: 'Nobody yet. A line such as ‘Ada, viola’ or ‘No. 5’ is enough to begin.',
  nameOf: (name: string) => `Name of ${name}`,
  instrumentOf: (name: string) => `Instrument of ${name}`,
  remove: (name: string) => `Remove ${name}`,
  sure: (name: string) =>
    `Remove ${name} entirely? Nothing of them stays here but what you wrote in notes, and this one thing cannot be taken back. Backups made before still hold them.`,
  removeNow: 'Remove entirely',
  keep: 'Keep',
  removed: (name: string) => `${name} was removed entirely.`,
} as const;

const SAYINGS = {
  title: 'Sayings for the two orders',
  help: 'The class’s own sentences. Each word begins with the next name of the order.',
  sharps: 'Saying for the order of sharps',
  flats: 'Saying for the order of flats',
  holds: 'Every word fits.',
  missing: (letters: string) => `Still to come: ${letters}.`,
  wrong: (word: string, letter: string) =>
    letter ? `‘${word}’ should begin with ${letter}.` : `‘${word}’ is one word too many.`,
  whom: (saying: string) => `${saying}: for whom`,
  audiences: { everybody: 'For everybody', children: 'For children', adults: 'For adults' },
  unsaid: 'This class’s hints are not for them, so it is not said.',
} as const;

const SAFE = {
  backup: 'Backup',
  never: 'No backup has been saved yet.',
  last: (date: string) => `Last backup: ${date}.`,
  since: (changes: number) =>
    changes === 0 ? 'Nothing has changed since.' : `${counted(changes, 'change', 'changes')} since.`,
  remind: (changes: number) =>
    `${counted(changes, 'change', 'changes')} without a backup. One file keeps everything.`,
  remindNow: 'Save a backup now',
  save: 'Save a backup',
  open: 'Open a backup, a score or a list',
  saveGroup: (name: string) => `Save ${name} alone`,
  saveShelf: 'Save the shelf alone',
  saved: (file: string) => `Saved: ${file}`,
  wayBack:
    'A backup that is opened shows first what it would change; whatever it changes, Ctrl Z takes back.',
  lasting: 'Lasting storage',
  lastingStates: {
    asking: 'Asking the browser',
    lasting: 'The browser keeps what is here until you delete it yourself.',
    passing:
      'The browser may clear what is here when space runs out. Ask it to keep it; some browsers agree once a page is used often or installed.',
    insecure:
      'Over plain HTTP on a network, browsers promise no lasting storage, work not without the server and copy no pictures. Everything else works. Save a backup now and then, or open Moon Step on this computer’s own address.',
    unknown: 'This browser does not say whether it keeps what is here. Save a backup now and then.',
  },
  ask: 'Ask for lasting storage',
  used: (megabytes: string) => `${megabytes} MB used by Moon Step here.`,
  offline: 'Without the server',
  offlineStates: {
    ready: 'Moon Step is stored in this browser: it opens and works with the server gone.',
    waiting: 'Being stored in this browser, so that it opens without the server.',
    insecure: 'Needs the computer’s own address (127.0.0.1) or HTTPS.',
    none: 'This browser cannot open Moon Step without its server.',
  },
  install: 'Install as an app',
  newVersion: 'A newer Moon Step is ready.',
  useNew: 'Use it now',
  clear: 'Clear',
  clearDemo: 'Clear the demo school',
  clearOwn: 'Clear everything here',
  clearHelp:
    'Takes away classes, people and the shelf. Ctrl Z brings them back; once cleared, demo data never comes back by itself.',
  cleared: 'Cleared. Ctrl Z brings everything back.',
} as const;

const KEYS = [
  { keys: 'C', does: 'Choose the class' },
  { keys: 'T', does: 'Choose the note names' },
  { keys: 'S', does: 'Choose the step words' },
  { keys: 'H', does: 'Choose the depth of hints' },
] as const;

function words(_: ClassWords) {
  return {
    room: 'Class',
    title: (name: string) => `${name} – Class – Moon Step`,
    titleNew: 'A new class – Class – Moon Step',
    sentence: {
      uses: ' uses ',
      names: ' note names, ',
      steps: ', and hints for a ',
      end: '.',
    },
    words: { group: 'class', noteNames: 'note names', stepWords: 'step words', hints: 'depth of hints' },
    short: {
      noteNames: {
        english: 'English',
        german: 'German',
        'fixed-do': 'fixed-do',
        'fixed-ut': 'fixed-do (ut)',
        dutch: 'Dutch-type',
      },
      stepWords: {
        'whole-half': 'whole and half steps',
        'tone-semitone': 'tones and semitones',
        german: 'Ganztöne and Halbtöne',
        fractions: 'steps of 1 and ½',
      },
      hints: { child: 'child', learner: 'learner', student: 'student' },
    },
    noGroup: (typed: string) => `No class is called '${typed}'.`,
    parts: PARTS,
    partsLabel: 'Parts of this room',
    nameLabel: 'Name of this class',
    newGroup: 'New class',
    likeThis: 'Another class like this',
    likeName: (name: string) => `${name}, copy`,
    deleteGroup: 'Delete this class',
    deleted: (name: string) => `${name} was deleted. Ctrl Z brings it back.`,
    chooseBoth: 'Choose both',
    leave: 'Leave as it was',
    undo: 'Undo',
    keysTitle: 'Keys',
    keysSummary: 'Arrow keys go from choice to choice.',
    keys: KEYS,
    new: NEW,
    people: PEOPLE,
    sayings: SAYINGS,
    safe: SAFE,
  };
}

/** The words of the Class room. */
export const classRoomWords = byClass(words);
