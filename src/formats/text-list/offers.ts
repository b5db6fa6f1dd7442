import { asciiName } from '@/core/note/spelled';
import type { ClassWords } from '@/core/words/class-words';
import type { Refused } from '../format';
import type { ScalesReading } from '../offered';
import { readTextList } from './read';

/** The scales of a text, one a line, or that it has none. */
export function offersOfList(w: ClassWords, text: string, title: string): ScalesReading | Refused {
  const { scales, warnings } = readTextList(w, text);
  if (scales.length === 0) {
    const lines = text.split('\n').filter((line) => line.trim() !== '').length;
    return { ok: false, problem: { code: 'text-no-scale', lines } };
  }
  return {
    ok: true,
    kind: 'scales',
    tunes: [],
    lines: [],
    title,
    warnings,
    scales: scales.map(({ line, request }) => ({
      tonic: asciiName(request.tonic),
      scale: request.scale,
      direction: request.direction,
      clef: request.clef,
      signature: request.signature,
      part: null,
      place: String(line),
    })),
  };
}
