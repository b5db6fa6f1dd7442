import { scalesFor } from '@/core/harmony/chord-scales';
import { spellChord } from '@/core/harmony/chord-spelling';
import { buildCircle, countedFifth, readOff } from '@/core/harmony/circle';
import { chordsOfKey, chordsOfScale, dominantOf, hasDominant, twoFiveOne } from '@/core/harmony/family';
import { carryLine } from '@/core/harmony/fifth-line';
import {
  enharmonicKey,
  type Key,
  keyAt,
  keyNotes,
  parallelKey,
  relativeKey,
  signatureOfKey,
} from '@/core/harmony/key';
import { neighbourOf } from '@/core/harmony/neighbour';
import { MODES } from '@/core/scale/mode';
import { scaleNamed } from '@/core/scale/scale';
import { isPrintable } from '@/core/scale/signature';
import type { ClassWords } from '@/core/words/class-words';
import { chordSymbol, sayChordProblem, sayChordStep, sayFamily, sayTwoFiveOne } from '@/core/words/say-chord';
import { sayCircleStep } from '@/core/words/say-circle';
import { sayCarried, sayFifth, sayInverted, sayThreeWays } from '@/core/words/say-fifth';
import { keyName, sayCounted, sayJar, sayNearness, sayNeighbour, sayReadOff } from '@/core/words/say-key';
import type { SaidStep } from '@/core/words/say-method';
import { sayStop } from '@/core/words/say-route';
import { orbitWords } from '@/core/words/screen/orbit';
import { wayOf } from '@/engrave/ring';
import type { OrbitSentence } from '../address/orbit/orbit-sentence';
import { waysOf } from './ring-of';

const plain = (text: string): SaidStep => ({ text, reason: null });

/** The working of a sentence that is gone through step by step; empty for the others. */
export function workingOf(w: ClassWords, sentence: OrbitSentence): readonly SaidStep[] {
  if (sentence.kind === 'build')
    return buildCircle(sentence.size, wayOf(w)).map(({ fact }) => sayCircleStep(w, fact));
  if (sentence.kind !== 'spell') return [];
  const spelling = spellChord(sentence.root, sentence.quality);
  return spelling.ok
    ? spelling.steps.map(({ fact }) => sayChordStep(w, fact))
    : [plain(sayChordProblem(w, spelling.problem))];
}

/** How many steps a sentence is gone through in; 0 where it is not. */
export function stepsOf(w: ClassWords, sentence: OrbitSentence): number {
  if (sentence.kind === 'route') {
    const ways = waysOf(sentence.from, sentence.to);
    return (ways[sentence.way - 1] ?? ways[0])?.stops.length ?? 0;
  }
  return workingOf(w, sentence).length;
}

function routeLines(
  w: ClassWords,
  { from, to, way }: Extract<OrbitSentence, { readonly kind: 'route' }>,
): readonly string[] {
  const ways = waysOf(from, to);
  const stops = (ways[way - 1] ?? ways[0])?.stops ?? [];
  const walked = stops.map((stop) => {
    const more = [sayStop(w, stop), stop.pivots.map((chord) => chordSymbol(w, chord)).join(' ')].filter(
      Boolean,
    );
    return [keyName(w, stop.key), ...more].join(' | ');
  });
  return [...sayNearness(w, from, to), sayJar(from, to), ...walked];
}

/** All that stands about a key: its place, neighbours, relations, owners of its signature, scale, chords. */
function keyLines(w: ClassWords, key: Key): readonly string[] {
  const { about: say } = orbitWords(w);
  const count = signatureOfKey(key);
  const around = ([1, -1] as const).flatMap((way) => neighbourOf(key, way) ?? []);
  const related = [
    [say.relative, relativeKey(key)],
    [say.parallel, parallelKey(key)],
    [say.enharmonic, enharmonicKey(key)],
  ] as const;
  const owners = MODES.filter((mode) => mode !== key.mode).flatMap((mode) => keyAt(count, mode) ?? []);
  const chords = chordsOfKey(key, 'triads', w.settings).map(({ chord }) => chordSymbol(w, chord));
  return [
    [sayCounted(w, key), ...(isPrintable(count) ? [] : [say.theoretical])].join(' '),
    ...around.map((each) => sayNeighbour(w, each)),
    ...related.flatMap(([name, other]) => (other ? [`${name}: ${keyName(w, other)}.`] : [])),
    `${say.owners}: ${owners.map((owner) => keyName(w, owner)).join(', ')}.`,
    `${say.scale}: ${w.noteList(keyNotes(key) ?? [])}.`,
    `${say.chords}: ${chords.join(' ')}.`,
    ...(isPrintable(count) ? [sayReadOff(w, readOff(count))] : []),
  ];
}

