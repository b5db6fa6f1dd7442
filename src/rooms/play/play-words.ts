import { readEnglishNote } from '@/core/note/parse';
import { ARTICULATIONS } from '@/core/play/articulation';
import { BACKINGS, backingsOf } from '@/core/play/backing';
import { KEY_NAMED, type PlayAsked, partAsked } from '@/core/play/part';
import { A_TUNE, PLAY_PATTERNS, readCell } from '@/core/play/pattern';
import { TEMPO } from '@/core/play/performance';
import { PLAY_RANGES } from '@/core/play/placed';
import { PLAYER_IDS, playerOf, readsAnotherKey } from '@/core/play/player';
import { RHYTHMS } from '@/core/play/rhythm';
import { SINGINGS } from '@/core/play/sung';
import { TUNE_IDS, type TuneCode, tuneOf } from '@/core/play/tunes';
import { FASTER, MINUTES, PLAY_WAYS, ROUNDS } from '@/core/play/way';
import { isTyped, scaleAsked } from '@/core/scale/asked';
import { SIGNATURE_CHOICES } from '@/core/scale/printed';
import type { ClassWords } from '@/core/words/class-words';
import { singingsOf } from '@/core/words/say-sung';
import { playWords, sayPattern } from '@/core/words/screen/play';
import { SIGNATURE_WORDS } from '@/core/words/vocabulary';
import type { SentencePart } from '@/ui/sentence/Sentence';
import type { Word } from '@/ui/sentence/words';
import { askedScaleFrom } from '../address/asked-scale';
import { COUNT_INS, DEGREES, type PlaySentence, readTempo } from '../address/play/play-address';
import { listWord, option } from '../shell/list-word';
import { scaleWords } from '../shell/scale-word';
import { tonicWord } from '../shell/tonic-word';

/** Tempi of the list; others are typed. */
const TEMPI = [48, 54, 60, 66, 72, 80, 88, 96, 108, 120, 132, 144];

/** Before the code of a tune, as a value of the pattern's word. */
const TUNE = 'tune:';

/** What one's own tune begins from: the first steps of the scale. */
const FIRST_BARS = '4/4 1 2 3 4 | 5 --- |';

/** A tune by its name. */
function tuneName(w: ClassWords, code: TuneCode): string {
  const reading = tuneOf(code);
  return (reading.ok && reading.tune.name) || playWords(w).tune.unnamed;
}

/** A pattern or a tune as the sentence says it. */
function patternText(w: ClassWords, { pattern, tune }: Pick<PlayAsked, 'pattern' | 'tune'>): string {
  const say = playWords(w);
  if (pattern === A_TUNE) return say.tune.prefix + tuneName(w, tune);
  return sayPattern(pattern);
}

/** What the pattern's word can be: patterns, tunes that ship, tunes that were kept, and one to be written. */
function patternWord(w: ClassWords, sentence: PlaySentence, kept: readonly TuneCode[]): Word {
  const say = playWords(w);
  const { pattern, tune } = sentence;
  const value = pattern === A_TUNE ? TUNE + tune : pattern;
  const own = option(value, patternText(w, sentence));
  const tunes = [...TUNE_IDS, ...kept].map((code) =>
    option(TUNE + code, say.tune.prefix + tuneName(w, code)),
  );
  const listed = [
    ...PLAY_PATTERNS.map((id) => option(id, say.patterns[id])),
    ...tunes,
    option(`${TUNE}${say.tune.first}: ${FIRST_BARS}`, say.tune.prefix + say.tune.own),
  ];
  const word = listWord(w, {
    ...{ id: 'pattern', label: say.words.pattern, key: 'Q', value },
    options: listed.some((each) => each.value === value) ? listed : [own, ...listed],
  });
  return {
    ...word,
    hint: say.typeDegrees,
    typed: (typed) => {
      if (!/\d/u.test(typed)) return null;
      const read = readCell(typed);
      if (!read.ok) return null;
      const text = patternText(w, { pattern: read.asked, tune });
      return { value: read.asked, text, match: () => 1 };
    },
    unmatched: (typed) => (/\d/u.test(typed) ? say.badDegrees(typed.trim()) : word.unmatched(typed)),
  };
}

