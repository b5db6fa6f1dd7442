import { leavingOut } from './altering';
import { mistake, RANKS } from './mistake';

/** Harmonic for melodic: the 7th alone was raised. */
export const sixthNotRaised = mistake({
  id: 'sixth-not-raised',
  rank: RANKS.form,
  scopes: ['scale', 'steps', 'name-scale', 'degree', 'chord', 'numeral'],
  alters: (program) => leavingOut(program, (operation) => operation.op === 'raise' && operation.degree === 6),
  example: { asked: 'scale.C#.melodic-minor.up.treble.none', answered: 'C#-D#-E-F#-G#-A-B#-C#' },
});
