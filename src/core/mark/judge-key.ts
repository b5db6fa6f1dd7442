import { parallelKey, relativeKey } from '../harmony/key';
import { identify } from '../identify/name-scale';
import { type SpelledNote, semitonesAbove } from '../note/spelled';
import { degreeOf } from '../scale/degree';
import { PATTERNS, SCALE_IDS, type ScaleId, scaleOfMode } from '../scale/pattern';
import { enharmonicKeyTonic, ownerOf, signatureOf } from '../scale/signature';
import { atPlace } from './findings';
import type { MarkSchool } from './judge-scale';
import type { Finding, Judged, MarkCheck, NamedKey, Thing } from './judged';
import { NAMING } from './names/all';
import type { KeyAsked } from './names/key-asked';
import { explain, type Procedure } from './procedure';
import type { KeyAnswer, NameKeyQuestion, NameScaleQuestion, PartnerQuestion, Reason } from './questions';

const keyThing = (key: NamedKey): Thing => ({ is: 'key', key });

/** Two names are one where tonic and mode agree; a minor form is its minor key. */
function sameKey(one: NamedKey, other: NamedKey): boolean {
  const mode = ({ scale }: NamedKey) => (scale ? PATTERNS[scale].mode : null);
  return one.tonic === other.tonic && mode(one) === mode(other);
}

const sameScale = (one: NamedKey, other: NamedKey) => one.tonic === other.tonic && one.scale === other.scale;

/** How a tonic stands to the one that was wanted. */
function tonicFinding(right: NamedKey, said: NamedKey): readonly Finding[] {
  if (right.tonic === said.tonic) return [];
  const code = atPlace(right.tonic, said.tonic);
  return [{ code, index: 0, expected: keyThing(right), got: keyThing(said) }];
}

/** Whether the first letter should be small: only where the class writes minor keys so, and else in no key. */
function wantsSmall({ scale }: NamedKey, { keyNames }: MarkSchool): boolean | null {
  const minor = scale ? PATTERNS[scale].mode === 'minor' : false;
  if (keyNames !== 'words') return minor;
  // In words `c minor` is written both ways.
  return minor ? null : false;
}

function nameFindings(
  right: NamedKey,
  { key, small }: KeyAnswer,
  school: MarkSchool,
  same: typeof sameKey,
): readonly Finding[] {
  const found = [...tonicFinding(right, key)];
  const both = { index: 0, expected: keyThing(right), got: keyThing(key) };
  if (key.scale === null) {
    if (school.modeWord === 'wanted') found.push({ code: 'mode-unsaid', ...both });
  } else if (!same({ ...key, tonic: right.tonic }, right)) found.push({ code: 'mode-differs', ...both });
  const wanted = wantsSmall(right, school);
  if (school.capital === 'wanted' && wanted !== null && wanted !== small)
    found.push({ code: 'capital', ...both });
  return found;
}

function nameChecks(right: NamedKey, { key }: KeyAnswer, same: typeof sameKey): readonly MarkCheck[] {
  const check = (id: MarkCheck['check'], holds: boolean | null): MarkCheck => ({
    check: id,
    holds,
    at: [],
    about: [keyThing(right), keyThing(key)],
  });
  return [
    check('letter-right', right.tonic.letter === key.tonic.letter),
    check(
      'sign-right',
      right.tonic.letter === key.tonic.letter ? right.tonic.alteration === key.tonic.alteration : null,
    ),
    check('mode-said', key.scale !== null),
    check('mode-right', key.scale === null ? null : same({ ...key, tonic: right.tonic }, right)),
  ];
}

