import { Footprints } from 'lucide-react';
import { FRAME_WORDS } from '@/core/words/screen/frame';
import { DERIVE_PATH } from '../address/derive/derive-address';
import type { Room } from '../shell/room';

/** Derive: scales and signatures worked out, one sentence at a time. */
export const DERIVE: Room = {
  path: DERIVE_PATH,
  name: FRAME_WORDS.derive,
  about: FRAME_WORDS.deriveAbout,
  icon: Footprints,
  places: {},
  examples: [
    '/derive',
    '/derive?tonic=E&scale=harmonic-minor&direction=up&clef=treble&signature=none&method=tetrachords&hand=0',
    '/derive?tonic=C&scale=major&direction=both&clef=treble&signature=written&beside=A+natural-minor',
    '/derive?tonic=E&scale=harmonic-minor&direction=up&clef=treble&signature=written&on=fretboard,staff,rail',
    '/derive?tonic=B&scale=major&direction=up&clef=treble&signature=written&instrument=alto-saxophone',
    '/derive?tonic=C%23&scale=melodic-minor&direction=both&clef=bass&signature=none&on=grand-staff,keyboard',
    '/derive?question=key&fifths=3',
    '/derive?question=signature&tonic=Eb&scale=major&clefs=both',
    '/derive?question=name&notes=F+G+Ab+Bb+C+Db+E+F',
  ],
  sounds: () => import('./derive-sounds').then((module) => module.deriveSounds),
  desk: () => import('./desk').then((module) => module.DERIVE_DESK),
};
