import type { Settings } from '@/core/school/settings';

/** Whether a class writes names with letters beyond A to G: in another language, or minor keys small. */
export function needsLetters({ noteNames, keyNames }: Pick<Settings, 'noteNames' | 'keyNames'>): boolean {
  return noteNames !== 'english' || keyNames !== 'words';
}
