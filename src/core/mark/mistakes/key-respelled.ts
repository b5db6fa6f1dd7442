import { twelveAway } from '../../note/spelled';
import { adding, changing, has } from './altering';
import { mistake, RANKS } from './mistake';

/** Wrote the whole scale, or the signature, of the key that sounds the same, its tonic too. */
export const keyRespelled = mistake({
  id: 'key-respelled',
  rank: RANKS.sound,
  scopes: ['scale', 'signature', 'name-signature', 'place'],
  alters: (program) => [
    ...changing(program, 'start', (start) => {
      const twin = twelveAway(start.asked.tonic);
      return twin ? { ...start, asked: { ...start.asked, tonic: twin } } : start;
    }),
    ...(has(program, 'go-fifths') ? adding(program, 'say-key', [{ op: 'respell' }]) : []),
  ],
  example: { asked: 'scale.F#.major.up.treble.none', answered: 'Gb-Ab-Bb-Cb-Db-Eb-F-Gb' },
});
