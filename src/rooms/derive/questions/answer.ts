import { readDrawnOn } from '@/core/identify/drawn-signature';
import { type KeyOwner, keysOf, ruleOf } from '@/core/identify/key-of-signature';
import { identify } from '@/core/identify/name-scale';
import type { ScaleName } from '@/core/identify/scale-name';
import { writeSignature } from '@/core/identify/signature-of-key';
import { CLEFS, type Clef } from '@/core/instrument/staff';
import type { Pitch } from '@/core/note/pitch';
import { type Fifths, fifths } from '@/core/note/spelled';
import { isPrintable } from '@/core/scale/signature';
import type { ClassWords } from '@/core/words/class-words';
import { sayDecision } from '@/core/words/say-decision';
import type { SaidStep } from '@/core/words/say-method';
import { sayKeyStep, saySignatureProblem, sayWriteStep } from '@/core/words/say-signature';
import { questionWords } from '@/core/words/screen/questions';
import type { Question } from '@/rooms/address/derive/question';
import { canBeNamed } from '@/rooms/address/derive/read-question';

/** What a question is answered with: the lines of its working, and what they point at. */
export type QuestionAnswer = {
  readonly lines: readonly SaidStep[];
  /** For each line the signs of the order it points at, from 0. */
  readonly signs: readonly (readonly number[])[];
  /** For each line how many signs of the signature have been drawn; null where all stand. */
  readonly put: readonly (number | null)[];
  /** For each line the places of the notes it points at. */
  readonly places: readonly (readonly number[])[];
  /** The signature that is asked for or written; past seven signs none is printed. */
  readonly count: Fifths;
  readonly clefs: readonly Clef[];
  readonly owners: readonly KeyOwner[];
  readonly names: readonly ScaleName[];
};

const NOTHING: QuestionAnswer = {
  lines: [],
  signs: [],
  put: [],
  places: [],
  count: fifths(0),
  clefs: ['treble'],
  owners: [],
  names: [],
};

/** Signs drawn on the staff that are no signature: which, and why not. */
function answerToDrawn(w: ClassWords, drawn: readonly Pitch[]): QuestionAnswer {
  const reading = readDrawnOn(drawn, 'treble');
  if (reading.ok) throw new RangeError('signs of a signature are a count');
  const { problem } = reading;
  const say = questionWords(w).drawn;
  const lines = [
    { text: say.row(w.noteList(drawn.map(({ note }) => note))), reason: null },
    { text: saySignatureProblem(w, problem), reason: null },
    { text: say.none, reason: say.rule },
  ];
  // Where only order or place is wrong, it is known what was meant.
  const meant = problem.code === 'signature-order' || problem.code === 'signature-place';
  return {
    ...NOTHING,
    lines,
    signs: lines.map(() => []),
    put: lines.map(() => null),
    places: lines.map((_, line) => (line === 0 ? [] : [problem.at])),
    count: meant ? fifths(drawn.length * (drawn[0]?.note.alteration ?? 0)) : fifths(0),
    clefs: meant ? ['treble', 'bass'] : [],
  };
}

/** Works a question out in the words and by the rules of a class. */
export function answerOf(w: ClassWords, question: Question): QuestionAnswer {
  switch (question.kind) {
    case 'key': {
      const { fifths: count, drawn, asked } = question;
      if (drawn) return answerToDrawn(w, drawn);
      const rule = question.rule ?? ruleOf(count, w.settings);
      const { steps, owners } = keysOf({ count, asked, rule, minorNaming: w.settings.minorNaming });
      return {
        ...NOTHING,
        lines: steps.map(({ fact }) => sayKeyStep(w, fact)),
        signs: steps.map(({ signs }) => signs),
        put: steps.map(() => null),
        places: steps.map(() => []),
        count,
        clefs: ['treble', 'bass'],
        owners,
      };
    }
    case 'signature': {
      const { tonic, scale, clefs } = question;
      const { steps, count } = writeSignature(tonic, scale, w.settings);
      return {
        ...NOTHING,
        lines: steps.map(({ fact }) => sayWriteStep(w, fact)),
        signs: steps.map(({ put }, at) => (put > (steps[at - 1]?.put ?? 0) ? [put - 1] : [])),
        put: steps.map(({ put }) => put),
        places: steps.map(() => []),
        count,
        // A signature of more than seven signs is never printed.
        clefs: !isPrintable(count)
          ? []
          : clefs === 'both'
            ? ['treble', 'bass']
            : clefs === 'all'
              ? CLEFS
              : [clefs],
      };
    }
    case 'name': {
      if (!canBeNamed(question)) return NOTHING;
      const { steps, names } = identify(question.notes);
      return {
        ...NOTHING,
        lines: steps.map(({ fact }) => sayDecision(w, fact)),
        signs: steps.map(() => []),
        put: steps.map(() => null),
        places: steps.map(({ at }) => at),
        names,
      };
    }
  }
}
