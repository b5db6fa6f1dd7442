import { interpret, type Vocabulary } from '../../derive/machine/run';
import { SCALE_OPERATIONS } from '../../derive/machine/vocabulary';
import type { AnswerOperation, Program } from './answer-operation';
import { AnswerRun } from './answer-run';
import * as naming from './naming-operations';
import * as reading from './reading-operations';
import type { Written } from './written';

/** How each operation of an answer is done: those on a scale as in every derivation, and what is read off it. */
const ANSWER_OPERATIONS: Vocabulary<AnswerOperation, AnswerRun> = {
  ...SCALE_OPERATIONS,
  'given-signs': naming.givenSigns,
  'given-key': naming.givenKey,
  'find-major': naming.findMajor,
  'to-mode': naming.toMode,
  'to-partner': naming.toPartner,
  'other-mode': naming.otherMode,
  respell: naming.respell,
  'go-fifths': naming.goFifths,
  'name-form': naming.nameForm,
  'say-key': naming.sayKey,
  'sign-raised': reading.signRaised,
  'say-step': reading.sayStep,
  'say-steps': reading.saySteps,
  'write-notes': reading.writeNotes,
  'write-signs': reading.writeSigns,
  'read-degree': reading.readDegree,
  'read-row': reading.readRow,
  stack: reading.stack,
  'write-chord': reading.writeChord,
  'say-numeral': reading.sayNumeral,
  'given-pitch': reading.givenPitch,
  move: reading.move,
  'move-octaves': reading.moveOctaves,
  'say-pitch': reading.sayPitch,
};

/** What a program writes, or null where it leads nowhere: to a third sign, or with nothing to work on. */
export function answerOf(program: Program): Written | null {
  const run = interpret(program, ANSWER_OPERATIONS, new AnswerRun());
  return run.impossible ? null : run.written;
}
