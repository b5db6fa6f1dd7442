import { type Chord, chordOf, TRIAD_OF, type TriadQuality } from '../../harmony/chord';
import { inThirds, seventhOf, signOfDegree } from '../../harmony/numeral';
import { letterAfter, letterIndex } from '../../note/letter';
import { heightOf, type Pitch, pitch } from '../../note/pitch';
import { type SpelledNote, semitonesAbove, spelled, spelledOrNull } from '../../note/spelled';
import type { OfAnswer } from './answer-operation';
import type { AnswerRun } from './answer-run';
import type { NumeralReading } from './written';

/** Adds a raised degree to the signs, or takes the flat away that raising makes a natural. */
export function signRaised(run: AnswerRun, { degree }: OfAnswer<'sign-raised'>): void {
  const letter = letterAfter(run.asked.tonic.letter, degree - 1);
  const there = run.signs.find((sign) => sign.letter === letter);
  const raised = spelledOrNull(letter, (there?.alteration ?? 0) + 1);
  const rest = run.signs.filter((sign) => sign !== there);
  if (raised) run.signs = raised.alteration === 0 ? rest : [...rest, raised];
  else run.impossible = true;
}

export function writeNotes(run: AnswerRun): void {
  run.written = { is: 'notes', notes: run.notes };
}

export function writeSigns(run: AnswerRun): void {
  run.written = { is: 'notes', notes: run.signs };
}

export function sayStep(run: AnswerRun, { semitones }: OfAnswer<'say-step'>): void {
  run.named.push(semitones);
}

export function saySteps(run: AnswerRun, { of }: OfAnswer<'say-steps'>): void {
  const between = run.notes.slice(1).map((note, at) => {
    const before = run.notes[at] as SpelledNote;
    return run.asked.direction === 'down' ? semitonesAbove(note, before) : semitonesAbove(before, note);
  });
  run.written = { is: 'steps', steps: of === 'named' ? run.named : between };
}

/** The seven notes of the scale from its tonic up. */
function seven(run: AnswerRun): readonly SpelledNote[] {
  return [1, 2, 3, 4, 5, 6, 7].map((degree) => run.on(degree));
}

export function readDegree(run: AnswerRun, { degree, sign }: OfAnswer<'read-degree'>): void {
  const note = run.on(((degree - 1) % 7) + 1);
  if (sign === 'left-out' && note.alteration === 0) run.impossible = true;
  run.written = { is: 'notes', notes: [sign === 'left-out' ? spelled(note.letter, 0) : note] };
}

/** Reads degrees off the scale one after the other, each from its own seven. */
export function readRow(run: AnswerRun, { degrees }: OfAnswer<'read-row'>): void {
  run.written = { is: 'notes', notes: degrees.map((degree) => run.on(((degree - 1) % 7) + 1)) };
}

export function stack(run: AnswerRun, { degree, size }: OfAnswer<'stack'>): void {
  run.chord = { notes: inThirds(seven(run), degree - 1, size), degree: ((degree - 1) % 7) + 1 };
}

export function writeChord(run: AnswerRun): void {
  run.written = { is: 'notes', notes: run.chord?.notes ?? [] };
}

const SWAPPED: Readonly<Record<TriadQuality, TriadQuality>> = {
  major: 'minor',
  minor: 'major',
  diminished: 'major',
  augmented: 'minor',
};

function degreeIn(tonic: SpelledNote, note: SpelledNote): number {
  return ((letterIndex(note.letter) - letterIndex(tonic.letter) + 7) % 7) + 1;
}

function countedDegree(run: AnswerRun, { counted }: OfAnswer<'say-numeral'>, root: SpelledNote): number {
  const { tonic, key } = run.asked;
  const degree = degreeIn(tonic, root);
  if (counted === 'in-the-key') return degree;
  if (counted === 'one-further') return (degree % 7) + 1;
  const up = key?.mode === 'major' ? -1 : 1;
  const third = run.tables.relative;
  if (key?.mode === 'major' || key?.mode === 'minor')
    return degreeIn(run.above(tonic, up * third.letters, up * third.semitones), root);
  return degreeIn(run.counted?.tonic ?? tonic, root);
}

/** A triad as its numeral says it: marked by its sign, or by the size of its letters alone. */
function triadSaid(chord: Chord, { letters, marked }: OfAnswer<'say-numeral'>): TriadQuality {
  const triad = TRIAD_OF[chord.quality];
  if (letters === 'swapped') return SWAPPED[triad];
  return triad === 'diminished' && !marked ? 'minor' : triad;
}

export function sayNumeral(run: AnswerRun, operation: OfAnswer<'say-numeral'>): void {
  const chord = run.chord && chordOf(run.chord.notes);
  const root = run.chord?.notes[0];
  if (!chord || !root) {
    run.impossible = true;
    return;
  }
  const triad = triadSaid(chord, operation);
  const whole = operation.marked && operation.letters === 'by-quality';
  const numeral: NumeralReading = {
    degree: countedDegree(run, operation, root),
    sign: operation.counted === 'in-the-key' ? signOfDegree(root, run.asked.tonic) : null,
    triad,
    seventh: seventhOf(chord),
    half: whole && chord.quality === 'half-diminished',
  };
  run.written = { is: 'numeral', numeral };
}

export function givenPitch(run: AnswerRun, operation: OfAnswer<'given-pitch'>): void {
  run.pitch = operation.pitch;
}

/** A pitch moved by letters and semitones. */
function moved(run: AnswerRun, from: Pitch, letters: number, semitones: number): Pitch {
  return pitch(run.above(from.note, letters, semitones), Math.floor((heightOf(from) + letters) / 7));
}

export function move(run: AnswerRun, { letters, semitones }: OfAnswer<'move'>): void {
  if (run.pitch) run.pitch = moved(run, run.pitch, letters, semitones);
}

export function moveOctaves(run: AnswerRun, { octaves }: OfAnswer<'move-octaves'>): void {
  if (run.pitch) run.pitch = pitch(run.pitch.note, run.pitch.octave + octaves);
}

export function sayPitch(run: AnswerRun): void {
  if (run.pitch) run.written = { is: 'pitch', pitch: run.pitch };
}
