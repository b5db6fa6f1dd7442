import type { SpelledNote } from '@/core/note/spelled';
import { degreeOf } from '@/core/scale/degree';
import type { PlacedNote } from '@/core/scale/line';
import { PATTERNS } from '@/core/scale/pattern';
import { hasSevenSteps, isFragment, type Scale } from '@/core/scale/scale';
import type { ClassWords } from '@/core/words/class-words';
import { sungOn } from '@/core/words/say-note';
import { degreeIn } from '@/core/words/vocabulary';

/** What the class sings on a note of a scale; the high tonic's syllable has a stroke after it. */
export function sungAt(
  w: ClassWords,
  placed: PlacedNote,
  note: SpelledNote,
  { id, tonic }: Scale,
): string | null {
  const sung = sungOn(w, placed, note, tonic, id && PATTERNS[id].mode);
  const high = placed.home && placed.degree === 8 && w.settings.solfege !== 'numbers';
  return sung && high ? `${sung}′` : sung;
}

/**
 * The figure of a degree: its number, with its flat or sharp where the class counts against major, or where letters
 * stand twice and the number alone would say too little.
 */
function figureOf(w: ClassWords, { degree, home }: PlacedNote, note: SpelledNote, scale: Scale): string {
  const even = hasSevenSteps(scale) || isFragment(scale);
  const against = w.settings.degrees === 'against-major' || !even;
  if (!against || home) return String(degree);
  return degreeIn('against-major', degree, degreeOf(note, scale.tonic).alteration);
}

/** Whether the class calls degrees by their names, and a scale has one of each. */
export function namesDegrees(w: ClassWords, scale: Scale): boolean {
  const named = w.settings.degrees === 'leading-note' || w.settings.degrees === 'leading-tone';
  return named && (hasSevenSteps(scale) || isFragment(scale));
}

/** A degree by its name, the upper tonic by the same as the lower one. */
export function degreeName(w: ClassWords, { home }: PlacedNote, note: SpelledNote, scale: Scale): string {
  return home ? degreeIn(w.settings.degrees, 1, 0) : w.degree(note, scale.tonic);
}

/** The figure of a degree and, where it is not the same, what is sung on it. */
export function degreeFigure(w: ClassWords, placed: PlacedNote, note: SpelledNote, scale: Scale): string {
  const figure = figureOf(w, placed, note, scale);
  const sung = sungAt(w, placed, note, scale);
  return sung && sung !== figure ? `${figure} ${sung}` : figure;
}
