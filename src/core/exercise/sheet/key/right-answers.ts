import { SCALE_IDS } from '../../../scale/pattern';
import { TONICS } from '../../../scale/tonic';
import { CHOICES, type Settings } from '../../../school/settings';
import type { Answer } from '../../answer';
import { formOf, foundIn, type MarkQuestion, rightAnswer } from '../../kinds/all';
import { numeralWanted } from '../../kinds/chord/read-numeral';
import { chordOnDegree } from '../../kinds/on-scale';

/** Every name a key can be given. */
const NAMES: readonly Answer[] = TONICS.flatMap((tonic) =>
  [null, ...SCALE_IDS].map(
    (scale): Answer => ({ is: 'key', key: { tonic, scale }, small: false, reasons: [] }),
  ),
);

/** A numeral as every school writes it. */
function numerals(asked: Extract<MarkQuestion, { kind: 'chord' }>): readonly Answer[] {
  const { tonic, scale } = asked.question;
  const chord = chordOnDegree(tonic, scale, asked.question);
  const texts = CHOICES.numerals.flatMap((way) =>
    CHOICES.mediant.flatMap((mediant) =>
      CHOICES.diminished.map(
        (diminished) => numeralWanted(chord, tonic, { numerals: way, mediant, diminished }).text,
      ),
    ),
  );
  return [...new Set(texts)].map((text) => ({ is: 'numeral', text }));
}

function candidates(asked: MarkQuestion): readonly Answer[] {
  if (formOf(asked) === 'key') return NAMES;
  return asked.kind === 'chord' && asked.question.wants === 'numeral' ? numerals(asked) : [];
}

/** What two answers must differ in to be said apart: minor forms are one key where the form was not asked. */
function sameSaid(asked: MarkQuestion, one: Answer, other: Answer): boolean {
  if (one.is === 'numeral' && other.is === 'numeral') return one.text === other.text;
  if (one.is !== 'key' || other.is !== 'key') return false;
  const mode = (scale: string | null) =>
    asked.kind === 'name-scale' || !scale ? scale : scale.endsWith('-minor') ? 'minor' : scale;
  return one.key.tonic === other.key.tonic && mode(one.key.scale) === mode(other.key.scale);
}

/** Every right answer, the usual one first: other names, and other ways of writing a numeral. */
export function rightAnswers(asked: MarkQuestion, school: Settings): readonly Answer[] {
  const right = rightAnswer(asked, school);
  const all = [right];
  for (const answer of candidates(asked)) {
    const correct = foundIn(asked, answer as never, school).correct;
    if (correct && !all.some((each) => sameSaid(asked, each, answer))) all.push(answer);
  }
  return all;
}
