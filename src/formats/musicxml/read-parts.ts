import { CLEFS, type Clef } from '@/core/instrument/staff';
import { midiOf, type Pitch } from '@/core/note/pitch';
import { ALTERATIONS, type Alteration } from '@/core/note/spelled';
import type { FileProblem } from '@/core/words/say-file';
import { plainName } from '../file/decode';
import {
  attribute,
  children,
  durationOf,
  type Node,
  named,
  parsedScore,
  pitchOf,
  textOf,
  titleOf,
  whole,
} from './nodes';
import { ACCIDENTAL_NAMES, CLEF_SIGNS, OWN_FIELD } from './score';

/** How a line was taken out of its part: one voice, of its chords the top or the lowest note, or all staves together. */
export type LineKind = 'voice' | 'top' | 'lowest' | 'staves';

/** One line of a part: its notes in order, ties joined. */
export type ScoreLine = {
  readonly part: string;
  readonly kind: LineKind;
  /** Staff and voice as the file numbers them, where a part has more than one; else null. */
  readonly voice: string | null;
  readonly notes: readonly LineNote[];
  /** Notes that could not be used, and the measure of the first. */
  readonly passedOver: { readonly count: number; readonly measure: string } | null;
};

export type LineNote = {
  readonly pitch: Pitch;
  readonly measure: string;
  readonly clef: Clef | null;
  /** Fifths of the signature that stands there; null where none was written yet. */
  readonly fifths: number | null;
  /** The sign printed at the note, or null. */
  readonly printed: Alteration | null;
};

export type ScoreReading =
  | {
      readonly ok: true;
      readonly title: string;
      readonly lines: readonly ScoreLine[];
      /** What a file of ours says it is; null in any other. */
      readonly code: string | null;
    }
  | { readonly ok: false; readonly problem: FileProblem };

/**
 * Reads a partwise score of any program: part names, clefs, signatures, pitched notes in every voice. What it does
 * not need it passes over. https://www.w3.org/2021/06/musicxml40/
 */
export function readScore(text: string): ScoreReading {
  const parsed = parsedScore(text);
  if (!parsed.ok) return parsed;
  const { score } = parsed;
  const title = titleOf(score);
  const names = partNames(score);
  const lines = named(score, 'part').flatMap((part, index) => {
    const id = attribute(part, 'id') ?? '';
    return linesOf(children(part, 'part'), names.get(id) ?? `Part ${index + 1}`);
  });
  return { ok: true, title, lines, code: ownCode(score) };
}

/** The field in which a file of ours says what it is. */
function ownCode(score: readonly Node[]): string | null {
  const inside = (nodes: readonly Node[], name: string) =>
    named(nodes, name).flatMap((node) => children(node, name));
  const fields = named(inside(inside(score, 'identification'), 'miscellaneous'), 'miscellaneous-field');
  const own = fields.find((field) => attribute(field, 'name') === OWN_FIELD);
  return own ? textOf([own], 'miscellaneous-field') : null;
}

function partNames(score: readonly Node[]): ReadonlyMap<string, string> {
  const list = named(score, 'part-list').flatMap((node) => children(node, 'part-list'));
  return new Map(
    named(list, 'score-part').flatMap((part): (readonly [string, string])[] => {
      const name = plainName(textOf(children(part, 'score-part'), 'part-name') ?? '', 40);
      const id = attribute(part, 'id');
      return id && name ? [[id, name]] : [];
    }),
  );
}

/** A note with when it begins, in the divisions of its file. */
type TimedNote = LineNote & { readonly at: number; readonly staff: string };

/** Where a part has got to: clef of each staff, signature, time, and its voices. */
type Reading = {
  readonly clefs: Map<string, Clef | null>;
  readonly fifths: { now: number | null };
  /** When the next note begins, and when the last one did, which the notes of its chord share. */
  readonly time: { now: number; last: number };
  readonly voices: Map<string, TimedNote[]>;
  readonly passedOver: { count: number; measure: string };
};

function linesOf(part: readonly Node[], name: string): readonly ScoreLine[] {
  const reading: Reading = {
    clefs: new Map(),
    fifths: { now: null },
    time: { now: 0, last: 0 },
    voices: new Map(),
    passedOver: { count: 0, measure: '' },
  };
  for (const [index, measure] of named(part, 'measure').entries()) {
    const number = plainName(attribute(measure, 'number') ?? String(index + 1), 12);
    for (const node of children(measure, 'measure')) {
      if (Object.hasOwn(node, 'attributes')) readAttributes(children(node, 'attributes'), reading);
      if (Object.hasOwn(node, 'note')) readNote(children(node, 'note'), number, reading);
      if (Object.hasOwn(node, 'backup')) reading.time.now -= durationOf(children(node, 'backup'));
      if (Object.hasOwn(node, 'forward')) reading.time.now += durationOf(children(node, 'forward'));
    }
  }
  const passedOver = reading.passedOver.count > 0 ? reading.passedOver : null;
  const lines = linesFrom(reading.voices);
  if (lines.length === 0) return [{ part: name, kind: 'voice', voice: null, notes: [], passedOver }];
  return lines.map((line, index) => ({ ...line, part: name, passedOver: index === 0 ? passedOver : null }));
}

