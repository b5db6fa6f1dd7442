import type { Part, PlayProblem } from '../../play/part';
import type { PlayPatternId } from '../../play/pattern';
import type { Drone } from '../../play/performance';
import type { PlayRange } from '../../play/placed';
import { readsAnotherKey } from '../../play/player';
import type { Rhythm } from '../../play/rhythm';
import { byClass } from '../by-class';
import type { ClassWords } from '../class-words';
import { instrumentNames } from '../say-instrument';
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

const DRONE_WORDS: Readonly<Record<Drone, string>> = {
  none: 'nothing',
  tonic: 'the tonic',
  fifth: 'tonic and fifth',
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
  ],
} as const;

const FINGERING = {
  title: 'Fingering',
  of: (note: string) => `Fingering of ${note}`,
  none: (note: string) => `${note} has no fingering in the table.`,
  same: (note: string, twin: string) => `${note} and ${twin} are fingered alike.`,
  before: 'The note before',
  after: 'The next note',
  ways: 'Ways to finger it',
  checked: 'Written twice and compared, 27 November 2026.',
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
  return { concert: 'concert pitch', ...instrumentNames(w), flute: 'flute', ...VOICES };
}

/** Why nothing can be played, and what to do. */
function sayPlayProblem(w: ClassWords, problem: PlayProblem): string {
  switch (problem.code) {
    case 'needs-third-sign':
      return sayProblem(w, problem);
    case 'player-spelling':
      return `This scale needs more than two signs at one note for ${playerNames(w)[problem.player]}. Choose the enharmonic key, or name the key as it is written.`;
    case 'player-range':
      return `Not even one octave of it lies within the range of ${playerNames(w)[problem.player]}. Choose another tonic, or another voice.`;
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

function words(w: ClassWords) {
  const players = playerNames(w);
  return {
    room: 'Play',
    title: (what: string) => `${what} – Play – Moon Step`,
    sentence: {
      ...{
        play: 'Play ',
        comma: ', ',
        at: ', at ',
        on: ', for ',
        from: 'From the ',
        degreeIn: ' degree, in ',
      },
      ...{ under: ', under it ', named: ', the key named ', end: '.', space: ' ' },
    },
    words: {
      ...{ pattern: 'pattern', range: 'how far it goes', tempo: 'tempo', count: 'count-in' },
      ...{ player: 'instrument or voice', degree: 'degree', rhythm: 'note values', drone: 'drone' },
      ...{ signature: 'signature', named: 'name of the key' },
    },
    patterns: PATTERN_WORDS,
    typedPattern: (degrees: readonly number[]) => `as ${degrees.join(' ')} from each degree`,
    typeDegrees: 'Type degrees, such as 1 2 3 1',
    badDegrees: (typed: string) =>
      `'${typed}' is no row of degrees. Type figures from 1 to 9, twelve at most, such as 1 2 3 1.`,
    ranges: RANGES,
    rhythms: RHYTHM_WORDS,
    drones: DRONE_WORDS,
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
