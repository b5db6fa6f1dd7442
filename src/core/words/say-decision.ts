import type { Decision } from '../identify/decision';
import type { ScaleName } from '../identify/scale-name';
import type { SoundingScale, SpellingFinding } from '../identify/spelling';
import type { ScaleId } from '../scale/pattern';
import type { ClassWords } from './class-words';
import type { SaidStep } from './say-method';
import { capital, degreeIn, numberWord, ordinal } from './vocabulary';

type Of<Code extends Decision['code']> = Extract<Decision, { readonly code: Code }>;

const plain = (text: string): SaidStep => ({ text, reason: null });
const steps = (w: ClassWords, sizes: readonly number[]) => sizes.map(w.stepLetters).join(' ');

/** One step on the way from notes to the name of their scale. */
export function sayDecision(w: ClassWords, fact: Decision): SaidStep {
  switch (fact.code) {
    case 'direction':
      return rowLine(w, fact);
    case 'spelling-right':
      return plain(
        `The spelling first: ${numberWord(fact.count)} ${w.letterWords}, none skipped, none twice.`,
      );
    case 'spelling-wrong':
      return plain(
        `The spelling first: ${fact.findings.map((finding) => sayFinding(w, finding)).join('; ')}.`,
      );
    case 'third':
      return thirdLine(w, fact);
    case 'no-third':
      return plain(`There is no third above ${w.note(fact.from)}, so the kind stays open.`);
    case 'degree':
      return degreeLine(w, fact);
    case 'steps-fit':
      return {
        text: `All steps fit: ${steps(w, fact.steps)}. It is ${w.scale(fact.tonic, fact.scale)}.`,
        reason: null,
      };
    case 'steps-misfit':
      return misfitLine(w, fact);
    case 'sounds-like':
      return plain(
        `By sound alone it is ${fact.sounding.map((each) => soundingText(w, each)).join(', or ')}.`,
      );
    case 'holds-all':
      return {
        text: `These notes do not run from letter to letter. ${fact.count === 1 ? 'One scale holds' : `${capital(numberWord(fact.count))} scales hold`} them all; first ${w.scale(fact.best.tonic, fact.best.scale)}.`,
        reason: sayBecause(w, fact.best),
      };
    case 'others':
      return {
        text: `Other names that fit: ${fact.names.map(({ tonic, scale }) => w.scale(tonic, scale)).join(', ')}.`,
        reason:
          'They hold the same notes; the first and the last note decide between them, and where a piece comes home.',
      };
    case 'none-fits':
      return plain('No scale that has a name here holds these notes as they are spelled.');
  }
}

function rowLine(w: ClassWords, { way, rising }: Of<'direction'>): SaidStep {
  if (way === 'up') return plain(`A row going up: ${w.noteList(rising)}.`);
  if (way === 'both')
    return {
      text: `Up and down; take the way up: ${w.noteList(rising)}.`,
      reason: 'A scale is named by its rising form.',
    };
  return {
    text: `Going down; turned round: ${w.noteList(rising)}.`,
    reason: 'A scale is named by its rising form.',
  };
}

/** What is wrong with the spelling of a place. */
function sayFinding(w: ClassWords, finding: SpellingFinding): string {
  switch (finding.code) {
    case 'letter-repeated':
      return `the ${w.letterWord} ${w.letter(finding.note.letter)} stands twice`;
    case 'letter-skipped':
      return finding.letters === 1
        ? `one ${w.letterWord} is skipped`
        : `${numberWord(finding.letters)} ${w.letterWords} are skipped`;
    case 'top-differs':
      return `the top is ${w.note(finding.note)}, but the bottom ${w.note(finding.first)}`;
  }
}

function thirdLine(w: ClassWords, { from, to, semitones }: Of<'third'>): SaidStep {
  const measured = `${w.note(from)} to ${w.note(to)}, 1 to 3: ${numberWord(semitones)} ${w.halves}`;
  if (semitones === 4) return plain(`${measured}, a major third: a major kind.`);
  if (semitones === 3) return plain(`${measured}, a minor third: a minor kind.`);
  return plain(`${measured}: neither a major nor a minor third.`);
}

function degreeLine(
  w: ClassWords,
  { degree, measured, from, to, semitones, leaves }: Of<'degree'>,
): SaidStep {
  const left = remaining(w, leaves);
  if (measured === 'to-octave') {
    const name =
      semitones === 1 ? w.aStep(1) : semitones === 2 ? w.aStep(2) : `${numberWord(semitones)} ${w.halves}`;
    return plain(`7 to 8, ${w.note(from)} to ${w.note(to)}: ${name}. ${left}`);
  }
  if (measured === 'six-to-seven') {
    const name = semitones === 3 ? `three ${w.halves}` : w.aStep(semitones);
    return plain(`6 to 7, ${w.note(from)} to ${w.note(to)}: ${name}. ${left}`);
  }
  const called = degreeIn(w.settings.degrees === 'against-major' ? 'numbers' : w.settings.degrees, degree, 0);
  return plain(
    `The ${called}, ${w.note(to)}: ${numberWord(semitones)} ${w.halves} above ${w.note(from)}. ${left}`,
  );
}

function remaining(w: ClassWords, leaves: readonly ScaleId[]): string {
  if (leaves.length === 0) return 'No scale of this kind has that.';
  const names = leaves.map(w.scaleWord);
  if (names.length === 1) return `That leaves ${names[0]}.`;
  return `That leaves ${names.slice(0, -1).join(', ')} or ${names.at(-1)}.`;
}

function misfitLine(w: ClassWords, { rotation, steps: sizes, tonic }: Of<'steps-misfit'>): SaidStep {
  const read = sizes.map((size) => w.stepLetters(size) || String(size)).join(' ');
  const text = `The steps are ${read}: no scale on ${w.note(tonic)} that has a name here.`;
  if (!rotation) return plain(text);
  const where = rotation.degree === 1 ? 'as it rises' : `from its ${ordinal(rotation.degree)} note`;
  return { text, reason: `They are those of ${w.scaleWord(rotation.id)} ${where}.` };
}

/** A scale that a row only sounds like, with its own spelling. */
function soundingText(w: ClassWords, { tonic, scale, notes }: SoundingScale): string {
  return `${w.scale(tonic, scale)}, spelled ${w.noteList(notes)}`;
}

/** Why a name stands where it does among those that fit. */
export function sayBecause(w: ClassWords, { tonic, reason, missing }: ScaleName): string {
  const home = w.note(tonic);
  const without = missing.length === 0 ? '' : ` It has no ${w.noteList(missing)} here.`;
  switch (reason) {
    case 'whole-row':
      return `It is the whole row from ${home}.`;
    case 'begins-and-ends':
      return `It begins and ends on ${home}.${without}`;
    case 'begins':
      return `It begins on ${home}.${without}`;
    case 'ends':
      return `It ends on ${home}.${without}`;
    case 'within':
      return `It holds all these notes; ${home} is among them.${without}`;
  }
}
