import type { Chord } from '@/core/harmony/chord';
import { spellChord } from '@/core/harmony/chord-spelling';
import { buildCircle, countedFifth } from '@/core/harmony/circle';
import { chordsOfKey, twoFiveOne } from '@/core/harmony/family';
import { type Key, keyAt, keyNotes } from '@/core/harmony/key';
import { stackedOn } from '@/core/harmony/numeral';
import { chordsHeard, risingPitches, rowsHeard, sounding } from '@/core/play/heard';
import type { ClassWords } from '@/core/words/class-words';
import { chordSymbol } from '@/core/words/say-chord';
import { LISTEN_WORDS as SAY } from '@/core/words/screen/listen';
import { wayOf } from '@/engrave/ring';
import { readOrbit } from '../address/orbit/orbit-address';
import type { OrbitSentence } from '../address/orbit/orbit-sentence';
import type { Listening } from '../shell/listen';
import { waysOf } from './ring-of';

/** Chords lie from the octave under the middle of the keyboard up. */
const CHORD_OCTAVE = 3;

const tones = ({ notes }: Pick<Chord, 'notes'>) => sounding(risingPitches(notes, CHORD_OCTAVE));

/** The chord on the tonic of a key. */
const tonicChord = (key: Key): readonly number[] => {
  const notes = keyNotes(key);
  return notes ? tones(stackedOn(notes, 0, 3)) : [];
};

/** The notes of a key from tonic to tonic. */
function scaleOf(key: Key): readonly Listening[] {
  const notes = keyNotes(key);
  if (!notes) return [];
  const sounds = rowsHeard([sounding(risingPitches([...notes, key.tonic]))]);
  return [{ id: 'scale', label: SAY.scale, sounds }];
}

/** The chords of a key, the one in hand, and its II V I. */
function chordsIn(
  w: ClassWords,
  { key, size, degree }: Extract<OrbitSentence, { readonly kind: 'chords' }>,
): readonly Listening[] {
  const chords = chordsOfKey(key, size, w.settings).map(({ chord }) => chord);
  const inHand = chords[degree - 1];
  const moves = twoFiveOne(key);
  return [
    { id: 'chords', label: SAY.chords, sounds: chordsHeard(chords.map(tones)) },
    ...(inHand
      ? [{ id: 'chord', label: SAY.chord(chordSymbol(w, inHand)), sounds: chordsHeard([tones(inHand)]) }]
      : []),
    ...(moves
      ? [
          {
            id: 'two-five-one',
            label: SAY.twoFiveOne,
            sounds: chordsHeard(moves.moves.map(({ chord }) => tones(chord))),
          },
        ]
      : []),
    ...scaleOf(key),
  ];
}

/** What can be heard in Orbit: scales, chords, the stops of a route, fifths. */
export function orbitSounds(w: ClassWords, search: string): readonly Listening[] {
  const { sentence } = readOrbit(search, w.settings);
  switch (sentence.kind) {
    case 'keys':
      return [
        ...scaleOf(sentence.key),
        { id: 'chord', label: SAY.chords, sounds: chordsHeard([tonicChord(sentence.key)]) },
      ];
    case 'chords':
      return chordsIn(w, sentence);
    case 'notes': {
      const fifths = ([1, -1] as const).flatMap((way) => countedFifth(sentence.note, way) ?? []);
      const rows = fifths.map(({ from, to }) => sounding(risingPitches([from, to])));
      return [{ id: 'notes', label: SAY.notes, sounds: rowsHeard(rows) }];
    }
    case 'line':
      return [
        { id: 'notes', label: SAY.notes, sounds: rowsHeard([sounding(risingPitches(sentence.notes))]) },
      ];
    case 'route': {
      const ways = waysOf(sentence.from, sentence.to);
      const stops = (ways[sentence.way - 1] ?? ways[0])?.stops ?? [];
      return [
        { id: 'route', label: SAY.route, sounds: chordsHeard(stops.map(({ key }) => tonicChord(key))) },
      ];
    }
    case 'spell': {
      const spelling = spellChord(sentence.root, sentence.quality);
      if (!spelling.ok) return [];
      const { chord } = spelling;
      return [{ id: 'chord', label: SAY.chord(chordSymbol(w, chord)), sounds: chordsHeard([tones(chord)]) }];
    }
    case 'build': {
      const steps = buildCircle(sentence.size, wayOf(w)).flatMap(({ count }) => keyAt(count, 'major') ?? []);
      const rows = steps.map(({ tonic }) => sounding(risingPitches([tonic])));
      return [{ id: 'circle', label: SAY.circle, sounds: rowsHeard([rows.flat()]) }];
    }
    case 'fill':
    case 'book':
      return [];
  }
}
