import { type Fingerings, other, usual } from './fingering';

/**
 * Fingerings of the saxophone family, by written notes: fingers 1 to 6 from the left hand down, keys by name. Written twice
 * independently and laid side by side on 27 November 2026; what the two did not share is marked as not sure.
 */
export const SAXOPHONE: Fingerings = {
  Bb3: [usual('123456 lowC lowBb')],
  B3: [usual('123456 lowC lowB')],
  C4: [usual('123456 lowC')],
  'C#4': [usual('123456 lowC lowC#')],
  D4: [usual('123456')],
  Eb4: [usual('123456 Eb')],
  E4: [usual('12345')],
  F4: [usual('1234')],
  'F#4': [usual('1235'), other('1234 chromF#', 'chromatic runs and {F} to {F#} trill')],
  G4: [usual('123')],
  'G#4': [usual('123 G#')],
  A4: [usual('12')],
  Bb4: [
    usual('1 bis'),
    other('12 sideBb', 'chromatic runs, {A} to {Bb}, beside {B} natural'),
    other('14', 'leaps and arpeggios from {F} or {D}'),
    other('15', '{A#} between {F#} and {B}'),
  ],
  B4: [usual('1')],
  C5: [usual('2'), other('1 sideC', 'chromatic runs and {B} to {C} trill')],
  'C#5': [
    usual(''),
    other('oct 3', 'long notes, where open {C#} is flat'),
    other('oct 123456 lowC lowC#', 'fuller tone, slow slurs with {D}5'),
  ],
  D5: [usual('oct 123456'), other('palmD', 'trill or quick turn with {C} or {C#}')],
  Eb5: [usual('oct 123456 Eb')],
  E5: [usual('oct 12345')],
  F5: [usual('oct 1234')],
  'F#5': [usual('oct 1235'), other('oct 1234 chromF#', 'chromatic runs and {F} to {F#} trill')],
  G5: [usual('oct 123')],
  'G#5': [usual('oct 123 G#')],
  A5: [usual('oct 12')],
  Bb5: [
    usual('oct 1 bis'),
    other('oct 12 sideBb', 'chromatic runs, {A} to {Bb}, beside {B} natural'),
    other('oct 14', 'leaps and arpeggios from {F} or {D}'),
    other('oct 15', '{A#} between {F#} and {B}'),
  ],
  B5: [usual('oct 1')],
  C6: [usual('oct 2'), other('oct 1 sideC', 'chromatic runs and {B} to {C} trill')],
  'C#6': [usual('oct')],
  D6: [usual('oct palmD')],
  Eb6: [usual('oct palmD palmEb')],
  E6: [usual('oct palmD palmEb sideE'), other('oct 23 frontF', 'quick leaps from {A}, {B} or {C}')],
  F6: [usual('oct palmD palmEb palmF sideE'), other('oct 2 frontF', 'quick leaps from {A}, {B} or {C}')],
  'F#6': [
    usual('oct palmD palmEb palmF sideE highF#'),
    other('oct 2 frontF sideBb', 'no high {F#} key, or from front {F}'),
    other('oct 2 frontF highF#', 'leaps, coming from front {F}', false),
  ],
};
