import { fieldsAsked, fieldsOf, markProblem, questionFrom } from '../../exercise/kinds/all';
import { type Fields, USUAL_FIELDS } from '../../exercise/kinds/fields';
import { keyAsked, practiceFor } from '../../exercise/practice';
import { mistakeNamed } from '../../mark/mistakes/all';
import { fifths } from '../../note/spelled';
import { PATTERNS } from '../../scale/pattern';
import type { Settings } from '../../school/settings';
import { signsOfKey } from './asking';
import type { KnownItem } from './known';
import { type DrillQuestion, drillCode, readDrillCode } from './question';

/** The same question about the key on which a habit is practised; null where it has no key to change. */
function practised(
  question: DrillQuestion,
  habit: string,
  school: Pick<Settings, 'melodicDown'>,
): DrillQuestion | null {
  const mistake = mistakeNamed(habit);
  if (!mistake || (question.is !== 'asked' && question.is !== 'number')) return null;
  const { asked } = question;
  const key = practiceFor(mistake.id, keyAsked(asked));
  const before: Fields = { ...USUAL_FIELDS, ...fieldsAsked(asked) };
  const has = fieldsOf(asked.kind);
  const { mode } = PATTERNS[key.scale];
  const fields = has.includes('fifths')
    ? { ...before, mode, fifths: fifths(signsOfKey(key)) }
    : has.includes('scale') && has.includes('tonic')
      ? { ...before, ...key }
      : null;
  const next = fields && questionFrom(asked.kind, fields, school);
  return next && markProblem(next) === null ? { ...question, asked: next } : null;
}

/** Questions that the last wrong answers call for: the same about the key on which each habit is practised, the latest first. */
export function calledFor(
  items: readonly KnownItem[],
  school: Pick<Settings, 'melodicDown'>,
): readonly string[] {
  const wrong = items
    .filter(({ lastWrong, habit }) => lastWrong && habit !== null)
    .toSorted((a, b) => b.schedule.last - a.schedule.last || (a.item < b.item ? -1 : 1));
  const codes = wrong.flatMap(({ question, habit }): readonly string[] => {
    const read = readDrillCode(question, school);
    const next = read && practised(read, habit ?? '', school);
    return next ? [drillCode(next)] : [];
  });
  return [...new Set(codes)];
}
