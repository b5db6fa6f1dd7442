import { keepingRaised } from './keeping-raised';
import { mistake, RANKS } from './mistake';

/** Kept both raised notes of melodic minor on the way down. */
export const raisedComingDown = mistake({
  id: 'raised-coming-down',
  rank: RANKS.form,
  scopes: ['scale'],
  alters: (program) => keepingRaised(program, [[6, 7]]),
  example: {
    asked: 'scale.E.melodic-minor.both.treble.none',
    answered: 'E-F#-G-A-B-C#-D#-E-D#-C#-B-A-G-F#-E',
  },
  showsComingDown: true,
});
