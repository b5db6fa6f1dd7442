import { letterIndex } from '../note/letter';
import { type SpelledNote, semitonesAbove } from '../note/spelled';
import { PATTERNS, type ScaleId } from '../scale/pattern';
import { type Rotation, rotationOf } from '../scale/rotation';
import { scaleNamed } from '../scale/scale';
import type { Identified, ScaleName } from './scale-name';

/** One step on the way to a name, as data; `words` makes the sentence. `at` are places of the line. */
export type DecisionStep = { readonly fact: Decision; readonly at: readonly number[] };

export type Decision =
  /** The row as it is read, turned round where it falls. */
  | {
      readonly code: 'direction';
      readonly way: Identified['way'];
      readonly rising: readonly SpelledNote[];
    }
  | { readonly code: 'spelling-right'; readonly count: number }
  | { readonly code: 'spelling-wrong'; readonly findings: Identified['findings'] }
  /** From 1 to 3: four half steps a major kind, three a minor kind. */
  | {
      readonly code: 'third';
      readonly from: SpelledNote;
      readonly to: SpelledNote;
      readonly semitones: number;
    }
  | { readonly code: 'no-third'; readonly from: SpelledNote }
  /** One degree that decides between the scales still possible. */
  | {
      readonly code: 'degree';
      readonly degree: 2 | 4 | 5 | 6 | 7;
      /** For 7: its half steps to the octave; for 6 and 7 together, between them; else over the tonic. */
      readonly measured: 'to-octave' | 'six-to-seven' | 'over-tonic';
      readonly from: SpelledNote;
      readonly to: SpelledNote;
      readonly semitones: number;
      readonly leaves: readonly ScaleId[];
    }
  | {
      readonly code: 'steps-fit';
      readonly tonic: SpelledNote;
      readonly scale: ScaleId;
      readonly steps: readonly number[];
    }
  | {
      readonly code: 'steps-misfit';
      readonly tonic: SpelledNote;
      readonly rotation: Rotation | null;
      readonly steps: readonly number[];
    }
  | { readonly code: 'sounds-like'; readonly sounding: Identified['sounding'] }
  /** A line that is no row: the names that hold all its notes. */
  | { readonly code: 'holds-all'; readonly count: number; readonly best: ScaleName }
  | { readonly code: 'others'; readonly names: readonly ScaleName[] }
  | { readonly code: 'none-fits' };

type Given = Identified & { readonly rising: readonly SpelledNote[] };

/** The note of a degree in a rising row of one letter a note, or null. */
function onDegree(rising: readonly SpelledNote[], degree: number): SpelledNote | null {
  const first = rising[0];
  if (!first) return null;
  const letter = (letterIndex(first.letter) + degree - 1) % 7;
  return rising.find((note) => letterIndex(note.letter) === letter) ?? null;
}

const MINOR_KIND: readonly ScaleId[] = [
  'natural-minor',
  'harmonic-minor',
  'melodic-minor',
  'dorian',
  'phrygian',
  'locrian',
];
const MAJOR_KIND: readonly ScaleId[] = ['major', 'lydian', 'mixolydian'];

/** Half steps of a degree over the tonic in a scale. */
function overTonic(scale: ScaleId, degree: number): number {
  return PATTERNS[scale].rising.slice(0, degree - 1).reduce((sum, step) => sum + step, 0);
}

/** The order in which degrees decide, by the kind of the third. */
const QUESTIONS = { minor: [7, 6, 2, 5], major: [4, 7] } as const;

/** The third, then one degree after the other until one scale is left. */
function path(rising: readonly SpelledNote[]): readonly DecisionStep[] {
  const first = rising[0];
  const third = onDegree(rising, 3);
  if (!first) return [];
  const place = (note: SpelledNote) => rising.indexOf(note);
  if (!third) return [{ fact: { code: 'no-third', from: first }, at: [0] }];
  const semitones = semitonesAbove(first, third);
  const steps: DecisionStep[] = [
    { fact: { code: 'third', from: first, to: third, semitones }, at: [0, place(third)] },
  ];
  if (semitones !== 3 && semitones !== 4) return steps;
  let left: readonly ScaleId[] = semitones === 3 ? MINOR_KIND : MAJOR_KIND;
  for (const degree of QUESTIONS[semitones === 3 ? 'minor' : 'major']) {
    if (left.length < 2) break;
    const note = onDegree(rising, degree);
    if (!note) continue;
    const over = semitonesAbove(first, note);
    const leaves = left.filter((id) => overTonic(id, degree) === over);
    if (leaves.length === left.length) continue;
    steps.push(degreeStep(rising, degree, note, leaves));
    left = leaves;
  }
  return steps;
}