function tempoWord(w: ClassWords, tempo: number): Word {
  const say = playWords(w);
  const { least, most } = TEMPO;
  const tempi = TEMPI.includes(tempo) ? TEMPI : [tempo, ...TEMPI];
  const word = listWord(w, {
    ...{ id: 'tempo', label: say.words.tempo, key: 'M', value: String(tempo) },
    options: tempi.map((each) => option(String(each), say.beats(each), say.beatsDetail)),
  });
  return {
    ...word,
    hint: say.typeTempo(least, most),
    typed: (typed) => {
      const read = readTempo(typed);
      return read === null ? null : { value: String(read), text: say.beats(read), match: () => 1 };
    },
    unmatched: (typed) => say.badTempo(typed.trim(), least, most),
  };
}

const KEYS = {
  ...{
    range: 'E',
    count: 'C',
    player: 'I',
    degree: 'D',
    rhythm: 'R',
    drone: 'U',
    signature: 'G',
    named: 'H',
  },
  ...{ strokes: 'A', sung: 'V', way: 'W', rounds: 'Y', minutes: 'Y', faster: 'F' },
} as const;

type Listed = keyof typeof KEYS;

function listed(
  w: ClassWords,
  id: Listed,
  value: string,
  values: readonly string[],
  text: (value: string) => string,
): Word {
  const { words } = playWords(w);
  const options = values.map((each) => option(each, text(each)));
  return listWord(w, { id, label: words[id], key: KEYS[id], value, options });
}

/** The sentence: Play E melodic minor in thirds, one octave, at 72, with a count-in, on alto saxophone. */
export function playParts(
  w: ClassWords,
  sentence: PlaySentence,
  kept: readonly TuneCode[] = [],
): readonly SentencePart[] {
  const say = playWords(w);
  const { play, comma, at, on, end, space } = say.sentence;
  const { tonic, scale, pattern, range, tempo, countIn, player } = sentence;
  const far =
    pattern === A_TUNE
      ? []
      : [comma, listed(w, 'range', range, PLAY_RANGES, (each) => say.ranges[each as typeof range])];
  return [
    play,
    tonicWord(w, tonic, scale),
    isTyped(scale) ? space : w.join,
    scaleWords(w)(scale),
    space,
    patternWord(w, sentence, kept),
    ...far,
    at,
    tempoWord(w, tempo),
    comma,
    listed(w, 'count', `${countIn}`, COUNT_INS, (each) => say.counts[each as keyof typeof say.counts]),
    on,
    listed(w, 'player', player, PLAYER_IDS, (each) => say.players[each] ?? each),
    end,
  ];
}

/** From which degree and in which values a pattern goes. */
function cellParts(w: ClassWords, { degree, rhythm }: PlaySentence): readonly SentencePart[] {
  const say = playWords(w);
  const { from, degreeIn, comma } = say.sentence;
  return [
    from,
    listed(w, 'degree', `${degree}`, DEGREES, (each) => say.degrees[Number(each) - 1] ?? each),
    degreeIn,
    listed(w, 'rhythm', rhythm, RHYTHMS, (each) => say.rhythms[each as typeof rhythm]),
    comma,
  ];
}

/** What else can be said: from which degree, in which values, over what, and how it is written. */
export function moreParts(w: ClassWords, sentence: PlaySentence): readonly SentencePart[] {
  const say = playWords(w);
  const { under, comma, end, sung, set } = say.sentence;
  const { backing, signature, articulation, singing } = sentence;
  const scale = scaleAsked(sentence.tonic, sentence.scale, w.settings.melodicDown);
  const part = partAsked(sentence, w.settings);
  const backings = scale.ok ? backingsOf(scale.scale) : [backing];
  const singings = part.ok ? singingsOf(w, part.part) : SINGINGS;
  const sings = singings.includes(singing) ? singings : [singing, ...singings];
  const strokes = listed(
    w,
    'strokes',
    articulation,
    ARTICULATIONS,
    (each) => say.articulations[each as typeof articulation],
  );
  const atClef = listed(
    w,
    'signature',
    signature,
    SIGNATURE_CHOICES,
    (each) => SIGNATURE_WORDS[each as typeof signature],
  );
  return [
    // A tune brings its own values.
    ...(sentence.pattern === A_TUNE ? [set] : cellParts(w, sentence)),
    atClef,
    comma,
    strokes,
    under,
    listed(w, 'drone', backing, backings, (each) => say.backings[each as typeof backing]),
    sung,
    listed(w, 'sung', singing, sings, (each) => say.singings[each as typeof singing]),
    end,
  ];
}

