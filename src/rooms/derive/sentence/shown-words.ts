import { TUNING_IDS, TUNINGS } from '@/core/instrument/fretboard';
import { CONCERT } from '@/core/instrument/transposing';
import { readStrings, tuningCode, tuningFrom } from '@/core/instrument/tuning';
import {
  AS_USUAL,
  areSameWays,
  fittingWays,
  fretsCode,
  fretsFrom,
  INSTRUMENT_IDS,
  OCTAVES,
  type Octaves,
} from '@/core/instrument/ways';
import { byClass } from '@/core/words/by-class';
import type { ClassWords } from '@/core/words/class-words';
import { sayFrets, sayTuning } from '@/core/words/say-frets';
import { instrumentNames } from '@/core/words/say-instrument';
import { deriveWords } from '@/core/words/screen/derive';
import type { DeriveSentence } from '@/rooms/address/derive/derive-sentence';
import { MOST_SURFACES, sameSurfaces, shownOn, surfacesShown, withFirst } from '@/rooms/address/derive/shown';
import type { SentencePart } from '@/ui/sentence/Sentence';
import { matchPhrase, type Word, type WordOption } from '@/ui/sentence/words';
import { SURFACES, surfacesOf, surfacesOfClass } from '@/ui/surfaces/all';

const FRETBOARD = 'fretboard';

function option(value: string, text: string, detail?: string): WordOption {
  return { value, text, match: (typed) => matchPhrase(text, typed), ...(detail ? { detail } : {}) };
}

type Listed = Pick<Word, 'id' | 'label' | 'key' | 'value' | 'text' | 'options'>;

/** A word of a list, which says what it can be where letters fit nothing. */
function listed(w: ClassWords, word: Listed, more: Partial<Word> = {}): Word {
  const { noChoice } = deriveWords(w);
  const texts = () => word.options.map(({ text }) => text);
  return { ...word, unmatched: (typed) => noChoice(typed.trim(), word.label, texts()), ...more };
}

/** The names of instruments in a sentence, concert pitch among them. */
const instrumentTexts = byClass((w): Readonly<Record<string, string>> => {
  const { concert } = deriveWords(w).shown;
  return { [CONCERT]: concert, ...instrumentNames(w) };
});

/** The octaves that can be asked for: all of them only of an instrument. */
function octavesFor(instrument: string): readonly Octaves[] {
  return OCTAVES.filter((each) => each !== 'range' || instrument !== CONCERT);
}

function instrumentWord(w: ClassWords, { ways }: DeriveSentence): Word {
  const texts = instrumentTexts(w);
  return listed(w, {
    id: 'instrument',
    label: deriveWords(w).words.instrument,
    key: 'I',
    value: ways.instrument,
    text: texts[ways.instrument] ?? ways.instrument,
    options: INSTRUMENT_IDS.map((id) => option(id, texts[id] ?? id)),
  });
}

/** Through how many octaves, where that is said; all of them only for an instrument. */
function octavesWord(w: ClassWords, { ways }: DeriveSentence): Word {
  const { octaves: say } = deriveWords(w).shown;
  return listed(w, {
    id: 'octaves',
    label: deriveWords(w).words.octaves,
    key: 'E',
    value: ways.octaves,
    text: say[ways.octaves],
    options: octavesFor(ways.instrument).map((each) => option(each, say[each])),
  });
}

/** What of the sentence says through how many octaves the scale goes, after its direction; nothing for one. */
export function octavesParts(w: ClassWords, sentence: DeriveSentence): readonly SentencePart[] {
  return sentence.ways.octaves === 'one' ? [] : [' ', octavesWord(w, sentence)];
}

/** The surfaces in words: the large one, and what stands below it where that is not as usual. */
function onText(w: ClassWords, codes: readonly string[]): string {
  const [first, ...below] = surfacesOf(codes);
  const { alone, withOthers, and } = deriveWords(w).shown;
  if (!first) return '';
  if (
    sameSurfaces(
      below.map(({ code }) => code),
      surfacesOfClass(w.settings).slice(1),
    )
  )
    return first.said;
  return below.length === 0
    ? alone(first.said)
    : withOthers(first.said, below.map(({ said }) => said).join(and));
}

function onWord(w: ClassWords, codes: readonly string[]): Word {
  const { below: say, without } = deriveWords(w).shown;
  const firsts = SURFACES.filter(({ places }) => places.includes('first')).map(({ code, said }) =>
    option(withFirst(codes, code).join(','), onText(w, withFirst(codes, code)), said),
  );
  const [first = '', ...under] = codes;
  const others = SURFACES.filter(({ code, places }) => places.includes('below') && code !== first).map(
    ({ code, said }) => {
      const shown = under.includes(code);
      const next = shown
        ? under.filter((each) => each !== code)
        : [...under.slice(0, MOST_SURFACES - 2), code];
      return option([first, ...next].join(','), shown ? without(said) : say(said));
    },
  );
  return listed(w, {
    id: 'on',
    label: deriveWords(w).words.on,
    key: 'U',
    value: codes.join(','),
    text: onText(w, codes),
    options: [...firsts, ...others],
  });
}

/** Spans that are often asked for; any other can be typed. */
const SPANS = ['0-4', '0-3', '5-9', '7-12', '0-12'];

