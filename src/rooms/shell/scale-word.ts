import { type AskedScale, askedFrom, isTyped, stepsOf } from '@/core/scale/asked';
import { NAMED_SCALE_IDS, type ScaleId, WHOLE_OF } from '@/core/scale/pattern';
import { readTypedSteps } from '@/core/scale/typed-steps';
import { byClass } from '@/core/words/by-class';
import { sayProblem } from '@/core/words/say-problem';
import { rotationName } from '@/core/words/say-scale';
import { deriveWords } from '@/core/words/screen/derive';
import { OTHER_SCALE_WORDS } from '@/core/words/vocabulary';
import { matchPhrase, type Word, type WordOption } from '@/ui/sentence/words';

/** How well letters fit a choice; the beginning of a scale is meant less often than the scale itself. */
function matchChoice(option: string, texts: readonly string[], typed: string): number {
  const fit = Math.max(...texts.map((text) => matchPhrase(text, typed)));
  return Object.hasOwn(WHOLE_OF, option) && fit < 1 ? 0.6 * fit : fit;
}

/** Every scale by its name. */
const scaleTexts = byClass((w) => {
  const texts = NAMED_SCALE_IDS.map((id) => [id, w.scaleWord(id)] as const);
  return Object.fromEntries(texts) as Record<ScaleId, string>;
});

/** The word for a scale of the list; its text is that of whichever stands. */
const listedScale = byClass((w) => {
  const say = deriveWords(w);
  const texts = scaleTexts(w);
  return {
    id: 'scale',
    label: say.words.scale,
    key: 'S',
    options: NAMED_SCALE_IDS.map((id): WordOption => {
      const other = OTHER_SCALE_WORDS[id];
      const said = other ? [texts[id], other] : [texts[id]];
      const option = { value: id, text: texts[id], match: (typed: string) => matchChoice(id, said, typed) };
      return other ? { ...option, detail: other } : option;
    }),
    unmatched: (typed: string) =>
      say.noChoice(
        typed.trim(),
        say.words.scale,
        NAMED_SCALE_IDS.map((id) => texts[id]),
      ),
  };
});

/** The scale: one of the list, or steps that are typed into it. */
export const scaleWords = byClass((w) => {
  const say = deriveWords(w);
  const made = new Map<AskedScale, Word>();
  const stepped = (asked: AskedScale): WordOption => {
    if (!isTyped(asked)) return { value: asked, text: scaleTexts(w)[asked], match: () => 1 };
    const steps = stepsOf(asked);
    const option = { value: asked, text: steps.map(w.stepLetters).join(' '), match: () => 1 };
    const detail = rotationName(w, steps);
    return detail ? { ...option, detail } : option;
  };
  return (asked: AskedScale): Word => {
    const listed = listedScale(w);
    const own = stepped(asked);
    const word: Word = made.get(asked) ?? {
      ...listed,
      value: own.value,
      text: own.text,
      hint: say.typeSteps([2, 2, 1].map(w.stepLetters).join(' ')),
      options: isTyped(asked)
        ? [{ ...own, match: (text) => (text.trim() === own.text ? 1 : 0) }, ...listed.options]
        : listed.options,
      typed: (text) => {
        const reading = readTypedSteps(text, w.figures);
        return reading?.ok ? stepped(askedFrom(reading.steps)) : null;
      },
      unmatched: (text) => {
        const reading = readTypedSteps(text, w.figures);
        return reading && !reading.ok ? sayProblem(w, reading.problem) : listed.unmatched(text);
      },
    };
    made.set(asked, word);
    return word;
  };
});
