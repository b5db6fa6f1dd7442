import { type Fingerings, other, usual } from './fingering';

/**
 * Baroque fingerings of the descant recorder, by sounding notes: holes 0 (thumb) to 7, `x` closed, `o` open, `h` half. Written
 * twice independently and laid side by side on 27 November 2026; what the two did not share is marked as not sure. `C#7` wants
 * the bell closed.
 */
export const RECORDER: Fingerings = {
  C5: [usual('xxxxxxxx')],
  'C#5': [usual('xxxxxxxh')],
  D5: [usual('xxxxxxxo')],
  Eb5: [usual('xxxxxxho')],
  E5: [usual('xxxxxxoo')],
  F5: [usual('xxxxxoxx')],
  'F#5': [usual('xxxxoxxo')],
  G5: [usual('xxxxoooo')],
  'G#5': [usual('xxxoxxho'), other('xxxoxxoo', 'quick passages, or if half-hole sounds flat', false)],
  A5: [usual('xxxooooo')],
  Bb5: [usual('xxoxxooo')],
  B5: [usual('xxoooooo'), other('xoxxoooo', '{C} to {B} trills and quick turns')],
  C6: [usual('xoxooooo')],
  'C#6': [usual('oxxooooo'), other('xooooooo', 'slurs and quick passages between {B} and {C#}')],
  D6: [usual('ooxooooo')],
  Eb6: [usual('ooxxxxxo')],
  E6: [usual('hxxxxxoo')],
  F6: [usual('hxxxxoxo')],
  'F#6': [usual('hxxxoxoo')],
  G6: [usual('hxxxoooo')],
  'G#6': [usual('hxxoxooo')],
  A6: [usual('hxxooooo')],
  Bb6: [usual('hxxoxxxo')],
  B6: [usual('hxxoxxoo')],
  C7: [usual('hxooxxoo')],
  'C#7': [usual('hxoxxoxx')],
  D7: [usual('hxoxxoxo'), other('hxoxxoxh', '', false)],
};
