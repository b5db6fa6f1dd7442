import type { Chord } from '@/core/harmony/chord';
import { spellChord } from '@/core/harmony/chord-spelling';
import {
  buildCircle,
  type CircleSize,
  MOST_PLACES,
  placeFor,
  placeOfChord,
  readOff,
} from '@/core/harmony/circle';
import { chordsOfKey } from '@/core/harmony/family';
import { type Key, signatureOfKey } from '@/core/harmony/key';
import { journeyOf, type Route } from '@/core/harmony/route';
import { fifthsOf, type SpelledNote } from '@/core/note/spelled';
import { degreeOf } from '@/core/scale/degree';
import { practicalSignature } from '@/core/scale/signature';
import type { ClassWords } from '@/core/words/class-words';
import { chordSymbol } from '@/core/words/say-chord';
import { type RingMark, type RingQuestion, wayOf } from '@/engrave/ring';
import { type OrbitSentence, sizeTaught } from '../address/orbit/orbit-sentence';

/** What the ring shows, without the room it has. */
export type Ring = Omit<RingQuestion, 'width' | 'height'>;

type Marks = Map<number, RingMark>;

function plain(w: ClassWords, size: CircleSize = sizeTaught(w.settings)): Ring {
  return {
    w,
    reading: 'keys',
    size,
    mode: 'major',
    minors: true,
    marks: new Map(),
    minorMarks: new Map(),
    shown: null,
    route: [],
    beyond: null,
  };
}

/** How the keys of a mode stand: minors on the places of their relatives, or each mode on a circle of its own. */
function ringFor(w: ClassWords, mode: Key['mode']): Ring {
  const own = mode === 'minor' ? w.settings.minorCircle === 'own-circle' : mode !== 'major';
  return { ...plain(w), mode: own ? mode : 'major', minors: !own };
}

/** Marks a key where it stands: in its place, or as the minor beside it. */
function markKey(ring: Ring, { mode, ...key }: Key, mark: RingMark): void {
  const count = placeFor(ring.size, signatureOfKey({ mode, ...key }));
  const marks = mode === 'minor' && ring.minors ? ring.minorMarks : ring.marks;
  (marks as Marks).set(count, mark);
}

function keysRing(w: ClassWords, key: Key, readsOff: boolean): Ring {
  if (!readsOff) {
    const ring = ringFor(w, key.mode);
    markKey(ring, key, { look: 'home' });
    return ring;
  }
  const count = practicalSignature(signatureOfKey(key));
  const { places } = readOff(count);
  const marks: Marks = new Map([[count, { look: 'end' as const }]]);
  for (const [at, place] of places.entries()) marks.set(place, { look: 'on', badge: String(at + 1) });
  const beyond = places.find((place) => Math.abs(place) > MOST_PLACES) ?? null;
  return { ...plain(w, 'fifteen'), reading: 'notes', minors: false, marks, beyond };
}

/** Marks a chord where it stands. */
function markChord(ring: Ring, chord: Chord, mark: RingMark): Ring {
  const { count, beside } = placeOfChord(chord);
  if (beside) {
    (ring.minorMarks as Marks).set(placeFor(ring.size, count), mark);
    return ring;
  }
  (ring.marks as Marks).set(count, mark);
  return Math.abs(count) > MOST_PLACES ? { ...ring, beyond: count } : ring;
}

function chordsRing(
  w: ClassWords,
  { key, size, degree }: Extract<OrbitSentence, { readonly kind: 'chords' }>,
): Ring {
  let ring: Ring = { ...plain(w, 'fifteen'), reading: 'chords' };
  for (const { chord, numeral, degree: at } of chordsOfKey(key, size, w.settings)) {
    const look = at === degree ? 'home' : 'on';
    ring = markChord(ring, chord, { look, badge: numeral, name: chordSymbol(w, chord) });
  }
  return ring;
}

/** The circle of notes with some of them marked. */
function notesRing(w: ClassWords, marked: readonly (readonly [SpelledNote, RingMark])[]): Ring {
  const marks: Marks = new Map(marked.map(([note, mark]) => [fifthsOf(note), mark]));
  const beyond = [...marks.keys()].find((count) => Math.abs(count) > MOST_PLACES) ?? null;
  return { ...plain(w, 'fifteen'), reading: 'notes', minors: false, marks, beyond };
}

/** The ways of a journey in the order they are offered. */
export function waysOf(from: Key, to: Key): readonly Route[] {
  const { routes, roundabout, jump } = journeyOf(from, to);
  return [...routes, ...(roundabout ? [roundabout] : []), ...(jump ? [jump] : [])];
}

function routeRing(
  w: ClassWords,
  { from, to, way, step }: Extract<OrbitSentence, { readonly kind: 'route' }>,
): Ring {
  const ring = ringFor(w, from.mode === to.mode ? from.mode : 'major');
  const ways = waysOf(from, to);
  const stops = ways[way - 1]?.stops ?? ways[0]?.stops ?? [];
  const passed = stops.slice(0, step ?? stops.length);
  const route = passed.map(({ key }) => placeFor(ring.size, signatureOfKey(key)));
  for (const { key } of passed.slice(1)) markKey(ring, key, { look: 'on' });
  markKey(ring, to, { look: 'end' });
  markKey(ring, from, { look: 'home' });
  const now = passed.at(-1);
  if (step !== null && now) markKey(ring, now.key, { look: 'lit' });
  return { ...ring, route };
}

function spellRing(
  w: ClassWords,
  { root, quality, step }: Extract<OrbitSentence, { readonly kind: 'spell' }>,
): Ring {
  const spelling = spellChord(root, quality);
  if (!spelling.ok) return notesRing(w, [[root, { look: 'home' }]]);
  const { chord, steps } = spelling;
  const reached = Math.max(0, ...steps.slice(0, step ?? steps.length).flatMap(({ at }) => at));
  return notesRing(
    w,
    chord.notes.slice(0, reached + 1).map((note, at) => {
      const badge = String(degreeOf(note, root).degree);
      return [note, at === 0 ? { look: 'home' } : { look: 'on', badge }] as const;
    }),
  );
}

/** What the ring shows for a sentence. `readsOff`: the signs of the key are being read off the notes. */
export function ringOf(w: ClassWords, sentence: OrbitSentence, readsOff: boolean): Ring {
  switch (sentence.kind) {
    case 'keys':
      return keysRing(w, sentence.key, readsOff);
    case 'chords':
      return chordsRing(w, sentence);
    case 'notes': {
      const place = fifthsOf(sentence.note);
      const ring = notesRing(w, [[sentence.note, { look: 'home' }]]);
      (ring.marks as Marks).set(place + 1, { look: 'on' });
      (ring.marks as Marks).set(place - 1, { look: 'on' });
      return ring;
    }
    case 'line':
      return notesRing(
        w,
        sentence.notes.map((note) => [note, { look: 'on' }] as const),
      );
    case 'route':
      return routeRing(w, sentence);
    case 'spell':
      return spellRing(w, sentence);
    case 'build': {
      const steps = buildCircle(sentence.size, wayOf(w));
      const now = steps[Math.min(sentence.step ?? steps.length, steps.length) - 1];
      const ring = plain(w, sentence.size);
      if (!now) return ring;
      const marks: Marks = new Map(
        sentence.step === null ? [] : [[placeFor(sentence.size, now.count), { look: 'home' }]],
      );
      const shown = [...new Set(now.shown.map((count) => placeFor(sentence.size, count)))];
      return { ...ring, minors: sentence.step === null, marks, shown };
    }
    case 'fill':
    case 'book':
      return plain(w, sentence.size);
  }
}
