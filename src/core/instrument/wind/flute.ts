import { type Fingerings, other, usual } from './fingering';

/**
 * Fingerings of the flute, by written notes: `T` thumb, `Tb` thumb on its B♭ key, fingers 1 to 6, keys by name. Written twice
 * independently and laid side by side on 27 November 2026; what the two did not share is marked as not sure.
 */
export const FLUTE: Fingerings = {
  C4: [usual('T 123456 C')],
  'C#4': [usual('T 123456 C#')],
  D4: [usual('T 123456')],
  Eb4: [usual('T 123456 Eb')],
  E4: [usual('T 12345 Eb')],
  F4: [usual('T 1234 Eb')],
  'F#4': [usual('T 1236 Eb'), other('T 1235 Eb', '{E} to {F#} trill and quick passages')],
  G4: [usual('T 123 Eb')],
  'G#4': [usual('T 123 G# Eb')],
  A4: [usual('T 12 Eb')],
  Bb4: [
    usual('Tb 1 Eb'),
    other('T 14 Eb', 'beside {B} natural, sharp keys, first lessons'),
    other('T 1 lever Eb', 'chromatic runs and {Bb} to {B} trill'),
  ],
  B4: [usual('T 1 Eb')],
  C5: [usual('1 Eb')],
  'C#5': [usual('Eb')],
  D5: [usual('T 23456'), other('1 tr1 Eb', '{C} to {D} trill')],
  Eb5: [usual('T 23456 Eb'), other('tr2 Eb', '{C#} to {D#} trill', false)],
  E5: [usual('T 12345 Eb')],
  F5: [usual('T 1234 Eb')],
  'F#5': [usual('T 1236 Eb'), other('T 1235 Eb', '{E} to {F#} trill and quick passages')],
  G5: [usual('T 123 Eb')],
  'G#5': [usual('T 123 G# Eb')],
  A5: [usual('T 12 Eb')],
  Bb5: [
    usual('Tb 1 Eb'),
    other('T 14 Eb', 'beside {B} natural, sharp keys, first lessons'),
    other('T 1 lever Eb', 'chromatic runs and {Bb} to {B} trill'),
  ],
  B5: [usual('T 1 Eb')],
  C6: [usual('1 Eb')],
  'C#6': [usual('Eb')],
  D6: [usual('T 23 Eb')],
  Eb6: [usual('T 123456 G# Eb')],
  E6: [usual('T 1245 Eb'), other('T 1245', 'safer soft or slurred entry')],
  F6: [usual('T 134 Eb')],
  'F#6': [usual('T 136 Eb'), other('T 135 Eb', 'easier response in quick or slurred passages')],
  G6: [usual('123 Eb')],
  'G#6': [usual('23 G# Eb')],
  A6: [usual('T 24 Eb')],
  Bb6: [usual('T 4 tr1'), other('T 4 tr1 Eb', 'where little finger stays on {Eb}', false)],
  B6: [usual('T 13 tr2')],
  C7: [usual('1234 G#')],
};
