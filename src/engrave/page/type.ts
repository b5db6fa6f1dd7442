import table from './type-widths.json';

/** The faces that pages are set in. */
export const FACES = ['sans', 'sans-bold', 'serif-bold'] as const;

export type Face = (typeof FACES)[number];

const WIDTHS: Readonly<Record<string, Readonly<Record<string, number>>>> = table;

/** What a character takes that no face has, in thousandths: as a digit does. */
const UNKNOWN = 580;

/** How wide a text is, set in a face at a size, in the unit of the size. Pairs are not kerned. */
export function widthOf(text: string, face: Face, size: number): number {
  let sum = 0;
  for (const char of text) sum += WIDTHS['signs']?.[char] ?? WIDTHS[face]?.[char] ?? UNKNOWN;
  return (sum * size) / 1000;
}

/** A word that is wider than the line, in pieces that fit. */
function pieces(word: string, face: Face, size: number, width: number): readonly string[] {
  const found: string[] = [''];
  for (const char of word) {
    const last = found.length - 1;
    if (found[last] !== '' && widthOf(found[last] + char, face, size) > width) found.push(char);
    else found[last] += char;
  }
  return found;
}

/** A text in lines of at most that width; words stay whole where they can. */
export function wrapped(text: string, face: Face, size: number, width: number): readonly string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(/\s+/u).filter(Boolean)) {
    const longer = line === '' ? word : `${line} ${word}`;
    if (widthOf(longer, face, size) <= width) {
      line = longer;
      continue;
    }
    if (line !== '') lines.push(line);
    const parts = pieces(word, face, size, width);
    lines.push(...parts.slice(0, -1));
    line = parts.at(-1) ?? '';
  }
  return line === '' ? lines : [...lines, line];
}
