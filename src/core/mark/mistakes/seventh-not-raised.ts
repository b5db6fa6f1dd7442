import { leavingOut } from './altering';
import { mistake, RANKS } from './mistake';

/** Left the 7th as the signature has it: natural minor for harmonic, or melodic with only its 6th raised. */
export const seventhNotRaised = mistake({
  id: 'seventh-not-raised',
  rank: RANKS.form,
  scopes: ['scale', 'steps', 'name-scale', 'degree', 'dictation', 'chord', 'numeral'],
  alters: (program) => leavingOut(program, (operation) => operation.op === 'raise' && operation.degree === 7),
  example: { asked: 'scale.F.harmonic-minor.up.treble.none', answered: 'F-G-Ab-Bb-C-Db-Eb-F' },
});
