import { faulty } from './faulty';
import { task } from './task';

/** A row in which exactly one note must change. */
export const whichNoteTask = task({
  ...faulty('which-note', (wrong) => wrong.length === 1),
  weight: 1,
});
