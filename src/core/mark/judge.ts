import { judgeChordNotes, judgeDegree, judgeNumeral } from './judge-degree';
import { judgeNamedKey, judgeNamedScale, judgePartner } from './judge-key';
import { judgeScale, type MarkSchool } from './judge-scale';
import { judgeNamedSignature, judgeOrder, judgeSignature } from './judge-signature';
import { judgeSteps } from './judge-steps';
import { judgeTransposed } from './judge-transposed';
import type { Judged } from './judged';
import type { Marked } from './questions';

/**
 * Judges an answer to a question of any kind: right or wrong, what differs, the habit that predicts it, the checks.
 * Throws where the question has no answer; that is refused where it is read.
 */
export function judge(marked: Marked, school: MarkSchool): Judged {
  switch (marked.kind) {
    case 'scale':
      return judgeScale(marked.question, marked.answer, school);
    case 'signature':
      return judgeSignature(marked.question, marked.answer, school);
    case 'name-key':
      return judgeNamedKey(marked.question, marked.answer, school);
    case 'name-signature':
      return judgeNamedSignature(marked.question, marked.answer, school);
    case 'order':
      return judgeOrder(marked.question, marked.answer, school);
    case 'steps':
      return judgeSteps(marked.question, marked.answer, school);
    case 'name-scale':
      return judgeNamedScale(marked.question, marked.answer, school);
    case 'partner':
      return judgePartner(marked.question, marked.answer, school);
    case 'degree':
      return judgeDegree(marked.question, marked.answer, school);
    case 'chord':
      return 'numeral' in marked.answer
        ? judgeNumeral(marked.question, marked.answer.numeral, school)
        : judgeChordNotes(marked.question, marked.answer.notes, school);
    case 'transpose':
      return judgeTransposed(marked.question, marked.answer, school);
  }
}