/** Judges one name against the one that is right. */
function judgeName(
  right: NamedKey,
  asked: KeyAsked,
  answer: KeyAnswer,
  school: MarkSchool,
  {
    procedures = NAMING,
    same = sameKey,
  }: { readonly procedures?: readonly Procedure<KeyAsked, NamedKey>[]; readonly same?: typeof sameKey } = {},
): Judged {
  const findings = nameFindings(right, answer, school, same);
  // A mode left unsaid is judged as the one that was asked, and found as unsaid.
  const said = answer.key.scale === null ? { ...answer.key, scale: right.scale } : answer.key;
  const wrong = findings.length > 0;
  const half =
    wrong &&
    findings.every(({ code }) => code === 'wrong-sign' || code === 'mode-unsaid' || code === 'capital');
  return {
    correct: !wrong,
    findings,
    causes: explain(procedures, asked, [right, said], same, school.known),
    checks: nameChecks(right, answer, same),
    wrong: wrong ? [0] : [],
    parts: { of: 1, wrong: wrong ? 1 : 0, halfRight: half ? 1 : 0, apart: 0 },
  };
}

/** The key a signature belongs to in a mode. */
export function keyOfSignature({ fifths, mode }: NameKeyQuestion): NamedKey {
  const tonic = ownerOf(fifths, mode);
  if (!tonic) throw new RangeError('one of the fifteen signatures');
  return { tonic, scale: scaleOfMode(mode) };
}

/** Judges a key named from its signature. */
export function judgeNamedKey(question: NameKeyQuestion, answer: KeyAnswer, school: MarkSchool): Judged {
  const right = keyOfSignature(question);
  return judgeName(right, { ...question, tonic: right.tonic, of: null }, answer, school);
}

/** The relative, parallel or enharmonic key of a key, or null where it has none that can be written. */
export function partnerOf({ relation, tonic, mode }: PartnerQuestion): NamedKey | null {
  const key = { tonic, mode };
  if (relation === 'enharmonic') {
    const other = enharmonicKeyTonic(tonic, signatureOf(tonic, mode));
    return other && { tonic: other, scale: scaleOfMode(mode) };
  }
  const other = relation === 'relative' ? relativeKey(key) : parallelKey(key);
  return other && { tonic: other.tonic, scale: scaleOfMode(other.mode) };
}

/** The partner of another kind: parallel for relative, or relative for parallel. */
const OTHER_RELATION = { relative: 'parallel', parallel: 'relative', enharmonic: 'relative' } as const;

/** Judges the relative, parallel or enharmonic key of a key. Throws where there is none. */
export function judgePartner(question: PartnerQuestion, answer: KeyAnswer, school: MarkSchool): Judged {
  const right = partnerOf(question);
  if (!right?.scale) throw new RangeError('asked only where there is one');
  const { mode } = PATTERNS[right.scale];
  const other = partnerOf({ ...question, relation: OTHER_RELATION[question.relation] });
  // What was asked for and what it is called by the other relation are told apart here.
  const swapped: Procedure<KeyAsked, NamedKey> = {
    id: question.relation === 'relative' ? 'named-parallel' : 'named-relative',
    rank: 0,
    second: false,
    makes: () => (other ? [other] : []),
  };
  const asked: KeyAsked = { tonic: right.tonic, mode, fifths: signatureOf(right.tonic, mode), of: question };
  const rest = NAMING.filter(({ id }) => id !== swapped.id);
  return judgeName(right, asked, answer, school, { procedures: [swapped, ...rest] });
}

