import type { AnswerOperation, OfAnswer, Program } from '../machine/answer-operation';

type Code = AnswerOperation['op'];

/** The operations of a code in a program. */
export function all<Op extends Code>(program: Program, op: Op): readonly OfAnswer<Op>[] {
  return program.filter((operation): operation is OfAnswer<Op> => operation.op === op);
}

export function has(program: Program, op: Code): boolean {
  return program.some((operation) => operation.op === op);
}

/** The program with each operation of a code changed; none where there is none, or nothing was changed. */
export function changing<Op extends Code>(
  program: Program,
  op: Op,
  change: (operation: OfAnswer<Op>) => AnswerOperation | readonly AnswerOperation[],
): readonly Program[] {
  if (!has(program, op)) return [];
  let changed = false;
  const altered = program.flatMap((operation) => {
    if (operation.op !== op) return operation;
    const next = change(operation as OfAnswer<Op>);
    if (next !== operation) changed = true;
    return next;
  });
  return changed ? [altered] : [];
}

/** The program without the operations of which something holds; none where there are none. */
export function leavingOut(
  program: Program,
  is: (operation: AnswerOperation) => boolean,
): readonly Program[] {
  return program.some(is) ? [program.filter((operation) => !is(operation))] : [];
}

/** The program with operations before the first of a code; none where it is not there. */
export function adding(
  program: Program,
  before: Code,
  added: readonly AnswerOperation[],
): readonly Program[] {
  const at = program.findIndex(({ op }) => op === before);
  return at < 0 ? [] : [program.toSpliced(at, 0, ...added)];
}

const WALKING: readonly Code[] = ['walk', 'mirror', 'natural-form', 'say-step'];

/** The program with all that is walked, or said of steps, put anew; none where nothing is. */
export function walkingAnew(program: Program, walked: readonly AnswerOperation[]): readonly Program[] {
  const at = program.findIndex(({ op }) => WALKING.includes(op));
  if (at < 0) return [];
  const rest = program.filter(({ op }) => !WALKING.includes(op));
  return [rest.toSpliced(at, 0, ...walked)];
}
