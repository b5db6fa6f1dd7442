import { fifthsOf } from '../../note/spelled';
import type { Habit } from '../habit';
import { modeAsked } from './asked-mode';
import { under } from './under-signature';

/** A mode as the major scale on its tonic. D dorian with F sharp and C sharp. */
export const ownMajorSignature: Habit = {
  id: 'own-major-signature',
  rank: 4,
  alters: 'working',
  workings: (working, question) => (modeAsked(question) ? under(working, fifthsOf(question.tonic)) : []),
};
