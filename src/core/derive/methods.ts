import type { SpelledNote } from '../note/spelled';
import type { Direction } from '../scale/direction';
import { PATTERNS } from '../scale/pattern';
import type { Scale } from '../scale/scale';
import type { Asked } from './asked';
import { type Derivation, METHOD_IDS, type MethodId } from './derivation';
import { interpret, Run } from './machine/run';
import { SCALE_OPERATIONS } from './machine/vocabulary';
import { type DeriveWays, type Method, type MethodProblem, USUAL_WAYS } from './method';
import { chain } from './methods/chain';
import { parallel } from './methods/parallel';
import { parent } from './methods/parent';
import { signature } from './methods/signature';
import { stepPattern } from './methods/step-pattern';
import { tetrachords } from './methods/tetrachords';
import { window } from './methods/window';
import { TABLES, type Tables } from './tables';

/** The methods, by their ids. */
export const METHODS: Readonly<Record<MethodId, Method>> = {
  'step-pattern': stepPattern,
  tetrachords,
  signature,
  parallel,
  parent,
  chain,
  window,
};

/** What of a scale a method may know: its tonic and its definition, none of its notes. */
export function definitionOf(scale: Scale, direction: Direction): Asked {
  const { tonic, id, rising, falling } = scale;
  const upwards = falling.toReversed();
  const key = id && scale.signature !== null ? PATTERNS[id] : null;
  return {
    tonic,
    scale: id,
    rising,
    falling: upwards,
    key: key && { mode: key.mode, raised: key.raised },
    ownDescent: upwards.some((step, at) => step !== rising[at]),
    direction,
  };
}

/** Why a method cannot serve a scale, or null where it can. */
export function whyNot(scale: Scale, method: MethodId): MethodProblem | null {
  const code = METHODS[method].whyNot(definitionOf(scale, 'up'));
  return code && { code, method };
}

/** Why methods cannot serve a scale, for those that cannot. */
export function barredFrom(scale: Scale): readonly MethodProblem[] {
  return METHOD_IDS.flatMap((method) => whyNot(scale, method) ?? []);
}

/** The methods that can serve a scale, in the order they are offered. */
export function methodsFor(scale: Scale): readonly MethodId[] {
  return METHOD_IDS.filter((method) => whyNot(scale, method) === null);
}

/** Runs the program of a method; null where it cannot serve what is asked or would need a third sign. */
export function runMethod(
  method: MethodId,
  asked: Asked,
  {
    tables = TABLES,
    ways = USUAL_WAYS,
    telling = false,
  }: { readonly tables?: Tables; readonly ways?: DeriveWays; readonly telling?: boolean } = {},
): Run | null {
  const { whyNot: hinders, program } = METHODS[method];
  if (hinders(asked)) return null;
  const run = interpret(program(asked, tables, ways), SCALE_OPERATIONS, new Run(tables, telling));
  return run.impossible ? null : run;
}

/** The working by one method in a class's way, or null where the method cannot serve the scale. */
export function derive(
  scale: Scale,
  direction: Direction,
  method: MethodId,
  ways: DeriveWays = USUAL_WAYS,
): Derivation | null {
  const run = runMethod(method, definitionOf(scale, direction), { ways, telling: true });
  return run && { question: { scale, direction }, method, steps: run.steps, answer: run.notes };
}

/** Whether notes are these very spellings, in this order. */
export function areSameNotes(one: readonly SpelledNote[], other: readonly SpelledNote[]): boolean {
  return one.length === other.length && one.every((note, at) => note === other[at]);
}
