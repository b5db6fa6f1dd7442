import { adding, all } from './altering';
import { mistake, RANKS } from './mistake';

/** Melodic for harmonic: the 6th was raised as well. */
export const sixthRaised = mistake({
  id: 'sixth-raised',
  rank: RANKS.form,
  scopes: ['scale', 'steps', 'name-scale', 'degree', 'chord', 'numeral'],
  alters: (program) => {
    const [only, ...others] = all(program, 'raise');
    return only && others.length === 0 ? adding(program, 'raise', [{ ...only, degree: 6 }]) : [];
  },
  example: { asked: 'scale.F.harmonic-minor.up.treble.none', answered: 'F-G-Ab-Bb-C-D-E-F' },
});
