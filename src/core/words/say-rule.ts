import type { Fifths } from '../note/spelled';
import { accidentalsOf, isPrintable, ownerOf } from '../scale/signature';
import type { ClassWords } from './class-words';

/**
 * The rule of thumb by which the class reads a key off its signature, worked on this one; the last sign decides.
 * Null for a signature that is empty or never printed.
 */
export function sayKeyRule(w: ClassWords, count: Fifths, mode: 'major' | 'minor'): string | null {
  const last = accidentalsOf(count).at(-1);
  const major = ownerOf(count, 'major');
  if (!last || !major || !isPrintable(count)) return null;
  return mode === 'major' ? majorRule(w, count, major) : minorRule(w, count, major);
}

function majorRule(w: ClassWords, count: Fifths, major: Parameters<ClassWords['note']>[0]): string {
  const signs = accidentalsOf(count).map(w.note);
  const last = signs.at(-1) ?? '';
  const key = w.key(major, 'major');
  if (count > 0) {
    return w.settings.sharpRule === 'next-letter'
      ? `The next ${w.letterWord} after the last sharp, ${last}, with its own sign, names ${key}.`
      : `A diatonic ${w.halfTerm} above the last sharp, ${last}, stands ${key}.`;
  }
  if (w.settings.flatRule === 'last-but-one' && count < -1) {
    return `The last flat but one names ${key}.`;
  }
  const alone =
    count === -1 && w.settings.flatRule === 'last-but-one' ? 'With one flat there is no other: a' : 'A';
  return `${alone} fourth below the last flat, ${last}, stands ${key}.`;
}

function minorRule(w: ClassWords, count: Fifths, major: Parameters<ClassWords['note']>[0]): string {
  const minor = ownerOf(count, 'minor');
  if (!minor) return majorRule(w, count, major);
  const key = w.key(minor, 'minor');
  const last = accidentalsOf(count).map(w.note).at(-1) ?? '';
  if (w.settings.minorNaming === 'last-sign') {
    return count > 0
      ? `${capitalStep(w)} below the last sharp, ${last}, stands ${key}.`
      : `Three ${w.halves}, a third, below ${w.key(major, 'major')} stands ${key}.`;
  }
  return `${majorRule(w, count, major)} ${key} is its ${w.relative}${w.settings.relatives === 'german' ? '' : ' minor'}.`;
}

function capitalStep(w: ClassWords): string {
  const step = w.aStep(2);
  return step.slice(0, 1).toUpperCase() + step.slice(1);
}
