import { type AskedScale, askedFrom, isTyped } from '@/core/scale/asked';
import { NAMED_SCALE_IDS, type ScaleId, scaleIdFrom } from '@/core/scale/pattern';
import { readSteps } from '@/core/scale/typed-steps';
import type { QueryReader } from './query-reader';

/** The scale of an address: `scale` by its id, or `steps` that were typed, which hold before it. */
export function readAskedScale(reader: QueryReader, usual: ScaleId): AskedScale {
  const read = reader.get('steps');
  if (read === null) return readNamed(reader, usual);
  const reading = readSteps(read.split(','));
  const named = reader.get('scale');
  if (reading.ok) {
    if (named !== null)
      reader.problems.push({ code: 'address-unknown', parameter: 'scale', read: named.slice(0, 60) });
    return askedFrom(reading.steps);
  }
  reader.wrong('steps', reading.problem, scaleIdFrom(named ?? '') ?? usual);
  return readNamed(reader, usual);
}

function readNamed(reader: QueryReader, usual: ScaleId): ScaleId {
  return reader.choice('scale', NAMED_SCALE_IDS, usual, (read) => scaleIdFrom(read) ?? read);
}

/** The scale as an address says it. */
export function writeAskedScale(query: URLSearchParams, scale: AskedScale): void {
  query.set(isTyped(scale) ? 'steps' : 'scale', scale);
}

/** The scale that a choice of its word asks for, or null where it is none. */
export function askedScaleFrom(value: string): AskedScale | null {
  const steps = readSteps(value.split(','));
  return steps.ok ? askedFrom(steps.steps) : scaleIdFrom(value);
}
