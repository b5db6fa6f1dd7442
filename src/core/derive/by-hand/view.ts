import type { SpelledNote } from '../../note/spelled';
import type { Direction } from '../../scale/direction';
import type { Scale } from '../../scale/scale';
import type { DerivationStep } from '../derivation';
import type { Move, TetrachordPart } from '../fact';
import type { ScaleOperation } from '../machine/operation';
import { interpret, Run, type Vocabulary } from '../machine/run';
import { partTo, placesMended, sizesOf, stepTo, tryMove } from '../machine/tetrachord-operations';
import { SCALE_OPERATIONS } from '../machine/vocabulary';
import { USUAL_WAYS } from '../method';
import { definitionOf, METHODS } from '../methods';
import { TABLES } from '../tables';
import type { Hand } from './hand';

/** What comes of a move by hand: it fits, it is on the way to fit, or it does not do. */
export type MoveVerdict = 'fits' | 'nearer' | 'fails';

/** A note moved by hand, what its tetrachord comes to, and whether that mends it. */
export type MoveFact = {
  readonly before: SpelledNote;
  readonly move: Move;
  readonly is: number;
  readonly wanted: number;
  readonly part: TetrachordPart;
  readonly verdict: MoveVerdict;
};

/** What comes of moves: each with its fact, the steps as they are and as they are wanted, and the line as it stands. */
export type HandView = {
  readonly moves: readonly MoveFact[];
  /** The places that are moved, one a degree from 2 to 7: the tonic is given. */
  readonly movable: readonly number[];
  readonly sizes: readonly number[];
  readonly wanted: readonly number[];
  /** Degrees that are reached by another step than is wanted; none where all is mended. */
  readonly wrong: readonly number[];
  readonly now: DerivationStep;
};

type HandOperation =
  | ScaleOperation
  | { readonly op: 'move-by-hand'; readonly degree: number; readonly way: 1 | -1 };

/** Two tetrachords while they are mended by hand. */
class HandRun extends Run {
  readonly moves: MoveFact[] = [];
  moved: readonly number[] = [];
}

/** Degrees that are reached by another step than is wanted. */
function wrongDegrees(run: Run): readonly number[] {
  return [2, 3, 4, 5, 6, 7, 8].filter((degree) => stepTo(run, degree).is !== stepTo(run, degree).wanted);
}

/** Whether moves reach a place: not on melodic minor's way down, which has its own notes. */
function isReached(run: Run, place: number): boolean {
  return placesMended(run, run.places[place]?.degree ?? 0).includes(place);
}

/** A move mends where the step to the note comes to fit and none before it is wrong. */
function verdictOf(run: Run, degree: number, was: number): MoveVerdict {
  const { is, wanted } = stepTo(run, degree);
  if (wrongDegrees(run).some((wrong) => wrong < degree)) return 'fails';
  if (is === wanted) return 'fits';
  return Math.abs(is - wanted) < Math.abs(was - wanted) ? 'nearer' : 'fails';
}

const HAND_OPERATIONS: Vocabulary<HandOperation, HandRun> = {
  ...SCALE_OPERATIONS,
  'move-by-hand': (run, { degree, way }) => {
    const move = tryMove(run, degree, way);
    if (!move) {
      run.impossible = true;
      return;
    }
    const was = stepTo(run, degree).is;
    run.moved = placesMended(run, degree);
    run.write(run.moved, move.to);
    const { is, wanted } = stepTo(run, degree);
    const verdict = verdictOf(run, degree, was);
    run.moves.push({ before: run.on(degree - 1), move, is, wanted, part: partTo(degree), verdict });
  },
};

/**
 * Runs the moves of a hand on the plain letters of a scale; null where one would need a third sign, or the scale has not
 * seven steps. Nothing of it knows the scale as it is spelled.
 */
export function viewByHand(scale: Scale, direction: Direction, { taken, tried }: Hand): HandView | null {
  const asked = definitionOf(scale, direction);
  if (METHODS.tetrachords.whyNot(asked)) return null;
  const whole = METHODS.tetrachords.program(asked, TABLES, USUAL_WAYS);
  const begun = whole.slice(
    0,
    whole.findIndex(({ op }) => op === 'mend'),
  );
  const moves = [...taken, ...tried].map(
    ({ degree, way }): HandOperation => ({ op: 'move-by-hand', degree, way }),
  );
  const run = interpret([...begun, ...moves], HAND_OPERATIONS, new HandRun());
  if (run.impossible) return null;
  const row = [1, 2, 3, 4, 5, 6, 7, 8].map((degree) => run.on(degree));
  const wrong = wrongDegrees(run);
  // Once all fits, the way down follows as in every working; one of its own is open until then.
  if (wrong.length === 0)
    interpret(
      whole.slice(-1).filter(({ op }) => op === 'mirror'),
      HAND_OPERATIONS,
      run,
    );
  const open = (place: number) => wrong.length > 0 && !run.places[place]?.home && !isReached(run, place);
  return {
    moves: run.moves,
    movable: [2, 3, 4, 5, 6, 7].map((degree) => placesMended(run, degree)[0] as number),
    sizes: sizesOf(run, row),
    wanted: run.wanted,
    wrong,
    now: {
      fact: { code: 'same-coming-down' },
      at: run.moved,
      line: run.notes.map((note, place) => ({ note, stage: open(place) ? 'letter' : 'decided' })),
      signs: null,
      under: null,
    },
  };
}