function fretsWord(w: ClassWords, { ways }: DeriveSentence): Word {
  const strings = tuningFrom(ways.tuning)?.length ?? 0;
  const codes = [...SPANS, ...Array.from({ length: strings }, (_, at) => `string-${strings - at}`)];
  const optionOf = (code: string): readonly WordOption[] => {
    const frets = fretsFrom(code);
    return frets ? [option(code, sayFrets(frets))] : [];
  };
  const now = fretsCode(ways.frets);
  return listed(
    w,
    {
      id: 'frets',
      label: deriveWords(w).words.frets,
      key: 'F',
      value: now,
      text: sayFrets(ways.frets),
      options: [...new Set([now, ...codes])].flatMap(optionOf),
    },
    {
      hint: deriveWords(w).shown.typeFrets,
      typed: (text) => {
        const [found] = optionOf(text.replace(/^frets?\s*/u, ''));
        return found && fretsFrom(found.value)?.is === 'span'
          ? { ...found, value: fretsCode(fretsFrom(found.value) ?? ways.frets), match: () => 1 }
          : null;
      },
    },
  );
}

function tuningWord(w: ClassWords, { ways }: DeriveSentence): Word {
  const { tunings } = deriveWords(w).shown;
  const optionOf = (code: string): WordOption => {
    const tuning = tuningFrom(code);
    const strings = tuning ? sayTuning(w, tuning) : code;
    const name = tunings[code];
    return name ? option(code, name, strings) : option(code, strings);
  };
  const own = optionOf(ways.tuning);
  const known: readonly string[] = TUNING_IDS;
  return listed(
    w,
    {
      id: 'tuning',
      label: deriveWords(w).words.tuning,
      key: 'J',
      value: ways.tuning,
      text: own.text,
      options: [...(known.includes(ways.tuning) ? [] : [own]), ...known.map(optionOf)],
    },
    {
      hint: deriveWords(w).shown.typeTuning(tuningText(w)),
      typed: (text) => {
        const strings = readStrings(text, w.read);
        return strings && { ...optionOf(tuningCode(strings)), match: () => 1 };
      },
    },
  );
}

/** How strings are typed, in the names of the class. */
function tuningText(w: ClassWords): string {
  return TUNINGS.bass.map(({ note, octave }) => w.note(note) + octave).join(' ');
}

/** The word after the sentence by which it is said to be for an instrument, or on another surface. */
export function moreWord(w: ClassWords, sentence: DeriveSentence): Word {
  const { ways } = sentence;
  const codes = surfacesShown(sentence, surfacesOfClass(w.settings));
  const { more, forOne, onOne, tuned, tunings, octaves } = deriveWords(w).shown;
  const fretted = codes.includes(FRETBOARD);
  const tuning =
    fretted && ways.tuning === AS_USUAL.tuning ? TUNING_IDS.filter((id) => id !== ways.tuning) : [];
  const surfaces = SURFACES.filter(({ places }) => places.includes('first')).filter(
    ({ code }) => code !== codes[0],
  );
  const texts = instrumentTexts(w);
  const instruments = INSTRUMENT_IDS.filter((id) => id !== CONCERT && id !== ways.instrument);
  return listed(
    w,
    {
      id: 'more',
      label: deriveWords(w).words.more,
      key: 'A',
      value: '',
      text: more,
      options: [
        ...(ways.octaves === 'one' ? octavesFor(ways.instrument) : [])
          .filter((each) => each !== 'one')
          .map((each) => option(`octaves ${each}`, octaves[each])),
        ...surfaces.map(({ code, said }) => option(`on ${code}`, onOne(said))),
        ...tuning.map((id) => option(`tuning ${id}`, tuned(tunings[id] ?? id))),
        ...instruments.map((id) => option(`instrument ${id}`, forOne(texts[id] ?? id))),
      ],
    },
    { after: true },
  );
}

/** What of the sentence says on what it is shown and for whom it is written; nothing where that is as usual. */
export function shownParts(w: ClassWords, sentence: DeriveSentence): readonly SentencePart[] {
  const { on, ways } = sentence;
  const say = deriveWords(w).shown;
  const codes = surfacesShown(sentence, surfacesOfClass(w.settings));
  return [
    ...(ways.instrument === CONCERT ? [] : [say.forIt, instrumentWord(w, sentence)]),
    ...(on === null ? [] : [say.onIt, onWord(w, codes)]),
    ...(codes.includes(FRETBOARD)
      ? [
          ...[say.besides, fretsWord(w, sentence)],
          ...(ways.tuning === AS_USUAL.tuning ? [] : [say.tunedAs, tuningWord(w, sentence)]),
        ]
      : []),
  ];
}

/** The sentence with one of these words changed; null where nothing changes, or the value is none of the word's. */
export function withShown(
  sentence: DeriveSentence,
  id: string,
  value: string,
  usual: readonly string[],
): DeriveSentence | null {
  const { ways } = sentence;
  const codes = surfacesShown(sentence, usual);
  const [what = '', code = ''] = value.split(' ');
  if (id === 'more' && what === 'on')
    return withShown(sentence, 'on', withFirst(codes, code).join(','), usual);
  if (id === 'more') return withShown(sentence, what, code, usual);
  if (id === 'on') {
    const next = surfacesOf(value.split(',')).map((each) => each.code);
    return next.length === 0 || sameSurfaces(next, codes) ? null : shownOn(sentence, next, usual);
  }
  const frets = id === 'frets' ? fretsFrom(value) : ways.frets;
  const tuning = id === 'tuning' ? value : ways.tuning;
  const instrument = id === 'instrument' ? value : ways.instrument;
  const octaves = id === 'octaves' ? OCTAVES.find((each) => each === value) : ways.octaves;
  if (!frets || !octaves || !tuningFrom(tuning) || !INSTRUMENT_IDS.includes(instrument)) return null;
  const next = fittingWays({ ...ways, frets, tuning, instrument, octaves });
  if (areSameWays(next, ways)) return null;
  return { ...sentence, ways: areSameWays(next, AS_USUAL) ? AS_USUAL : next };
}

/** The ids of these words. */
export const SHOWN_WORDS: readonly string[] = ['on', 'instrument', 'frets', 'tuning', 'octaves', 'more'];