function degreeStep(
  rising: readonly SpelledNote[],
  degree: 2 | 4 | 5 | 6 | 7,
  note: SpelledNote,
  leaves: readonly ScaleId[],
): DecisionStep {
  const first = rising[0] as SpelledNote;
  const place = (each: SpelledNote) => rising.indexOf(each);
  const seventh = onDegree(rising, 7);
  if (degree === 7) {
    return {
      fact: {
        code: 'degree',
        degree,
        measured: 'to-octave',
        from: note,
        to: first,
        semitones: semitonesAbove(note, first),
        leaves,
      },
      at: [place(note)],
    };
  }
  // With the raised 7th, the gap between 6 and 7 tells harmonic from melodic.
  if (degree === 6 && seventh && semitonesAbove(seventh, first) === 1) {
    return {
      fact: {
        code: 'degree',
        degree,
        measured: 'six-to-seven',
        from: note,
        to: seventh,
        semitones: semitonesAbove(note, seventh),
        leaves,
      },
      at: [place(note), place(seventh)],
    };
  }
  return {
    fact: {
      code: 'degree',
      degree,
      measured: 'over-tonic',
      from: first,
      to: note,
      semitones: semitonesAbove(first, note),
      leaves,
    },
    at: [place(note)],
  };
}

/** The steps of a row of seven or eight notes, closed at the octave. */
function stepsOf(rising: readonly SpelledNote[]): readonly number[] {
  const closed = rising.at(-1) === rising[0] ? rising : [...rising, rising[0] as SpelledNote];
  return closed.slice(1).map((note, at) => semitonesAbove(closed[at] as SpelledNote, note));
}

/** The way to a name, step by step: spelling first, then the deciding degrees, then all steps, then other names. */
export function decide(given: Given): readonly DecisionStep[] {
  const { notes, way, rising, findings, names } = given;
  const steps: DecisionStep[] = [];
  const everywhere = notes.map((_, at) => at);
  const best = names[0];
  const say = (fact: Decision, at: readonly number[] = []) => steps.push({ fact, at });
  if (way === 'none') {
    if (best) say({ code: 'holds-all', count: names.length, best }, everywhere);
    else say({ code: 'none-fits' }, everywhere);
    if (names.length > 1) say({ code: 'others', names: names.slice(1) });
    return steps;
  }
  const offset = way === 'down' ? (at: number) => notes.length - 1 - at : (at: number) => at;
  say({ code: 'direction', way, rising }, everywhere);
  if (findings.length > 0)
    say(
      { code: 'spelling-wrong', findings },
      findings.map(({ at }) => offset(at)),
    );
  else say({ code: 'spelling-right', count: new Set(rising.map(({ letter }) => letter)).size }, []);
  for (const step of path(rising)) steps.push({ ...step, at: step.at.map(offset) });
  conclude(given, say);
  return steps;
}

function conclude(
  { rising, names, sounding, way }: Given,
  say: (fact: Decision, at?: readonly number[]) => void,
): void {
  const first = rising[0] as SpelledNote;
  const best = names[0];
  const steps = stepsOf(rising);
  if (best && (best.reason === 'whole-row' || best.tonic === first)) {
    const reading = scaleNamed(best.tonic, best.scale);
    const walked =
      reading.ok && best.reason === 'whole-row' ? stepsWalked(reading.scale.rising, rising.length) : steps;
    say({ code: 'steps-fit', tonic: best.tonic, scale: best.scale, steps: walked });
  } else if (sounding.length > 0) {
    say(
      { code: 'sounds-like', sounding },
      sounding[0]?.at.map((at) => (way === 'down' ? rising.length - 1 - at : at)),
    );
  } else {
    say({
      code: 'steps-misfit',
      tonic: first,
      rotation: steps.length === 7 ? rotationOf(steps) : null,
      steps,
    });
  }
  const others = best && (best.reason === 'whole-row' || best.tonic === first) ? names.slice(1) : names;
  if (others.length > 0) say({ code: 'others', names: others });
  else if (names.length === 0 && sounding.length === 0) say({ code: 'none-fits' });
}

function stepsWalked(rising: readonly number[], notes: number): readonly number[] {
  return rising.slice(0, Math.max(notes - 1, 1));
}
