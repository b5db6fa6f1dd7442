import { all, leavingOut } from './altering';
import { mistake, RANKS } from './mistake';

/** Natural minor where melodic rises. */
export const sixthAndSeventhNotRaised = mistake({
  id: 'sixth-and-seventh-not-raised',
  rank: RANKS.form,
  scopes: ['scale', 'steps', 'name-scale', 'degree', 'chord', 'numeral'],
  alters: (program) =>
    all(program, 'raise').length === 2 ? leavingOut(program, ({ op }) => op === 'raise') : [],
  example: { asked: 'scale.E.melodic-minor.up.treble.none', answered: 'E-F#-G-A-B-C-D-E' },
});
