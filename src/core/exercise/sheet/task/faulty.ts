import { mistakeNamed } from '../../../mark/mistakes/all';
import { answerCode, readAnswerCode } from '../../code';
import { type MarkQuestion, rightAnswer } from '../../kinds/all';
import type { MarkSchool } from '../../kinds/kind';
import { type Asked, type Form, type Making, ofKind } from './task';
import { pickWrongRow, type WrongRow } from './wrong-row';

/** A written row with one habit in it, that is to be found and put right. */
export type FaultyItem<Id extends string> = WrongRow & {
  readonly task: Id;
  readonly question: Asked<'scale'>;
};

/** Its parts that do not hang on how many notes are wrong. */
export function faulty<const Id extends string>(id: Id, fits: (wrong: readonly number[]) => boolean) {
  type Item = FaultyItem<Id>;
  return {
    id,
    kinds: ['scale'] as const,
    suits: (asked: MarkQuestion): boolean => {
      const question = ofKind(asked, 'scale')?.question;
      // A row that runs both ways has too much in it for one look, and melodic minor comes down as a class has it.
      return (
        question?.direction === 'up' || (question?.direction === 'down' && question.scale !== 'melodic-minor')
      );
    },
    make: (asked: MarkQuestion, making: Making): Item | null => {
      const question = ofKind(asked, 'scale');
      if (!question) return null;
      const wrong = pickWrongRow(question, making, fits);
      return wrong && { task: id, question, ...wrong };
    },
    asked: ({ question }: Item) => question,
    write: ({ habit, shown }: Item) => `${habit}.${answerCode(shown)}`,
    read: (asked: MarkQuestion | null, text: string): Item | null => {
      const question = ofKind(asked, 'scale');
      const [name = '', row = ''] = text.split('.');
      const habit = mistakeNamed(name)?.id;
      const shown = question && readAnswerCode(question, row);
      return question && habit && shown?.is === 'scale' ? { task: id, question, habit, shown } : null;
    },
    stands: ({ question, shown }: Item, form: Form, school: MarkSchool) =>
      form === 'worked' ? rightAnswer(question, school) : shown,
  };
}
