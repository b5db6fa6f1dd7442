import type { SpelledNote } from '../note/spelled';
import { NAMED_SCALE_IDS, PATTERNS, SCALE_IDS, type ScaleId } from '../scale/pattern';
import { type Scale, scaleNamed } from '../scale/scale';
import { type DecisionStep, decide } from './decision';
import type { Identified, NameReason, ScaleName } from './scale-name';
import { risingForm, rowWay, soundingScales, spellingFindings } from './spelling';

export type Identification = Identified & {
  /** The way to the name, step by step. */
  readonly steps: readonly DecisionStep[];
};

function same(one: readonly SpelledNote[], other: readonly SpelledNote[]): boolean {
  return one.length === other.length && one.every((note, at) => note === other[at]);
}

/** Whether a line is a scale written out, from tonic to tonic or without its octave, up, down or up and down. */
function isWholeRow(notes: readonly SpelledNote[], { ascending, descending }: Scale): boolean {
  const both = [...ascending, ...descending.slice(1)];
  const rows = [ascending, ascending.slice(0, -1), descending, both, [...ascending, ...descending]];
  return rows.some((row) => same(notes, row));
}

function reasonOf(notes: readonly SpelledNote[], scale: Scale): NameReason {
  if (isWholeRow(notes, scale)) return 'whole-row';
  const [first, last] = [notes[0] === scale.tonic, notes.at(-1) === scale.tonic];
  if (first && last) return 'begins-and-ends';
  return first ? 'begins' : last ? 'ends' : 'within';
}

const RANK: Readonly<Record<NameReason, number>> = {
  'whole-row': 0,
  'begins-and-ends': 1,
  begins: 2,
  ends: 3,
  within: 4,
};

function fitting(notes: readonly SpelledNote[], tonic: SpelledNote, id: ScaleId): ScaleName | null {
  const reading = scaleNamed(tonic, id);
  if (!reading.ok) return null;
  const { scale } = reading;
  const own = new Set([...scale.ascending, ...scale.descending]);
  if (!notes.every((note) => own.has(note))) return null;
  const reason = reasonOf(notes, scale);
  // The beginnings of scales and the chromatic one hold too little or too much to be named by anything but their row.
  const whole = SCALE_IDS.some((known) => known === id);
  if (!whole && reason !== 'whole-row') return null;
  const missing = [...new Set(scale.ascending)].filter((note) => !notes.includes(note));
  return { tonic, scale: id, reason, missing };
}

/** A minor form must show every note it raises, or a nearer name says as much; beside them it may show others. */
function showsItsForm(notes: readonly SpelledNote[], { tonic, scale }: ScaleName): boolean {
  const reading = scaleNamed(tonic, scale);
  if (!reading.ok) return false;
  return PATTERNS[scale].raised.every((degree) => {
    const raised = reading.scale.ascending[degree - 1];
    return raised !== undefined && notes.includes(raised);
  });
}

function namesOf(notes: readonly SpelledNote[]): readonly ScaleName[] {
  const tonics = [...new Set(notes)];
  const found = tonics.flatMap((tonic) =>
    NAMED_SCALE_IDS.flatMap((id): ScaleName[] => {
      const name = fitting(notes, tonic, id);
      return name && showsItsForm(notes, name) ? [name] : [];
    }),
  );
  return found.sort(
    (a, b) =>
      RANK[a.reason] - RANK[b.reason] ||
      a.missing.length - b.missing.length ||
      // They stand in the order in which they come to hand.
      NAMED_SCALE_IDS.indexOf(a.scale) - NAMED_SCALE_IDS.indexOf(b.scale) ||
      tonics.indexOf(a.tonic) - tonics.indexOf(b.tonic),
  );
}

/**
 * Names a line of spelled notes (docs/theory.md, Derivations): the spelling is judged first, then the third,
 * the seventh and the sixth decide in turn, then all steps must fit before a name is given. Every scale that holds
 * all the notes as they are spelled is a name; a line's first and last note rank them.
 *
 * @param notes 3 to 32
 * @example identify('G A B C D E F# G'.split(' ').map(noteNamed)).names[0].scale // 'major'
 */
export function identify(notes: readonly SpelledNote[]): Identification {
  const way = rowWay(notes);
  const rising = risingForm(notes, way);
  const names = namesOf(notes);
  const whole = names[0]?.reason === 'whole-row';
  const findings = way === 'none' || whole ? [] : spellingFindings(rising);
  const sounding = way === 'none' || whole ? [] : soundingScales(rising);
  return {
    notes,
    way,
    findings,
    names,
    sounding,
    steps: decide({ notes, way, rising, findings, names, sounding }),
  };
}
