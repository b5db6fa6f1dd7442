import type { Transposition } from '@/core/instrument/transposing';
import { type Fifths, fifths } from '@/core/note/spelled';
import type { PieceClef } from '@/core/piece/piece';
import type { PieceWarning } from '@/core/piece/piece-warning';
import { MODES, type Mode } from '@/core/scale/mode';
import { plainName } from '../file/decode';
import { attribute, children, type Node, textOf, whole } from './nodes';

/** Modes as a file calls them. */
const MODE_NAMES: Readonly<Record<string, Mode>> = { ionian: 'major', aeolian: 'minor' };

/** The mode a file names; null for none and for one that is not known. */
export function modeOf(name: string | null): Mode | null {
  const read = name?.trim().toLowerCase() ?? '';
  return (
    MODES.find((mode) => mode === read) ??
    (Object.hasOwn(MODE_NAMES, read) ? (MODE_NAMES[read] ?? null) : null)
  );
}

/** The fifths of a `key`; null for signs that are no signature and for more than seven. */
export function signatureIn(key: readonly Node[]): Fifths | null {
  const count = whole(textOf(key, 'fifths'), -7, 7);
  return count === null ? null : fifths(count);
}

/** Letters of so many semitones, for files that leave them out. */
const LETTERS_OF = [0, 1, 1, 2, 2, 3, 3, 4, 5, 5, 6, 6];

/** What a part is written above what sounds; a file says it the other way round. */
export function transpositionIn(transpose: readonly Node[]): Transposition {
  const octaves = whole(textOf(transpose, 'octave-change'), -3, 3) ?? 0;
  const chromatic = whole(textOf(transpose, 'chromatic')?.replace(/\.0+$/u, '') ?? null, -36, 36) ?? 0;
  const own =
    Math.sign(chromatic) * (LETTERS_OF[Math.abs(chromatic) % 12] ?? 0) + 7 * Math.trunc(chromatic / 12);
  const diatonic = whole(textOf(transpose, 'diatonic'), -21, 21) ?? own;
  // No minus nought: a part that sounds as written is moved by nothing.
  return { letters: -(diatonic + 7 * octaves) || 0, semitones: -(chromatic + 12 * octaves) || 0 };
}

/** Clefs that are drawn, by sign and line; others are shown in the one that stands nearest. */
const CLEF_AT: Readonly<Record<string, readonly [PieceClef['clef'], drawn: boolean]>> = {
  G2: ['treble', true],
  F4: ['bass', true],
  C3: ['alto', true],
  C4: ['tenor', true],
  G1: ['treble', false],
  C1: ['treble', false],
  C2: ['alto', false],
  C5: ['bass', false],
  F3: ['bass', false],
  F5: ['bass', false],
};

const USUAL_LINE: Readonly<Record<string, string>> = { G: '2', F: '4', C: '3' };

/** Reads clefs, and tells of those that are not drawn here. */
export class ClefReader {
  private readonly told = new Set<string>();

  constructor(
    private readonly part: string,
    private readonly warnings: PieceWarning[],
  ) {}

  read(nodes: readonly Node[], bar: number, at: number) {
    return nodes.flatMap((node) => {
      const inside = children(node, 'clef');
      const sign = textOf(inside, 'sign') ?? '';
      const name = sign + (textOf(inside, 'line') ?? USUAL_LINE[sign] ?? '');
      const [clef, drawn] =
        (Object.hasOwn(CLEF_AT, name) ? CLEF_AT[name] : undefined) ?? (['treble', false] as const);
      if (!drawn && !this.told.has(name)) {
        this.told.add(name);
        this.warnings.push({ code: 'clef', part: this.part, bar, read: plainName(name, 20), shown: clef });
      }
      const octave = whole(textOf(inside, 'clef-octave-change'), -2, 2) ?? 0;
      const staff = (whole(attribute(node, 'number'), 1, 4) ?? 1) - 1;
      return [{ staff, at, clef: { clef, octave: Math.sign(octave) as -1 | 0 | 1 } }];
    });
  }
}
