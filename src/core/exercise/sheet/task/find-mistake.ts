import { faulty } from './faulty';
import { task } from './task';

/** A row in which one habit went wrong, in one note or in several. */
export const findMistakeTask = task({ ...faulty('find-mistake', () => true), weight: 2 });
