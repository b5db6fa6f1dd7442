import type { Clef } from '@/core/instrument/staff';
import type { Pitch } from '@/core/note/pitch';
import { asciiName, type Fifths } from '@/core/note/spelled';
import { slursOf } from '@/core/play/articulation';
import type { Part } from '@/core/play/part';
import { type Beat, byQuarter, noteValue, QUARTER } from '@/core/play/rhythm';
import type { Mode } from '@/core/scale/mode';
import { PATTERNS } from '@/core/scale/pattern';
import { alteredLetters, signatureOf } from '@/core/scale/signature';

/** Major keys by their signature, −7 to 7. */
const MAJORS = 'Cb Gb Db Ab Eb Bb F C G D A E B F# C#'.split(' ');

/** Modes as ABC calls them after their tonic. */
const MODES: Readonly<Record<Mode, string>> = {
  ...{
    major: '',
    minor: 'm',
    dorian: 'dor',
    phrygian: 'phr',
    lydian: 'lyd',
    mixolydian: 'mix',
    locrian: 'loc',
  },
};

/** The key of a part: its own, or, under a signature that is not its own, the major key of that. */
function keyOf({ atClef, written }: Part): string {
  const { id, tonic } = written;
  const mode = id === null ? null : PATTERNS[id].mode;
  const own = mode !== null && atClef !== null && signatureOf(tonic, mode) === atClef;
  return own ? asciiName(tonic) + MODES[mode] : (MAJORS[(atClef ?? 0) + 7] ?? 'C');
}

const CLEFS: Readonly<Record<Clef, string>> = {
  treble: 'treble',
  alto: 'alto',
  tenor: 'tenor',
  bass: 'bass',
};

/** Signs as ABC writes them before a letter. */
export const SIGNS: Readonly<Record<number, string>> = { [-2]: '__', [-1]: '_', 0: '=', 1: '^', 2: '^^' };

/** Ticks of the length that a letter alone has: an eighth. */
const UNIT = QUARTER / 2;

/** The line of a title may hold anything but a line's end. */
export const oneLine = (text: string) => text.replace(/[\r\n%\\]+/gu, ' ').trim();

/** A pitch without its sign, as ABC writes it. */
export function letterOf({ note, octave }: Pitch): string {
  if (octave >= 5) return note.letter.toLowerCase() + "'".repeat(octave - 5);
  return note.letter + ','.repeat(4 - octave);
}

function lengthOf(length: number): string {
  if (length === UNIT) return '';
  return length % UNIT === 0 ? String(length / UNIT) : `${(2 * length) / UNIT}/2`;
}

/** The notes on which slurs begin, and those on which they end. */
type Slurs = { readonly first: ReadonlySet<number | null>; readonly last: ReadonlySet<number | null> };

/** What is sung, as the line under a line of notes: a syllable that goes on ends with its hyphen. */
function wordsLine(sung: readonly string[]): readonly string[] {
  if (sung.length === 0) return [];
  const texts = sung.map((text) => oneLine(text).replace(/[\s_*|~]+/gu, '~'));
  return [`w:${texts.map((text) => (text.endsWith('-') ? text : `${text} `)).join('')}`.trimEnd()];
}

/** A bar; every sign that could be doubted is written, so that no reader's rule for signs in a bar matters. */
function barOf(part: Part, slurs: Slurs, beats: readonly Beat[]): string {
  const signature = alteredLetters(part.atClef ?? (0 as Fifths));
  const altered = new Set<string>();
  const written = beats.map((beat) => {
    // Of a triplet is written what it would be without being one: half as long again.
    const length = lengthOf(noteValue(beat).triplet ? (beat.length * 3) / 2 : beat.length);
    const placed = beat.note === null ? undefined : part.notes[beat.note];
    if (!placed) return `z${length}`;
    const { letter, alteration } = placed.pitch.note;
    const usual = signature.get(letter)?.alteration ?? 0;
    const needed = alteration !== usual || altered.has(letter);
    if (alteration !== usual) altered.add(letter);
    const sign = needed ? SIGNS[alteration] : '';
    const dot = placed.stroke === 'short' ? '.' : '';
    const note = `${dot}${sign}${letterOf(placed.pitch)}${length}`;
    return `${slurs.first.has(beat.note) ? '(' : ''}${note}${slurs.last.has(beat.note) ? ')' : ''}`;
  });
  return byQuarter(beats)
    .map((group) => {
      const isTriplet = group.some((at) => noteValue(beats[at] as Beat).triplet);
      const notes = group.map((at) => written[at]).join('');
      return isTriplet ? `(3:2:${group.length}${notes}` : notes;
    })
    .join(' ');
}

/**
 * A part as ABC, as it is written; a player's interval goes with it for what plays the file.
 *
 * @param tempo quarters a minute
 * @param sung what is sung on each note; empty where nothing is
 */
export function writeAbc(part: Part, title: string, tempo: number, sung: readonly string[] = []): string {
  const slurred = slursOf(part.notes.map(({ stroke }) => stroke));
  const slurs = {
    first: new Set(slurred.map(([first]) => first)),
    last: new Set(slurred.map(([, last]) => last)),
  };
  const end = part.bars.length - 1;
  const bars = part.bars.map((bar, at) => `${barOf(part, slurs, bar)} ${at === end ? '|]' : '|'}`);
  const lines = [
    'X:1',
    `T:${oneLine(title)}`,
    `M:${part.meter}/4`,
    'L:1/8',
    `Q:1/4=${tempo}`,
    ...(part.transposition.semitones === 0 ? [] : [`%%MIDI transpose ${-part.transposition.semitones}`]),
    `K:${keyOf(part)} clef=${CLEFS[part.clef]}`,
    ...(sung.length > 0 ? [bars.join(' '), ...wordsLine(sung)] : bars),
  ];
  return `${lines.join('\n')}\n`;
}
