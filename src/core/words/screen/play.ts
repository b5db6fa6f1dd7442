import type { Articulation } from '../../play/articulation';
import type { Backing } from '../../play/backing';
import type { Part, PlayProblem } from '../../play/part';
import { type CellPattern, cellOf, PLAY_PATTERNS, type PlayPatternId } from '../../play/pattern';
import type { Cue } from '../../play/performance';
import type { PlayRange } from '../../play/placed';
import { readsAnotherKey } from '../../play/player';
import type { Rhythm } from '../../play/rhythm';
import type { Singing } from '../../play/sung';
import type { PlayWay } from '../../play/way';
import { byClass } from '../by-class';
import type { ClassWords } from '../class-words';
import { instrumentNames, withNoteNames } from '../say-instrument';
import { sayProblem } from '../say-problem';

const PATTERN_WORDS: Readonly<Record<PlayPatternId, string>> = {
  scale: 'up and down',
  thirds: 'in thirds',
  fourths: 'in fourths',
  triads: 'in triads',
  'four-notes': 'four notes from each degree',
  turns: 'with a turn on each degree',
};

const RANGES: Readonly<Record<PlayRange, string>> = {
  one: 'one octave',
  two: 'two octaves',
  range: 'the whole range',
};

const RHYTHM_WORDS: Readonly<Record<Rhythm, string>> = {
  quarters: 'quarter notes',
  eighths: 'eighth notes',
  triplets: 'triplets',
  sixteenths: 'sixteenth notes',
};

const BACKING_WORDS: Readonly<Record<Backing, string>> = {
  none: 'nothing',
  tonic: 'the tonic',
  fifth: 'tonic and fifth',
  chord: "the tonic's chord",
  'two-five': 'the chords II V I',
};

const ARTICULATION_WORDS: Readonly<Record<Articulation, string>> = {
  tongued: 'each note separate',
  legato: 'slurred in fours',
  short: 'staccato',
  'slurred-twos': 'slurred in twos',
  'two-and-two': 'two slurred, two staccato',
  'three-and-one': 'three slurred, one staccato',
  'one-and-three': 'one staccato, three slurred',
};

const SINGING_WORDS: Readonly<Record<Singing, string>> = {
  none: 'nothing',
  letters: 'note names',
  syllables: 'syllables',
  numbers: 'numbers',
  words: 'its words',
};

const WAY_WORDS: Readonly<Record<PlayWay, string>> = {
  through: 'straight through',
  along: 'with time to answer',
  echo: 'call by call',
  home: 'up to its last step, and home',
  free: 'with your own notes over it',
};

const COUNTS = { '0': 'without a count-in', '1': 'with a count-in', '2': 'with two bars counted' } as const;

const VOICES: Readonly<Record<string, string>> = {
  soprano: 'soprano voice',
  alto: 'alto voice',
  tenor: 'tenor voice',
  bass: 'bass voice',
  'young-voice': 'young voice',
};

const ORDINALS = ['1st', '2nd', '3rd', '4th', '5th', '6th', '7th'] as const;

const KEYS_SHEET = {
  title: 'Keys',
  summary: 'Space plays, Escape falls silent.',
  list: [
    { keys: 'Space', does: 'Play, or stop' },
    { keys: 'Esc', does: 'Stop at once' },
    { keys: '↑', does: 'Four beats a minute faster' },
    { keys: '↓', does: 'Four beats a minute slower' },
    { keys: 'T', does: 'Choose the tonic' },
    { keys: 'S', does: 'Choose the scale' },
    { keys: 'Q', does: 'Choose the pattern, or type its degrees' },
    { keys: 'E', does: 'Choose how far it goes' },
    { keys: 'M', does: 'Choose the tempo' },
    { keys: 'C', does: 'Choose what is counted before it' },
    { keys: 'I', does: 'Choose the instrument or the voice' },
    { keys: 'D', does: 'Choose the degree it begins on' },
    { keys: 'R', does: 'Choose the note values' },
    { keys: 'U', does: 'Choose what is held under it' },
    { keys: 'G', does: 'With or without a key signature' },
    { keys: 'H', does: 'Name the key as it is written or as it sounds' },
    { keys: 'A', does: 'Choose the articulation' },
    { keys: 'V', does: 'Choose what is sung on it' },
    { keys: 'W', does: 'Choose how it is played together' },
    { keys: 'Y', does: 'Choose how often, or how long' },
    { keys: 'F', does: 'Choose how much faster each time is' },
    { keys: 'J', does: 'Hide the notes, or show them' },
  ],
} as const;

