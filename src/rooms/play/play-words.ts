import { readEnglishNote } from '@/core/note/parse';
import { KEY_NAMED } from '@/core/play/part';
import { type AskedPattern, cellOf, PLAY_PATTERNS, readCell } from '@/core/play/pattern';
import { DRONES, TEMPO } from '@/core/play/performance';
import { PLAY_RANGES } from '@/core/play/placed';
import { PLAYER_IDS, playerOf, readsAnotherKey } from '@/core/play/player';
import { RHYTHMS } from '@/core/play/rhythm';
import { isTyped } from '@/core/scale/asked';
import { SIGNATURE_CHOICES } from '@/core/scale/printed';
import type { ClassWords } from '@/core/words/class-words';
import { playWords } from '@/core/words/screen/play';
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

/** A pattern as the sentence says it. */
function patternText(w: ClassWords, pattern: AskedPattern): string {
  const say = playWords(w);
  const named = PLAY_PATTERNS.find((id) => id === pattern);
  return named ? say.patterns[named] : say.typedPattern(cellOf(pattern).map((place) => place + 1));
}

function patternWord(w: ClassWords, pattern: AskedPattern): Word {
  const say = playWords(w);
  const own = option(pattern, patternText(w, pattern));
  const listed = PLAY_PATTERNS.map((id) => option(id, say.patterns[id]));
  const word = listWord(w, {
    ...{ id: 'pattern', label: say.words.pattern, key: 'Q', value: pattern },
    options: listed.some(({ value }) => value === pattern) ? listed : [own, ...listed],
  });
  return {
    ...word,
    hint: say.typeDegrees,
    typed: (typed) => {
      if (!/\d/u.test(typed)) return null;
      const read = readCell(typed);
      return read.ok ? { value: read.asked, text: patternText(w, read.asked), match: () => 1 } : null;
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

type Listed = 'range' | 'count' | 'player' | 'degree' | 'rhythm' | 'drone' | 'signature' | 'named';

const KEYS: Readonly<Record<Listed, string>> = {
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
};

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
export function playParts(w: ClassWords, sentence: PlaySentence): readonly SentencePart[] {
  const say = playWords(w);
  const { play, comma, at, on, end, space } = say.sentence;
  const { tonic, scale, pattern, range, tempo, countIn, player } = sentence;
  return [
    play,
    tonicWord(w, tonic, scale),
    isTyped(scale) ? space : w.join,
    scaleWords(w)(scale),
    space,
    patternWord(w, pattern),
    comma,
    listed(w, 'range', range, PLAY_RANGES, (each) => say.ranges[each as typeof range]),
    at,
    tempoWord(w, tempo),
    comma,
    listed(w, 'count', `${countIn}`, COUNT_INS, (each) => say.counts[each as keyof typeof say.counts]),
    on,
    listed(w, 'player', player, PLAYER_IDS, (each) => say.players[each] ?? each),
    end,
  ];
}

/** What else can be said: from which degree, in which values, over what, and how it is written. */
export function moreParts(w: ClassWords, sentence: PlaySentence): readonly SentencePart[] {
  const say = playWords(w);
  const { from, degreeIn, under, comma, named, end } = say.sentence;
  const { degree, rhythm, drone, signature, named: key, player } = sentence;
  // Where what is written sounds as it is, its key has one name.
  const transposed = readsAnotherKey(playerOf(player));
  return [
    from,
    listed(w, 'degree', `${degree}`, DEGREES, (each) => say.degrees[Number(each) - 1] ?? each),
    degreeIn,
    listed(w, 'rhythm', rhythm, RHYTHMS, (each) => say.rhythms[each as typeof rhythm]),
    comma,
    listed(w, 'signature', signature, SIGNATURE_CHOICES, (each) => SIGNATURE_WORDS[each as typeof signature]),
    under,
    listed(w, 'drone', drone, DRONES, (each) => say.drones[each as typeof drone]),
    ...(transposed
      ? [named, listed(w, 'named', key, KEY_NAMED, (each) => say.named[each as typeof key])]
      : []),
    end,
  ];
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
      return { ...sentence, scale: askedScaleFrom(value) ?? sentence.scale };
    case 'pattern': {
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
      return { ...sentence, drone: among(DRONES) ?? sentence.drone };
    case 'signature':
      return { ...sentence, signature: among(SIGNATURE_CHOICES) ?? sentence.signature };
    case 'named':
      return { ...sentence, named: among(KEY_NAMED) ?? sentence.named };
    default:
      return sentence;
  }
}
