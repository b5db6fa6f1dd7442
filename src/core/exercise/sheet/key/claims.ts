import { TRIAD_OF } from '../../../harmony/chord';
import { keysOf, ruleOf } from '../../../identify/key-of-signature';
import { identify } from '../../../identify/name-scale';
import { writeSignature } from '../../../identify/signature-of-key';
import { TRANSPOSING } from '../../../instrument/transposing';
import { type SpelledNote, semitonesAbove } from '../../../note/spelled';
import { readTones } from '../../../play/tune';
import { PATTERNS } from '../../../scale/pattern';
import { accidentalsOf, decidingSign, isPrintable, signatureOf } from '../../../scale/signature';
import type { Settings } from '../../../school/settings';
import { type MarkQuestion, rightAnswer } from '../../kinds/all';
import { pitchesHeard } from '../../kinds/dictation/dictation-question';
import { chordOnDegree, risingRow } from '../../kinds/on-scale';
import { fifthsAsked } from '../measure';
import type { Claim } from './claim';
import { claimsOfScale, raisedIn } from './claims-of-scale';

type Of<Kind extends MarkQuestion['kind']> = Extract<MarkQuestion, { readonly kind: Kind }>['question'];

const KEY_FACTS = [
  'empty-signature',
  'major-by-rule',
  'no-last-but-one',
  'with-its-sign',
  'minor-by-relative',
  'minor-by-last-sharp',
  'minor-by-third',
  'mode-owner',
];

/** From a signature to its key. */
function claimsOfKey({ fifths: count, mode }: Of<'name-key'>, school: Settings): readonly Claim[] {
  const { steps } = keysOf({
    count,
    asked: mode,
    rule: ruleOf(count, school),
    minorNaming: school.minorNaming,
  });
  const by = steps.filter(({ fact }) => KEY_FACTS.includes(fact.code));
  // A minor key named by the last sharp needs no major on the way.
  const short = by.some(({ fact }) => fact.code === 'minor-by-last-sharp')
    ? by.filter(({ fact }) => fact.code === 'minor-by-last-sharp')
    : by;
  return short.map(({ fact }) => ({ code: 'key-fact', fact }));
}

const WRITE_FACTS = [
  'under-tonic',
  'relative-major',
  'parent-degree',
  'count-places',
  'less-three',
  'no-signs',
  'plain-flat-key',
];

/** From a key to its signature: the key it is found by, and the sign that ends it. */
function claimsOfSigns({ tonic, scale }: Of<'signature'>, school: Settings): readonly Claim[] {
  return writeSignature(tonic, scale, school).steps.flatMap(({ fact }): readonly Claim[] => {
    if (fact.code === 'say-sharp' && fact.stops)
      return [{ code: 'order-ends', sharps: true, last: fact.sign, major: fact.tonic }];
    if (fact.code === 'say-flat' && fact.role === 'one-more')
      return [{ code: 'order-ends', sharps: false, last: fact.sign, major: fact.tonic }];
    return WRITE_FACTS.includes(fact.code) ? [{ code: 'write-fact', fact }] : [];
  });
}

function claimsOfSteps({ scale, direction }: Of<'steps'>): readonly Claim[] {
  const { rising, falling } = PATTERNS[scale];
  const steps = direction === 'down' ? falling : rising;
  const at = (size: number) => steps.flatMap((step, index) => (step === size ? [index + 1] : []));
  return [{ code: 'half-steps', below: at(1), wide: at(3) }];
}

function claimsOfName({ notes }: Of<'name-scale'>): readonly Claim[] {
  const { steps } = identify(notes);
  const decisions = steps.filter(({ fact }) => ['third', 'degree'].includes(fact.code));
  return decisions.map(({ fact }) => ({ code: 'decision', fact }));
}