const LONG_DATE = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' });

const FINGERING = {
  title: 'Fingering',
  of: (note: string) => `Fingering of ${note}`,
  none: (note: string) => `${note} has no fingering in the table.`,
  same: (note: string, twin: string) => `${note} and ${twin} are fingered alike.`,
  before: 'The note before',
  after: 'The next note',
  ways: 'Ways to finger it',
  checked: (date: string) => `Written twice and compared, ${LONG_DATE.format(new Date(date))}.`,
} as const;

const SHARE = {
  picture: 'Staff as a picture',
  text: 'Its notes as text',
  link: 'Link to this sentence',
  print: 'As it stands',
  svg: 'Staff as a drawing',
  midi: 'MIDI file',
  abc: 'ABC file',
  musicXml: 'MusicXML file',
  wav: 'Sound (WAV)',
} as const;

function playerNames(w: ClassWords): Readonly<Record<string, string>> {
  return {
    concert: 'concert pitch',
    ...instrumentNames(w),
    flute: 'flute',
    clarinet: withNoteNames(w, '{Bb} clarinet'),
    ...VOICES,
  };
}

const quarters = (count: number) => `${count} ${count === 1 ? 'quarter' : 'quarters'}`;

/** Why nothing can be played, and what to do. */
function sayPlayProblem(w: ClassWords, problem: PlayProblem): string {
  switch (problem.code) {
    case 'needs-third-sign':
      return sayProblem(w, problem);
    case 'tune-token':
      return `'${problem.read}' in bar ${problem.bar} is no note. Write degrees from 1 to 7, 0 for a rest, ' or , for the octave, # or b, / for half the length, . for a dot, - for a beat more.`;
    case 'tune-bar':
      return `Bar ${problem.bar} holds ${quarters(problem.quarters)}; a bar of ${problem.meter}/4 holds ${problem.meter}. Make its notes longer or shorter, or move the bar line.`;
    case 'tune-length':
      return `No single note lasts as long as '${problem.read}' in bar ${problem.bar}. Write it as two notes.`;
    case 'tune-words':
      return `There are ${problem.words} syllables for ${problem.notes} notes. Write one for each, parted by blanks and hyphens.`;
    case 'tune-empty':
      return 'A tune has two notes at least. Write its degrees, such as 1 2 3 - | 5 - - 0.';
    case 'tune-long':
      return `A tune has ${problem.most} characters at most. Leave out its repeats.`;
    case 'tune-degree':
      return `This scale has no degree ${problem.degree} there. Choose a scale with as many notes as the tune asks for.`;
    case 'tune-sign':
      return `The sign at degree ${problem.degree} would be the third at its note. Choose the enharmonic key.`;
    case 'tune-range':
      return `The tune does not lie within the range of ${playerNames(w)[problem.player]}. Choose another tonic, or another voice.`;
    case 'player-spelling':
      return `This scale needs more than two signs at one note for ${playerNames(w)[problem.player]}. Choose the enharmonic key, or name the key as it is written.`;
    case 'player-range':
      return `Not even one octave of it lies within the range of ${playerNames(w)[problem.player]}. Choose another tonic, or another voice.`;
  }
}

/** A pattern, by its name or by its degrees. */
export function sayPattern(pattern: CellPattern): string {
  const named = PLAY_PATTERNS.find((id) => id === pattern);
  if (named) return PATTERN_WORDS[named];
  return `as ${cellOf(pattern)
    .map((place) => place + 1)
    .join(' ')} from each degree`;
}

/** What is to be done while a line is played together. */
function sayCue(w: ClassWords, cue: Cue, { written }: Part): string {
  switch (cue.is) {
    case 'listen':
      return 'Listen';
    case 'yours':
      return 'Your turn';
    case 'together':
      return `Together, at ${cue.tempo}`;
    case 'held':
      return `Stop: this is ${w.note(written.ascending.at(-2) ?? written.tonic)}. Where does it want to go?`;
    case 'home':
      return `Home: ${w.note(written.tonic)}`;
    case 'bar': {
      const chord = cue.degree === null ? null : written.ascending[cue.degree - 1];
      const on = chord ? `: chord on ${w.note(chord)}` : '';
      return `Bar ${cue.bar} of ${cue.of}${on}`;
    }
  }
}

