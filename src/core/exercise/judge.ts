import { explain } from '../mark/explain/explain';
import { type Judged, noteThing, type Thing } from '../mark/judging/judged';
import { allLost } from '../mark/judging/parts';
import { type Answer, BLANK } from './answer';
import { formOf, foundIn, type MarkQuestion, markProblem, rightAnswer, taskOf } from './kinds/all';
import type { Found, MarkSchool } from './kinds/kind';

/** What a right answer is, as one thing, where it can be said as one. */
function thingOf(answer: Answer, form: boolean): Thing | null {
  switch (answer.is) {
    case 'key':
      return { is: 'key', key: answer.key, form };
    case 'count':
      return answer.fifths === null ? null : { is: 'count', fifths: answer.fifths };
    case 'numeral':
      return { is: 'numeral', text: answer.text };
    case 'pitch':
      return { is: 'pitch', pitch: answer.pitch };
    case 'notes':
      return answer.notes.length === 1 && answer.notes[0] ? noteThing(answer.notes[0]) : null;
    default:
      return null;
  }
}

function withCauses(asked: MarkQuestion, found: Found, school: MarkSchool): Judged {
  const { written, aligned, task, ...judged } = found;
  const causes = written
    ? explain(task ?? taskOf(asked, school), written, school.known, aligned ?? null)
    : [];
  return { ...judged, causes };
}

/** A blank: all parts of the right answer are missing. */
function judgeBlank(asked: MarkQuestion, school: MarkSchool): Judged {
  const right = rightAnswer(asked, school);
  const of = right.is === 'blank' ? 1 : foundIn(asked, right, school).parts.of;
  return {
    correct: false,
    findings: [
      {
        code: 'nothing-given',
        index: null,
        expected: thingOf(right, asked.kind === 'name-scale'),
        got: null,
      },
    ],
    causes: [],
    checks: [],
    wrong: [],
    parts: allLost(of),
  };
}

/** Whether an answer is right, what differs and where, without looking for the mistakes behind it, which takes far longer. */
export function look(asked: MarkQuestion, answer: Answer, school: MarkSchool): Judged | null {
  if (markProblem(asked)) return null;
  if (answer.is === BLANK.is || answer.is !== formOf(asked)) return judgeBlank(asked, school);
  const { written: _, aligned: __, task: ___, ...judged } = foundIn(asked, answer, school);
  return { ...judged, causes: [] };
}

/**
 * Judges an answer to a question of any kind: right or wrong, what differs, the mistakes that lead to just it, the
 * checks, the parts that marks are counted by. An answer of another form is a blank. Null where the question cannot be
 * marked.
 */
export function judge(asked: MarkQuestion, answer: Answer, school: MarkSchool): Judged | null {
  if (markProblem(asked)) return null;
  if (answer.is === BLANK.is || answer.is !== formOf(asked)) return judgeBlank(asked, school);
  return withCauses(asked, foundIn(asked, answer, school), school);
}