function claimsOfPartner(
  asked: Extract<MarkQuestion, { kind: 'partner' }>,
  school: Settings,
): readonly Claim[] {
  const { relation, tonic, mode } = asked.question;
  const right = rightAnswer(asked, school);
  if (right.is !== 'key' || !right.key.scale) return [];
  const other = right.key.tonic;
  const [from, to] = [signatureOf(tonic, mode), signatureOf(other, PATTERNS[right.key.scale].mode)];
  if (relation === 'enharmonic')
    return [{ code: 'sounds-alike', from: tonic, to: other, counts: [from, to] }];
  if (relation === 'parallel') return [{ code: 'same-tonic', tonic, from, to }];
  const up = semitonesAbove(tonic, other);
  return [{ code: 'shares-signature', count: from, from: tonic, semitones: up > 6 ? up - 12 : up }];
}

function claimsOfDegree({ tonic, scale, degree }: Of<'degree'>): readonly Claim[] {
  const note = risingRow(tonic, scale)[degree - 1] as SpelledNote;
  const raised = raisedIn({ tonic, scale }).some(({ to }) => to === note);
  const printed = isPrintable(signatureOf(tonic, PATTERNS[scale].mode));
  const because = !printed ? 'counted' : raised ? 'raised' : note.alteration === 0 ? 'plain' : 'signature';
  return [{ code: 'degree', degree, tonic, note, because }];
}

function claimsOfChord({ tonic, scale, degree, size }: Of<'chord'>): readonly Claim[] {
  const { notes, quality } = chordOnDegree(tonic, scale, { degree, size });
  const sizes = notes.slice(1).map((note, at) => semitonesAbove(notes[at] as SpelledNote, note));
  return [{ code: 'thirds', notes, sizes, triad: TRIAD_OF[quality] }];
}

/** Why the right answer to a question is right, in the class's way of reasoning. The question must be one that can be marked. */
export function claimsOf(asked: MarkQuestion, school: Settings): readonly Claim[] {
  switch (asked.kind) {
    case 'scale':
      return claimsOfScale(asked.question, school.reasonBy);
    case 'signature':
    case 'name-signature':
      return claimsOfSigns(asked.question as Of<'signature'>, school);
    case 'name-key':
      return claimsOfKey(asked.question, school);
    case 'order': {
      const right = rightAnswer(asked, school);
      const signs = right.is === 'notes' ? right.notes : [];
      return [{ code: 'order', sharps: asked.question.order > 0, signs }];
    }
    case 'steps':
      return claimsOfSteps(asked.question);
    case 'name-scale':
      return claimsOfName(asked.question);
    case 'partner':
      return claimsOfPartner(asked, school);
    case 'degree':
      return claimsOfDegree(asked.question);
    case 'chord':
      return claimsOfChord(asked.question);
    case 'dictation': {
      const { tonic, scale, line } = asked.question;
      const degrees = (readTones(line) ?? []).map(({ degree }) => degree);
      const notes = pitchesHeard(asked.question).map(({ note }) => note);
      return [{ code: 'heard', tonic, scale, degrees, notes }];
    }
    case 'transpose': {
      const { instrument } = asked.question;
      const { letters, semitones } = TRANSPOSING[instrument] ?? { letters: 0, semitones: 0 };
      return [{ code: 'reads', instrument, letters, semitones }];
    }
  }
}

/** The sign that decides a question: what a form raises, or the deciding sign of its signature; null where none does. */
export function decidingNote(asked: MarkQuestion): SpelledNote | null {
  if (asked.kind === 'scale') {
    const raised = claimsOfScale(asked.question, 'signature').find(({ code }) => code === 'raised');
    if (raised?.code === 'raised') return raised.notes.at(-1)?.to ?? null;
  }
  const count = ['scale', 'signature', 'name-key', 'name-signature'].includes(asked.kind)
    ? fifthsAsked(asked)
    : null;
  const at = count === null ? null : decidingSign(count);
  return count === null || at === null ? null : (accidentalsOf(count)[at] ?? null);
}