/** How it is played together: how often, how much faster each time, or how long. */
export function wayParts(
  w: ClassWords,
  { way, rounds, faster, minutes, player, named }: PlaySentence,
): readonly SentencePart[] {
  const say = playWords(w);
  const { played, times, space } = say.sentence;
  // Where what is written sounds as it is, its key has one name.
  const key = readsAnotherKey(playerOf(player))
    ? [say.sentence.named, listed(w, 'named', named, KEY_NAMED, (each) => say.named[each as typeof named])]
    : [];
  const end = [...key, say.sentence.end];
  const said = [played, listed(w, 'way', way, PLAY_WAYS, (each) => say.ways[each as typeof way])];
  const count = (values: readonly number[]) => values.map(String);
  if (way === 'free')
    return [
      ...said,
      space,
      listed(w, 'minutes', `${minutes}`, count(MINUTES), (each) => say.minutes(+each)),
      ...end,
    ];
  if (way === 'echo' || way === 'home') return [...said, ...end];
  const often = listed(w, 'rounds', `${rounds}`, count(ROUNDS), (each) => say.times(+each));
  const quicker = listed(w, 'faster', `${faster}`, count(FASTER), (each) => say.quicker(+each));
  return [...said, times, often, ...(rounds > 1 ? [times, quicker] : []), ...end];
}

/** The sentence as plain text. */
export function playText(w: ClassWords, sentence: PlaySentence): string {
  return playParts(w, sentence)
    .map((each) => (typeof each === 'string' ? each : each.text))
    .join('');
}

/** What is played, as a name: without its first word and its full stop. */
export function playName(w: ClassWords, sentence: PlaySentence): string {
  const { play, end } = playWords(w).sentence;
  return playText(w, sentence).slice(play.length, -end.length);
}

/** The sentence with one word changed; the same object where nothing changes or the word is none of it. */
export function withPlayWord(sentence: PlaySentence, id: string, value: string): PlaySentence {
  const next = changed(sentence, id, value);
  return JSON.stringify(next) === JSON.stringify(sentence) ? sentence : next;
}

function changed(sentence: PlaySentence, id: string, value: string): PlaySentence {
  const among = <Value extends string>(values: readonly Value[]) => values.find((each) => each === value);
  switch (id) {
    case 'tonic': {
      const reading = readEnglishNote(value);
      return reading.ok ? { ...sentence, tonic: reading.note } : sentence;
    }
    case 'scale':
      return backed({ ...sentence, scale: askedScaleFrom(value) ?? sentence.scale });
    case 'pattern': {
      if (value.startsWith(TUNE)) return { ...sentence, pattern: A_TUNE, tune: value.slice(TUNE.length) };
      const read = readCell(value);
      return { ...sentence, pattern: among(PLAY_PATTERNS) ?? (read.ok ? read.asked : sentence.pattern) };
    }
    case 'tempo':
      return { ...sentence, tempo: readTempo(value) ?? sentence.tempo };
    case 'count':
      return { ...sentence, countIn: Number(among(COUNT_INS) ?? sentence.countIn) };
    case 'degree':
      return { ...sentence, degree: Number(value) };
    case 'player':
      return { ...sentence, player: among(PLAYER_IDS) ?? sentence.player };
    case 'range':
      return { ...sentence, range: among(PLAY_RANGES) ?? sentence.range };
    case 'rhythm':
      return { ...sentence, rhythm: among(RHYTHMS) ?? sentence.rhythm };
    case 'drone':
      return { ...sentence, backing: among(BACKINGS) ?? sentence.backing };
    case 'strokes':
      return { ...sentence, articulation: among(ARTICULATIONS) ?? sentence.articulation };
    case 'sung':
      return { ...sentence, singing: among(SINGINGS) ?? sentence.singing };
    case 'way':
      return { ...sentence, way: among(PLAY_WAYS) ?? sentence.way };
    case 'rounds':
      return { ...sentence, rounds: Number(value) };
    case 'faster':
      return { ...sentence, faster: Number(value) };
    case 'minutes':
      return { ...sentence, minutes: Number(value) };
    case 'signature':
      return { ...sentence, signature: among(SIGNATURE_CHOICES) ?? sentence.signature };
    case 'named':
      return { ...sentence, named: among(KEY_NAMED) ?? sentence.named };
    default:
      return sentence;
  }
}

/** Another scale may have no chords in thirds: then nothing lies under it. */
function backed(sentence: PlaySentence): PlaySentence {
  const reading = scaleAsked(sentence.tonic, sentence.scale);
  const possible = reading.ok ? backingsOf(reading.scale) : BACKINGS;
  return possible.includes(sentence.backing) ? sentence : { ...sentence, backing: 'none' };
}
