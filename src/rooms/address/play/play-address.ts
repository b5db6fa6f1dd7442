import { noteNamed } from '@/core/note/parse';
import { asciiName } from '@/core/note/spelled';
import { ARTICULATIONS } from '@/core/play/articulation';
import { BACKINGS, backingsOf } from '@/core/play/backing';
import { KEY_NAMED, type PlayAsked } from '@/core/play/part';
import { A_TUNE, type AskedPattern, PLAY_PATTERNS, readCell } from '@/core/play/pattern';
import { type Playing, TEMPO } from '@/core/play/performance';
import { PLAY_RANGES } from '@/core/play/placed';
import { PLAYER_IDS } from '@/core/play/player';
import { RHYTHMS } from '@/core/play/rhythm';
import { SINGINGS, type Singing } from '@/core/play/sung';
import { LONGEST_TUNE } from '@/core/play/tune';
import { FASTER, MINUTES, PLAY_WAYS, ROUNDS } from '@/core/play/way';
import { scaleAsked } from '@/core/scale/asked';
import { SIGNATURE_CHOICES } from '@/core/scale/printed';
import type { AddressProblem } from '@/core/words/say-address';
import { readAskedScale, writeAskedScale } from '../asked-scale';
import { LONGEST_QUERY, QueryReader } from '../query-reader';

/** Where the room lies. */
export const PLAY_PATH = '/play';

/** The sentence of the room: what is played, how, and on what it is sung. */
export type PlaySentence = PlayAsked & Playing & { readonly singing: Singing };

/** What stands where an address leaves something open. */
export const FIRST_PLAY: PlaySentence = {
  ...{ tonic: noteNamed('E'), scale: 'melodic-minor', pattern: 'thirds', degree: 1, range: 'one' },
  ...{ rhythm: 'eighths', player: 'concert', named: 'written', signature: 'written' },
  ...{ tune: 'harbour-lamp', articulation: 'tongued', singing: 'none' },
  ...{ tempo: 72, countIn: 1, backing: 'none', way: 'through', rounds: 1, faster: 0, minutes: 2 },
};

/** Bars that can be counted. */
export const COUNT_INS = ['0', '1', '2'] as const;

const PARAMETERS = [
  ...['tonic', 'scale', 'steps', 'pattern', 'degree', 'range', 'rhythm', 'player', 'named'],
  ...[
    'signature',
    'tempo',
    'count',
    'drone',
    'tune',
    'strokes',
    'sung',
    'way',
    'rounds',
    'faster',
    'minutes',
  ],
];

/** Degrees on which a pattern can begin. */
export const DEGREES = ['1', '2', '3', '4', '5', '6', '7'];

/** A tempo that can be asked for, or null where it is none: 30 to 200. */
export function readTempo(text: string): number | null {
  const tempo = /^\d{2,3}$/u.test(text.trim()) ? Number(text) : Number.NaN;
  return tempo >= TEMPO.least && tempo <= TEMPO.most ? tempo : null;
}

/** Reads the query of the room. What cannot be read is named, and the rest still holds. */
export function readPlay(search: string): {
  readonly sentence: PlaySentence;
  readonly problems: readonly AddressProblem[];
} {
  if (search.length > LONGEST_QUERY) {
    const problem = { code: 'address-too-long', length: search.length, limit: LONGEST_QUERY } as const;
    return { sentence: FIRST_PLAY, problems: [problem] };
  }
  const reader = new QueryReader(search, PARAMETERS);
  const sentence: PlaySentence = {
    tonic: reader.note('tonic', FIRST_PLAY.tonic),
    scale: readAskedScale(reader, 'melodic-minor'),
    pattern: readPattern(reader),
    degree: Number(reader.choice('degree', DEGREES, '1')),
    range: reader.choice('range', PLAY_RANGES, FIRST_PLAY.range),
    rhythm: reader.choice('rhythm', RHYTHMS, FIRST_PLAY.rhythm),
    player: reader.choice('player', PLAYER_IDS, FIRST_PLAY.player),
    named: reader.choice('named', KEY_NAMED, FIRST_PLAY.named),
    signature: reader.choice('signature', SIGNATURE_CHOICES, FIRST_PLAY.signature),
    tempo: tempoIn(reader),
    countIn: Number(reader.choice('count', COUNT_INS, '1')),
    backing: reader.choice('drone', BACKINGS, FIRST_PLAY.backing),
    tune: reader.get('tune') === null ? FIRST_PLAY.tune : reader.text('tune', LONGEST_TUNE),
    articulation: reader.choice('strokes', ARTICULATIONS, FIRST_PLAY.articulation),
    singing: reader.choice('sung', SINGINGS, FIRST_PLAY.singing),
    way: reader.choice('way', PLAY_WAYS, FIRST_PLAY.way),
    rounds: Number(reader.choice('rounds', ROUNDS.map(String), '1')),
    faster: Number(reader.choice('faster', FASTER.map(String), '0')),
    minutes: Number(reader.choice('minutes', MINUTES.map(String), '2')),
  };
  const { sentence: shown, problems } = spellable(sentence, reader.problems);
  return { sentence: withBacking(shown, reader), problems };
}