/** What a player reads and what is heard, where the two differ. */
function sayBoth(w: ClassWords, part: Part): string | null {
  const { written, concert, transposition } = part;
  if (transposition.semitones === 0) return null;
  const named = ({ tonic, id }: Part['written']) => (id === null ? w.note(tonic) : w.scale(tonic, id));
  return !readsAnotherKey(part)
    ? `Written ${named(written)}; it sounds an octave ${transposition.semitones > 0 ? 'lower' : 'higher'}.`
    : `Written ${named(written)}, it sounds as ${named(concert)}.`;
}

/** What stands between the words of the sentence. */
const SENTENCE = {
  ...{
    play: 'Play ',
    comma: ', ',
    at: ', at ',
    on: ', for ',
    from: 'From the ',
    degreeIn: ' degree, in ',
  },
  ...{ under: ', under it ', named: '; the key is named ', end: '.', space: ' ' },
  ...{ sung: ', sung on ', played: 'Played ', set: 'Set ', times: ', ' },
} as const;

/** What each word of the sentence is. */
const WORDS = {
  ...{ pattern: 'pattern', range: 'how far it goes', tempo: 'tempo', count: 'count-in' },
  ...{ player: 'instrument or voice', degree: 'degree', rhythm: 'note values' },
  ...{ signature: 'signature', named: 'name of the key', drone: 'what lies under it' },
  ...{ strokes: 'articulation', sung: 'what is sung', way: 'way to play it' },
  ...{ rounds: 'how often', faster: 'how much faster', minutes: 'how long' },
} as const;

function words(w: ClassWords) {
  const players = playerNames(w);
  return {
    room: 'Play',
    title: (what: string) => `${what} – Play – Moon Step`,
    sentence: SENTENCE,
    words: WORDS,
    patterns: PATTERN_WORDS,
    tune: { own: 'a tune of your own', first: 'A tune of our own', unnamed: 'a tune', prefix: 'as ' },
    typeDegrees: 'Type degrees, such as 1 2 3 1',
    badDegrees: (typed: string) =>
      `'${typed}' is no row of degrees. Type figures from 1 to 9, twelve at most, such as 1 2 3 1.`,
    ranges: RANGES,
    rhythms: RHYTHM_WORDS,
    backings: BACKING_WORDS,
    articulations: ARTICULATION_WORDS,
    singings: SINGING_WORDS,
    ways: WAY_WORDS,
    times: (rounds: number) => (rounds === 1 ? 'once' : rounds === 2 ? 'twice' : `${rounds} times`),
    quicker: (beats: number) => (beats === 0 ? 'at one tempo' : `each time ${beats} beats faster`),
    minutes: (count: number) => `for ${count} ${count === 1 ? 'minute' : 'minutes'}`,
    cue: (cue: Cue, part: Part) => sayCue(w, cue, part),
    hide: 'Write it down by ear',
    show: 'Show the notes',
    counts: COUNTS,
    players,
    degrees: ORDINALS,
    beats: (tempo: number) => `${tempo}`,
    beatsDetail: 'quarters a minute',
    typeTempo: (least: number, most: number) => `Type ${least} to ${most}`,
    badTempo: (typed: string, least: number, most: number) =>
      `'${typed}' is no tempo here. Type a whole number from ${least} to ${most}.`,
    named: { written: 'as it is written', concert: 'as it sounds' },
    staff: 'Pattern',
    card: 'Play it',
    play: 'Play',
    stop: 'Stop',
    coming: 'Sound is on its way …',
    off: 'Nothing sounds until you press.',
    slower: 'Slower',
    faster: 'Faster',
    problem: (problem: PlayProblem) => sayPlayProblem(w, problem),
    both: (part: Part) => sayBoth(w, part),
    shortened: (player: string) =>
      `Two octaves lie outside the range of ${players[player]}: it goes as far as the range does.`,
    notSung: (on: Singing) =>
      on === 'syllables'
        ? 'Your class sings no syllables on this line; Class says which ones it sings.'
        : `This line has no ${SINGING_WORDS[on]} to sing.`,
    counted: (notes: number, bars: number) => `${notes} notes in ${bars} ${bars === 1 ? 'bar' : 'bars'}.`,
    now: (note: string) => `Sounding: ${note}`,
    care: 'Rest after a few rounds. If it hurts or a hand goes numb, stop, and tell your teacher.',
    careVoice:
      'Breathe where the line lets you, and rest after a few rounds. If it hurts, stop, and tell your teacher.',
    description: (notes: string) => `In order: ${notes}`,
    fingering: FINGERING,
    share: SHARE,
    keysSheet: KEYS_SHEET,
  };
}

/** The words of the Play room. */
export const playWords = byClass(words);
