import { readEnglishNote } from '@/core/note/parse';
import { asciiName } from '@/core/note/spelled';
import type { Lit } from '@/ui/surfaces/lit';

/** What is pointed at, as it is sent from window to window: `place-3`, `sign-F#`. */
export function litCode(lit: Lit | null): string | null {
  if (!lit) return null;
  return lit.kind === 'place' ? `place-${lit.place}` : `sign-${asciiName(lit.sign)}`;
}

/** What a code points at; null for nothing, and for what is no such code. */
export function litFrom(code: string | null): Lit | null {
  if (code === null) return null;
  const [, kind, said = ''] = /^(place|sign)-(.{1,4})$/u.exec(code) ?? [];
  if (kind === 'place') return /^\d+$/u.test(said) ? { kind: 'place', place: Number(said) } : null;
  if (kind !== 'sign') return null;
  const reading = readEnglishNote(said);
  return reading.ok ? { kind: 'sign', sign: reading.note } : null;
}