/** Chords lie under scales of seven notes alone; under another one nothing does, and that is said. */
function withBacking(sentence: PlaySentence, reader: QueryReader): PlaySentence {
  const reading = scaleAsked(sentence.tonic, sentence.scale);
  const possible = reading.ok ? backingsOf(reading.scale) : BACKINGS;
  if (possible.includes(sentence.backing)) return sentence;
  reader.notAllowed('drone', possible, 'none');
  return { ...sentence, backing: 'none' };
}

function readPattern(reader: QueryReader): AskedPattern {
  const read = reader.get('pattern');
  if (read === null) return FIRST_PLAY.pattern;
  const named = ([...PLAY_PATTERNS, A_TUNE] as const).find((id) => id === read);
  if (named) return named;
  const typed = readCell(read);
  if (typed.ok) return typed.asked;
  reader.notAllowed('pattern', [...PLAY_PATTERNS, A_TUNE, 'degrees such as 1-2-3-1'], FIRST_PLAY.pattern);
  return FIRST_PLAY.pattern;
}

function tempoIn(reader: QueryReader): number {
  const read = reader.get('tempo');
  if (read === null) return FIRST_PLAY.tempo;
  const tempo = readTempo(read);
  if (tempo !== null) return tempo;
  reader.notAllowed('tempo', [`${TEMPO.least} to ${TEMPO.most}`], String(FIRST_PLAY.tempo));
  return FIRST_PLAY.tempo;
}

/** A tonic with a double sign may need a third in its scale: then its practical twin is shown, and said. */
function spellable(sentence: PlaySentence, problems: readonly AddressProblem[]) {
  const reading = scaleAsked(sentence.tonic, sentence.scale);
  if (reading.ok) return { sentence, problems };
  const tonic = reading.problem.instead ?? FIRST_PLAY.tonic;
  const told: AddressProblem = {
    ...{ code: 'address-word', parameter: 'tonic', problem: reading.problem },
    shown: asciiName(tonic),
  };
  return { sentence: { ...sentence, tonic }, problems: [...problems, told] };
}

/** The query that says a sentence, in English ASCII. */
export function writePlay(sentence: PlaySentence): string {
  const { tonic, scale, pattern, degree, range, rhythm, player, named, signature, tune } = sentence;
  const query = new URLSearchParams({ tonic: asciiName(tonic) });
  writeAskedScale(query, scale);
  const words = { pattern, degree, range, rhythm, player, named, signature };
  const { tempo, countIn: count, backing: drone, articulation: strokes, singing: sung } = sentence;
  const { way, rounds, faster, minutes } = sentence;
  const all = { ...words, tempo, count, drone, strokes, sung, way, rounds, faster, minutes };
  for (const [name, value] of Object.entries(all)) query.set(name, `${value}`);
  if (pattern === A_TUNE) query.set('tune', tune);
  return `?${query}`;
}

/** The address of a sentence, for a link. */
export function playHref(sentence: PlaySentence): string {
  return PLAY_PATH + writePlay(sentence);
}