/** The chords of a key with their numerals there and in its relative, minor's other forms, and what belongs to one. */
function chordLines(
  w: ClassWords,
  { key, size, degree }: Extract<OrbitSentence, { readonly kind: 'chords' }>,
): readonly string[] {
  const { chords: say } = orbitWords(w);
  const chords = chordsOfKey(key, size, w.settings);
  const relative = relativeKey(key);
  const others = relative ? chordsOfKey(relative, size, w.settings) : [];
  const rows = chords.map(({ numeral, chord }) => {
    const there = others.find(
      ({ chord: other }) => other.root === chord.root && other.quality === chord.quality,
    );
    const also = there && relative ? `; ${say.inRelative(keyName(w, relative))}: ${there.numeral}` : '';
    return `${numeral}: ${chordSymbol(w, chord)}, ${w.noteList(chord.notes)}${also}`;
  });
  const forms = key.mode === 'minor' ? (['harmonic-minor', 'melodic-minor'] as const) : [];
  const minors = forms.flatMap((form) => {
    const reading = scaleNamed(key.tonic, form);
    if (!reading.ok) return [];
    const made = chordsOfScale(reading.scale.ascending.slice(0, 7), size, w.settings);
    return [
      `${w.scaleWord(form)}: ${made.map(({ numeral, chord }) => `${numeral} ${chordSymbol(w, chord)}`).join(', ')}`,
    ];
  });
  const inHand = (chords[degree - 1] ?? chords[0])?.chord;
  const dominant = inHand && hasDominant(inHand) ? dominantOf(inHand.root, true) : null;
  const moves = twoFiveOne(key);
  return [
    ...rows,
    ...minors,
    ...(inHand && dominant ? [`${say.dominant(chordSymbol(w, inHand))}: ${chordSymbol(w, dominant)}`] : []),
    ...[sayFamily(w, chordsOfKey(key, 'triads', w.settings))].filter((line) => line !== null),
    ...(moves ? [`${say.twoFiveOne}: ${sayTwoFiveOne(w, moves)}`] : []),
    ...(inHand
      ? [
          `${say.scales(chordSymbol(w, inHand))}: ${scalesFor(inHand)
            .map(({ tonic, scale }) => w.scale(tonic, scale))
            .join(', ')}`,
        ]
      : []),
  ];
}

/** Everything a sentence is answered with, as lines of text for paper, for a slide and for a voice. */
export function linesOf(w: ClassWords, sentence: OrbitSentence): readonly string[] {
  switch (sentence.kind) {
    case 'build':
    case 'spell':
      return workingOf(w, sentence).map(({ text, reason }) => [text, reason].filter(Boolean).join(' '));
    case 'route':
      return routeLines(w, sentence);
    case 'keys':
      return keyLines(w, sentence.key);
    case 'chords':
      return chordLines(w, sentence);
    case 'notes': {
      const [up, down] = [countedFifth(sentence.note, 1), countedFifth(sentence.note, -1)];
      return [
        ...(up ? [`${w.note(up.to)}: ${sayFifth(w, up)}`] : []),
        ...(down ? [`${w.note(down.to)}: ${sayFifth(w, down)}`] : []),
        ...(up ? [...sayThreeWays(w, up), sayInverted(w, up)] : []),
      ];
    }
    case 'line': {
      const line = carryLine(sentence.notes, sentence.key);
      const row = line.map(({ note, perfect }) => `${w.note(note)} ${perfect ? w.note(perfect) : '–'}`);
      return [row.join(', '), ...new Set(line.flatMap((each) => sayCarried(w, each) ?? []))];
    }
    case 'fill':
    case 'book':
      return [];
  }
}
