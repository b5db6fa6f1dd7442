import { type Fingerings, other, usual } from './fingering';

/**
 * Fingerings of the Boehm clarinet, by written notes: `T` thumb, `R` register key, fingers 1 to 6, keys by name. Written as a
 * table and derived a second time on 28 November 2026: below the break by putting fingers down one by one, above it a
 * twelfth higher with the register key. Notes over C6 are left out: they differ from instrument to instrument.
 */
export const CLARINET: Fingerings = {
  E3: [usual('T 123456 E/B')],
  F3: [usual('T 123456 F/C')],
  'F#3': [usual('T 123456 F#/C#')],
  G3: [usual('T 123456')],
  'G#3': [usual('T 123456 Ab/Eb')],
  A3: [usual('T 12345')],
  Bb3: [usual('T 1234')],
  B3: [usual('T 1235'), other('T 1234 sliver', 'chromatic runs from {Bb}')],
  C4: [usual('T 123')],
  'C#4': [usual('T 123 C#/G#')],
  D4: [usual('T 12')],
  Eb4: [usual('T 12 sideEb'), other('T 14', 'leaps and arpeggios from {Bb}')],
  E4: [usual('T 1')],
  F4: [usual('T')],
  'F#4': [usual('1'), other('T sideF#', 'chromatic runs from {F}')],
  G4: [usual('')],
  'G#4': [usual('throatG#')],
  A4: [usual('throatA')],
  Bb4: [usual('R throatA')],
  B4: [usual('R T 123456 E/B')],
  C5: [usual('R T 123456 F/C')],
  'C#5': [usual('R T 123456 F#/C#')],
  D5: [usual('R T 123456')],
  Eb5: [usual('R T 123456 Ab/Eb')],
  E5: [usual('R T 12345')],
  F5: [usual('R T 1234')],
  'F#5': [usual('R T 1235'), other('R T 1234 sliver', 'chromatic runs from {F}')],
  G5: [usual('R T 123')],
  'G#5': [usual('R T 123 C#/G#')],
  A5: [usual('R T 12')],
  Bb5: [usual('R T 12 sideEb'), other('R T 14', 'leaps and arpeggios from {F}')],
  B5: [usual('R T 1')],
  C6: [usual('R T')],
};
