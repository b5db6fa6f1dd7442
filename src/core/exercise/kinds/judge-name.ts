import { atPlace } from '../../mark/judging/findings';
import type { Finding, MarkCheck, Thing } from '../../mark/judging/judged';
import { onePart } from '../../mark/judging/parts';
import { isSameName, type NamedKey } from '../../mark/machine/written';
import { PATTERNS } from '../../scale/pattern';
import type { AnswerOf } from '../answer';
import type { Found, MarkSchool } from './kind';

/** What was wanted and what was said, in the words it was said in. */
type Both = { readonly index: 0; readonly expected: Thing; readonly got: Thing };

/** How a tonic stands to the one that was wanted. */
function tonicFinding(right: NamedKey, said: NamedKey, both: Both): readonly Finding[] {
  return right.tonic === said.tonic ? [] : [{ code: atPlace(right.tonic, said.tonic), ...both }];
}

/** Whether the first letter should be small: only where the class writes minor keys so, and else in no key. */
function wantsSmall({ scale }: NamedKey, { keyNames }: MarkSchool): boolean | null {
  const minor = scale ? PATTERNS[scale].mode === 'minor' : false;
  if (keyNames !== 'words') return minor;
  // In words `c minor` is written both ways.
  return minor ? null : false;
}

/** What a name must tell besides its tonic. */
export type NameAsked = {
  /** One minor form from another. */
  readonly form: boolean;
  /** Its mode, whatever the class wants, since the question does not say it. */
  readonly modeAsked: boolean;
};

/** The question says the mode. */
const MODE_KNOWN: NameAsked = { form: false, modeAsked: false };

function nameFindings(
  right: NamedKey,
  { key, small }: AnswerOf<'key'>,
  school: MarkSchool,
  { form, modeAsked }: NameAsked,
): readonly Finding[] {
  const both: Both = {
    index: 0,
    expected: { is: 'key', key: right, form },
    got: { is: 'key', key, form, small },
  };
  const found = [...tonicFinding(right, key, both)];
  if (key.scale === null) {
    if (modeAsked || school.modeWord === 'wanted') found.push({ code: 'mode-unsaid', ...both });
  } else if (!isSameName({ ...key, tonic: right.tonic }, right, form))
    found.push({ code: 'mode-differs', ...both });
  const wanted = wantsSmall(right, school);
  if (school.capital === 'wanted' && wanted !== null && wanted !== small)
    found.push({ code: 'capital', ...both });
  return found;
}

function nameChecks(right: NamedKey, key: NamedKey, form: boolean): readonly MarkCheck[] {
  const about: readonly Thing[] = [right, key].map((each) => ({ is: 'key', key: each, form }));
  const check = (id: MarkCheck['check'], holds: boolean | null): MarkCheck => ({
    check: id,
    holds,
    at: [],
    about,
  });
  const letter = right.tonic.letter === key.tonic.letter;
  const mode = key.scale === null ? null : isSameName({ ...key, tonic: right.tonic }, right, form);
  return [
    check('letter-right', letter),
    check('sign-right', letter ? right.tonic.alteration === key.tonic.alteration : null),
    check('mode-said', key.scale !== null),
    check('mode-right', mode),
  ];
}

/** Judges one name against the one that is right. */
export function judgeName(
  right: NamedKey,
  answer: AnswerOf<'key'>,
  school: MarkSchool,
  asked = MODE_KNOWN,
): Found {
  const findings = nameFindings(right, answer, school, asked);
  const { form } = asked;
  // A mode left unsaid is judged as the one that was asked, and found as unsaid.
  const said = answer.key.scale === null ? { ...answer.key, scale: right.scale } : answer.key;
  const wrong = findings.length > 0;
  return {
    correct: !wrong,
    findings,
    checks: nameChecks(right, answer.key, form),
    wrong: wrong ? [0] : [],
    parts: onePart(!wrong, answer.key.tonic.letter === right.tonic.letter),
    written: { is: 'key', key: said, form },
  };
}

/** A key as it is named right: small where the class writes minor keys so. */
export function namedRight(key: NamedKey, { keyNames }: MarkSchool): AnswerOf<'key'> {
  const minor = key.scale !== null && PATTERNS[key.scale].mode === 'minor';
  return { is: 'key', key, small: minor && keyNames !== 'words', reasons: [] };
}
