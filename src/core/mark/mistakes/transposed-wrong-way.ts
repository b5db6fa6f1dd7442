import { changing } from './altering';
import { mistake, RANKS } from './mistake';

/** Went down where the part is written above concert, or up where it is written below. */
export const transposedWrongWay = mistake({
  id: 'transposed-wrong-way',
  rank: RANKS.tonic,
  scopes: ['transpose'],
  alters: (program) => {
    const moved = changing(program, 'move', (move) => ({
      ...move,
      letters: -move.letters,
      semitones: -move.semitones,
    }));
    const from = moved[0] ?? program;
    const whole = changing(from, 'move-octaves', (move) => ({ ...move, octaves: -move.octaves }));
    return whole.length > 0 ? whole : moved;
  },
  example: { asked: 'transpose.C5.horn', answered: 'F4' },
  metWith: ['octave-forgotten'],
});
