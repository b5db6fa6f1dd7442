import { PATTERNS } from '@/core/scale/pattern';
import type { WrittenScale } from '@/core/scale/written';
import type { ClassWords } from '@/core/words/class-words';
import { scaleName } from '@/core/words/say-scale';
import { writeScaleCode } from './scale-code';
import type { Score } from './score';

/** The score of a scale as it is written on its staff, under its full name. */
export function scoreOfScale(w: ClassWords, written: WrittenScale): Score {
  const { scale, clef, atClef, line, printed } = written;
  return {
    code: writeScaleCode(written),
    title: scaleName(w, scale),
    clef,
    fifths: atClef ?? 0,
    mode: scale.id && atClef !== null ? (PATTERNS[scale.id].mode === 'minor' ? 'minor' : 'major') : null,
    notes: line.map(({ pitch }, place) => ({ pitch, printed: printed[place] ?? null })),
  };
}
