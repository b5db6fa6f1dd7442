import { METHOD_IDS } from '@/core/derive/derivation';
import { readEnglishNote } from '@/core/note/parse';
import { asciiName } from '@/core/note/spelled';
import { askedFrom } from '@/core/scale/asked';
import { scaleIdFrom } from '@/core/scale/pattern';
import { readSteps } from '@/core/scale/typed-steps';
import type { Beside } from './derive-sentence';

/** What stands beside as an address has it: `parent`, `A natural-minor`, `D 2,2,3,2,3`. */
export function writeBeside(beside: Beside): string {
  return beside.kind === 'method' ? beside.method : `${asciiName(beside.tonic)} ${beside.scale}`;
}

/** Reads what an address wants beside, or null where it is neither a method nor a tonic with a scale. */
export function readBeside(read: string): Beside | null {
  const method = METHOD_IDS.find((id) => id === read);
  if (method) return { kind: 'method', method };
  const [first = '', second = '', ...more] = read.trim().split(/\s+/u);
  const tonic = readEnglishNote(first);
  if (!tonic.ok || more.length > 0) return null;
  const id = scaleIdFrom(second);
  const steps = readSteps(second.split(','));
  const scale = id ?? (steps.ok ? askedFrom(steps.steps) : null);
  return scale && { kind: 'scale', tonic: tonic.note, scale };
}
