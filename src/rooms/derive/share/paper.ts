import type { ClassWords } from '@/core/words/class-words';
import { sayCheck } from '@/core/words/say-check';
import { scaleName } from '@/core/words/say-scale';
import { stepText } from '@/core/words/say-step';
import { PAPER_WORDS } from '@/core/words/screen/paper';
import { besideOf, type DeriveSentence } from '@/rooms/address/derive/derive-sentence';
import { surfacesShown } from '@/rooms/address/derive/shown';
import type { PaperItem, PaperSheet } from '@/ui/paper/Paper';
import { SURFACES, surfacesOfClass } from '@/ui/surfaces/all';
import { sentenceText } from '../sentence/sentence-words';
import { proofOf, viewOf } from '../working/view';

const WIDTH = 700;

/** A derivation laid out for paper. Engraving is loaded when the first sheet is asked for. */
export async function paperItem(
  w: ClassWords,
  sentence: DeriveSentence,
  title: string,
  blank: boolean,
): Promise<PaperItem> {
  const view = viewOf({ ...sentence, step: null }, w.settings);
  const { derivation } = view;
  const proof = proofOf(view, sentence.direction);
  const shown = surfacesShown(sentence, surfacesOfClass(w.settings));
  const kits = await Promise.all(SURFACES.filter(({ code }) => shown.includes(code)).map(({ kit }) => kit()));
  const printed = kits.flatMap(({ paper }) => (paper ? [paper(w, view, WIDTH, blank)] : []));
  return {
    title,
    task: sentenceText(w, sentence),
    scenes: await Promise.all(printed),
    method: w.method(derivation.method),
    lines: derivation.steps.map(({ fact }) => stepText(w, fact)),
    closing: `${PAPER_WORDS.proof}: ${proof
      .filter(({ holds }) => holds !== null)
      .map((check) => sayCheck(w, check))
      .join('; ')}.`,
  };
}

/** One derivation on one sheet, or the two that stand beside each other. */
export async function paperOf(
  w: ClassWords,
  head: string,
  sentence: DeriveSentence,
  blank: boolean,
): Promise<PaperSheet> {
  const { scale } = viewOf(sentence, w.settings);
  const item = (each: DeriveSentence, name: string) => paperItem(w, { ...each, beside: null }, name, blank);
  const other = besideOf(sentence);
  if (!other) return { head, title: null, blank, items: [await item(sentence, scaleName(w, scale))] };
  const second = viewOf(other, w.settings).scale;
  const items = await Promise.all([item(sentence, scaleName(w, scale)), item(other, scaleName(w, second))]);
  return { head, title: null, blank, items };
}
