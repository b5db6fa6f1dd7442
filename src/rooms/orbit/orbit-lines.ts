import { spellChord } from '@/core/harmony/chord-spelling';
import { buildCircle, countedFifth, readOff } from '@/core/harmony/circle';
import { chordsOfKey } from '@/core/harmony/family';
import { carryLine } from '@/core/harmony/fifth-line';
import { signatureOfKey } from '@/core/harmony/key';
import { neighbourOf } from '@/core/harmony/neighbour';
import { isPrintable } from '@/core/scale/signature';
import type { ClassWords } from '@/core/words/class-words';
import { chordSymbol, sayChordProblem, sayChordStep } from '@/core/words/say-chord';
import { sayCircleStep } from '@/core/words/say-circle';
import { sayCarried, sayFifth, sayInverted, sayThreeWays } from '@/core/words/say-fifth';
import { keyName, sayCounted, sayJar, sayNearness, sayNeighbour, sayReadOff } from '@/core/words/say-key';
import type { SaidStep } from '@/core/words/say-method';
import { sayStop } from '@/core/words/say-route';
import { wayOf } from '@/engrave/ring';
import type { OrbitSentence } from './orbit-sentence';
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

/** Everything a sentence is answered with, as lines of text for paper, for a slide and for a voice. */
export function linesOf(w: ClassWords, sentence: OrbitSentence): readonly string[] {
  switch (sentence.kind) {
    case 'build':
    case 'spell':
      return workingOf(w, sentence).map(({ text, reason }) => [text, reason].filter(Boolean).join(' '));
    case 'route':
      return routeLines(w, sentence);
    case 'keys': {
      const { key } = sentence;
      const count = signatureOfKey(key);
      const around = ([1, -1] as const).flatMap((way) => neighbourOf(key, way) ?? []);
      return [
        sayCounted(w, key),
        ...around.map((each) => sayNeighbour(w, each)),
        ...(isPrintable(count) ? [sayReadOff(w, readOff(count))] : []),
      ];
    }
    case 'chords':
      return chordsOfKey(sentence.key, sentence.size, w.settings).map(
        ({ numeral, chord }) => `${numeral}: ${chordSymbol(w, chord)}, ${w.noteList(chord.notes)}`,
      );
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
