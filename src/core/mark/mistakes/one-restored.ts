import { keepingRaised } from './keeping-raised';
import { mistake, RANKS } from './mistake';

/** Gave back one of melodic minor’s two raised notes on the way down, and kept the other. */
export const oneRestored = mistake({
  id: 'one-restored',
  rank: RANKS.form,
  scopes: ['scale'],
  alters: (program) => keepingRaised(program, [[6], [7]]),
  example: {
    asked: 'scale.E.melodic-minor.both.treble.none',
    answered: 'E-F#-G-A-B-C#-D#-E-D-C#-B-A-G-F#-E',
  },
  showsComingDown: true,
});
