import type { ClassWords } from '@/core/words/class-words';
import { scaleName } from '@/core/words/say-scale';
import type { DeriveView } from './view';

/** Two methods are told apart by their names, two scales by theirs. */
export function sideName(w: ClassWords, view: DeriveView, other: DeriveView, side: DeriveView): string {
  const methods = sameScale(view, other);
  return methods ? w.method(side.derivation.method) : scaleName(w, side.scale);
}

/** Whether two workings are of one scale, by two methods. */
export function sameScale({ scale }: DeriveView, other: DeriveView): boolean {
  return scale.tonic === other.scale.tonic && scaleKey(scale) === scaleKey(other.scale);
}

function scaleKey({ id, rising }: DeriveView['scale']): string {
  return id ?? rising.join();
}
