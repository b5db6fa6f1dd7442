import type { Settings } from '@/core/school/settings';

/** Whether a class writes with letters beyond A to G, W and H: in another language, minor keys small, other steps. */
export function needsLetters({
  noteNames,
  keyNames,
  stepWords,
}: Pick<Settings, 'noteNames' | 'keyNames' | 'stepWords'>): boolean {
  return noteNames !== 'english' || keyNames !== 'words' || stepWords !== 'whole-half';
}