type Taken = Pick<ScoreLine, 'kind' | 'voice' | 'notes'>;

/** The highest or the lowest note at each time at which one begins. */
function outermost(notes: readonly TimedNote[], which: 1 | -1): readonly TimedNote[] {
  const found = new Map<number, TimedNote>();
  for (const note of notes) {
    const there = found.get(note.at);
    if (!there || which * (midiOf(note.pitch) - midiOf(there.pitch)) > 0) found.set(note.at, note);
  }
  return [...found.values()].toSorted((a, b) => a.at - b.at);
}

const plainNote = ({ at: _, staff: __, ...note }: TimedNote): LineNote => note;

const sameNotes = (one: readonly TimedNote[], other: readonly TimedNote[]) =>
  one.length === other.length && one.every((note, at) => note === other[at]);

/** Every line that stands in a part, each once: voices, the outer notes of chords, and all staves together. */
function linesFrom(voices: Reading['voices']): readonly Taken[] {
  const several = voices.size > 1;
  const taken: {
    readonly kind: LineKind;
    readonly voice: string | null;
    readonly notes: readonly TimedNote[];
  }[] = [];
  const take = (kind: LineKind, voice: string | null, notes: readonly TimedNote[]) => {
    if (notes.length > 0 && !taken.some((each) => sameNotes(each.notes, notes)))
      taken.push({ kind, voice, notes });
  };
  for (const [voice, notes] of voices) {
    const named = several ? voice : null;
    const top = outermost(notes, 1);
    take(top.length === notes.length ? 'voice' : 'top', named, top);
    if (top.length < notes.length) take('lowest', named, outermost(notes, -1));
  }
  const all = [...voices.values()].flat();
  if (new Set(all.map(({ staff }) => staff)).size > 1) {
    take('staves', null, outermost(all, 1));
    take('staves', null, outermost(all, -1));
  }
  return taken.map(({ notes, ...line }) => ({ ...line, notes: notes.map(plainNote) }));
}

function readAttributes(nodes: readonly Node[], { clefs, fifths }: Reading): void {
  for (const key of named(nodes, 'key')) {
    fifths.now = whole(textOf(children(key, 'key'), 'fifths'), -7, 7) ?? fifths.now;
  }
  for (const clef of named(nodes, 'clef')) {
    const inside = children(clef, 'clef');
    const [sign, line] = [textOf(inside, 'sign'), textOf(inside, 'line')];
    const plain = textOf(inside, 'clef-octave-change') ?? '0';
    const found = CLEFS.find(
      (each) => CLEF_SIGNS[each].sign === sign && String(CLEF_SIGNS[each].line) === (line ?? usualLine(sign)),
    );
    clefs.set(attribute(clef, 'number') ?? '1', plain === '0' ? (found ?? null) : null);
  }
}

/** A clef without its line stands on its usual one. */
function usualLine(sign: string | null): string {
  return sign === 'G' ? '2' : sign === 'F' ? '4' : '3';
}

function readNote(nodes: readonly Node[], measure: string, reading: Reading): void {
  const { time } = reading;
  const has = (name: string) => named(nodes, name).length > 0;
  const inChord = has('chord');
  // A grace note takes no time of its own, and a note of a chord begins with the one before.
  const at = inChord ? time.last : time.now;
  if (!inChord && !has('grace') && !has('cue')) {
    time.last = time.now;
    // A note without its duration still comes after the one before.
    time.now += durationOf(nodes) || 1;
  }
  const skipped = ['rest', 'grace', 'cue', 'unpitched'].some(has);
  const tiedOn = named(nodes, 'tie').some((tie) => attribute(tie, 'type') === 'stop');
  if (skipped || tiedOn) return;
  const found = pitchOf(named(nodes, 'pitch').flatMap((node) => children(node, 'pitch')));
  if (!found) {
    reading.passedOver.count += 1;
    reading.passedOver.measure ||= measure;
    return;
  }
  const staff = textOf(nodes, 'staff') ?? '1';
  const voice = `${staff} ${textOf(nodes, 'voice') ?? '1'}`;
  const notes = reading.voices.get(voice) ?? [];
  const clef = reading.clefs.get(staff) ?? null;
  const accidental = textOf(nodes, 'accidental');
  const printed = ALTERATIONS.find((sign) => ACCIDENTAL_NAMES[sign] === accidental) ?? null;
  notes.push({ pitch: found, measure, clef, fifths: reading.fifths.now, printed, at, staff });
  reading.voices.set(voice, notes);
}
