import { type Asked, askedFor } from '../../derive/asked';
import { USUAL_WAYS } from '../../derive/method';
import { METHODS } from '../../derive/methods';
import { walkLine, walks } from '../../derive/methods/step-pattern';
import { TABLES } from '../../derive/tables';
import type { AnswerOperation, Program } from '../../mark/machine/answer-operation';
import type { SpelledNote } from '../../note/spelled';
import type { ScaleId } from '../../scale/pattern';

/** The scale of a question going up, as a working starts from it. */
export function risingAsked(tonic: SpelledNote, scale: ScaleId): Asked {
  return askedFor(tonic, scale, 'up');
}

/** A scale worked out by its signature, minor through its relative, and then what is read off it. */
export function bySignature(asked: Asked, reading: readonly AnswerOperation[]): Program {
  return [...METHODS.signature.program(asked, TABLES, USUAL_WAYS), ...reading];
}

/** The signs of a key alone: counted, taken from the order, and written. */
export function signsAlone(asked: Asked): Program {
  const program = METHODS.signature.program(asked, TABLES, USUAL_WAYS);
  const taken = program.findIndex(({ op }) => op === 'take-signs');
  return [...program.slice(0, taken + 1), { op: 'write-signs' }];
}

/** A scale walked by its steps; going down also from the tonic up, and written down from its top. */
export function bySteps(asked: Asked, reading: readonly AnswerOperation[]): readonly Program[] {
  const begun: Program = [
    { op: 'start', asked, tonic: 'kept', signs: false },
    { op: 'letters', settles: 'tonic', from: 'tonic' },
  ];
  const walked: Program = [...begun, ...walkLine(asked), ...reading];
  if (asked.direction !== 'down') return [walked];
  const last = asked.falling.length;
  const upwards = walks(asked.falling, { from: last, way: -1, above: 0, turn: 1 });
  return [walked, [...begun, ...upwards, ...reading]];
}