/** Habits by which a scale is called another one on its own tonic, by what was overlooked. */
function scaleNaming(right: NamedKey): readonly Procedure<KeyAsked, NamedKey>[] {
  const calls = (
    id: Procedure<KeyAsked, NamedKey>['id'],
    from: ScaleId,
    to: ScaleId,
  ): Procedure<KeyAsked, NamedKey> => ({
    id,
    rank: 0,
    second: false,
    makes: () => (right.scale === from ? [{ tonic: right.tonic, scale: to }] : []),
  });
  const others: Procedure<KeyAsked, NamedKey> = {
    id: 'wrong-mode',
    rank: 20,
    second: false,
    makes: () => SCALE_IDS.filter((id) => id !== right.scale).map((scale) => ({ tonic: right.tonic, scale })),
  };
  const relatives = NAMING.filter(({ id }) =>
    [
      'named-without-sign',
      'named-relative',
      'named-enharmonic',
      'named-parallel',
      'named-neighbour',
    ].includes(id),
  );
  return [
    // Named as if the raised notes had not been seen, or more of them than there are.
    calls('seventh-not-raised', 'harmonic-minor', 'natural-minor'),
    calls('sixth-and-seventh-not-raised', 'melodic-minor', 'natural-minor'),
    calls('sixth-not-raised', 'melodic-minor', 'harmonic-minor'),
    calls('sixth-raised', 'harmonic-minor', 'melodic-minor'),
    calls('form-unasked', 'natural-minor', 'harmonic-minor'),
    calls('form-unasked', 'natural-minor', 'melodic-minor'),
    ...relatives,
    others,
  ];
}

/** The half steps between two degrees of a rising row, or null where a degree is not there. */
function measured(rising: readonly SpelledNote[], { from, to }: Reason): number | null {
  const tonic = rising[0];
  const on = (degree: number) =>
    degree === 8 ? tonic : rising.find((note) => tonic && degreeOf(note, tonic).degree === degree);
  const [low, high] = [on(from), on(to)];
  return low && high ? semitonesAbove(low, high) : null;
}

/** Whether what was reasoned fits the name that was given. */
function follows(name: NamedKey, reasons: readonly Reason[]): boolean {
  if (!name.scale) return true;
  const steps = PATTERNS[name.scale].rising;
  return reasons.every(
    ({ from, to, semitones }) =>
      steps.slice(from - 1, to - 1).reduce((sum, step) => sum + step, 0) === semitones,
  );
}

/** The one name that a written-out scale has, or null where it is no whole scale. */
export function nameOfRow(notes: readonly SpelledNote[]): NamedKey | null {
  const [best] = identify(notes).names;
  return best?.reason === 'whole-row' ? { tonic: best.tonic, scale: best.scale } : null;
}

/**
 * Judges the name of a scale, and the reasons given for it one by one: whether each distance is what stands there, and
 * whether the name follows from what was found. Throws where the notes are no whole scale.
 */
export function judgeNamedScale(
  { notes }: NameScaleQuestion,
  { reasons, ...answer }: KeyAnswer & { readonly reasons: readonly Reason[] },
  school: MarkSchool,
): Judged {
  const right = nameOfRow(notes);
  if (!right?.scale) throw new RangeError('asked only of a whole scale');
  const { mode } = PATTERNS[right.scale];
  const asked: KeyAsked = { tonic: right.tonic, mode, fifths: signatureOf(right.tonic, mode), of: null };
  const named = judgeName(right, asked, answer, school, { procedures: scaleNaming(right), same: sameScale });
  const rising = notes[0] === right.tonic ? notes.slice(0, 8) : [...notes].reverse();
  const wrong = reasons.flatMap((reason, index): readonly Finding[] => {
    const there = measured(rising, reason);
    if (there === null || there === reason.semitones) return [];
    return [
      {
        code: 'reason-wrong',
        index,
        expected: { is: 'step', semitones: there },
        got: { is: 'step', semitones: reason.semitones },
      },
    ];
  });
  const checks: readonly MarkCheck[] = [
    {
      check: 'reasons-hold',
      holds: reasons.length === 0 ? null : wrong.length === 0,
      at: wrong.flatMap(({ index }) => index ?? []),
      about: [],
    },
    {
      check: 'name-follows',
      holds: reasons.length === 0 ? null : follows(answer.key, reasons),
      at: [],
      about: [],
    },
  ];
  const of = 1 + reasons.length;
  const { parts } = named;
  return {
    ...named,
    correct: named.correct && wrong.length === 0,
    findings: [...named.findings, ...wrong],
    checks: [...named.checks, ...checks],
    parts: { of, wrong: parts.wrong + wrong.length, halfRight: parts.halfRight, apart: wrong.length },
  };
}
