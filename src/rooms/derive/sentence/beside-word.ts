import { METHOD_IDS } from '@/core/derive/derivation';
import { whyNot } from '@/core/derive/methods';
import { scaleAsked } from '@/core/scale/asked';
import { NAMED_SCALE_IDS } from '@/core/scale/pattern';
import { relatedKeys } from '@/core/scale/related';
import type { Scale } from '@/core/scale/scale';
import type { ClassWords } from '@/core/words/class-words';
import { readScale } from '@/core/words/read-scale';
import { sayRelated } from '@/core/words/say-related';
import { scaleName } from '@/core/words/say-scale';
import { deriveWords } from '@/core/words/screen/derive';
import { writeBeside } from '@/rooms/address/derive/beside';
import type { Beside, DeriveSentence } from '@/rooms/address/derive/derive-sentence';
import { matchPhrase, type Word, type WordOption } from '@/ui/sentence/words';

/** The value of the word where nothing is compared. */
export const NOTHING = 'nothing';

function option(beside: Beside, text: string, detail?: string): WordOption {
  const match = (typed: string) =>
    Math.max(matchPhrase(text, typed), detail ? matchPhrase(detail, typed) : 0);
  return { value: writeBeside(beside), text, match, ...(detail ? { detail } : {}) };
}

/** What stands beside as it is named in the sentence. */
function besideText(w: ClassWords, beside: Beside): string {
  if (beside.kind === 'method') return deriveWords(w).sentence.sameBy(w.method(beside.method));
  const reading = scaleAsked(beside.tonic, beside.scale);
  return reading.ok ? scaleName(w, reading.scale) : '';
}

/** What can stand beside a scale: other methods, keys that belong to it, other scales of its tonic. */
function offered(
  w: ClassWords,
  scale: Scale,
  { tonic, scale: asked, method }: DeriveSentence,
): readonly WordOption[] {
  const methods = METHOD_IDS.filter((id) => id !== method && whyNot(scale, id) === null).map((id) => {
    const beside: Beside = { kind: 'method', method: id };
    return option(beside, besideText(w, beside));
  });
  const related = relatedKeys(scale).map((key) => {
    const { name, key: text } = sayRelated(w, scale, key);
    return option({ kind: 'scale', tonic: key.tonic, scale: key.scale }, text, name);
  });
  const others = NAMED_SCALE_IDS.filter((id) => id !== asked && scaleAsked(tonic, id).ok).map((id) => {
    const beside: Beside = { kind: 'scale', tonic, scale: id };
    return option(beside, besideText(w, beside));
  });
  const first = [...methods, ...related];
  return [...first, ...others.filter(({ value }) => !first.some((known) => known.value === value))];
}

/** The word that says what is compared: nothing, another method, a key that belongs to it, or any scale typed. */
export function besideWord(w: ClassWords, sentence: DeriveSentence): Word {
  const say = deriveWords(w);
  const reading = scaleAsked(sentence.tonic, sentence.scale);
  const list = reading.ok ? offered(w, reading.scale, sentence) : [];
  const nothing: WordOption = {
    value: NOTHING,
    text: say.sentence.nothing,
    match: (typed) => matchPhrase(say.sentence.nothing, typed),
  };
  const now = sentence.beside;
  const own = now && option(now, besideText(w, now));
  const known = own && !list.some(({ value }) => value === own.value) ? [own] : [];
  return {
    id: 'beside',
    label: say.words.beside,
    key: 'V',
    value: own?.value ?? NOTHING,
    text: own?.text ?? say.sentence.nothing,
    hint: say.typeScale,
    options: [nothing, ...known, ...list],
    typed: (text) => {
      const read = readScale(w, text.trim());
      if ('why' in read || !scaleAsked(read.tonic, read.scale).ok) return null;
      const beside: Beside = { kind: 'scale', ...read };
      return { ...option(beside, besideText(w, beside)), match: () => 1 };
    },
    unmatched: (text) => say.noBeside(text.trim()),
  };
}
