import { parallelKey, relativeKey } from '@/core/harmony/key';
import type { AnswerOperation } from '@/core/mark/machine/answer-operation';
import type { NamedKey } from '@/core/mark/machine/written';
import type { SpelledNote } from '@/core/note/spelled';
import { MODES, type Mode } from '@/core/scale/mode';
import { scaleOfMode } from '@/core/scale/pattern';
import { enharmonicKeyTonic, signatureOf } from '@/core/scale/signature';
import { TONICS } from '@/core/scale/tonic';
import { type Fields, PARTNER_RELATIONS } from '../fields';
import { judgeName, namedRight } from '../judge-name';
import { kind } from '../kind';

/** The relative, parallel or enharmonic key of a key. */
export type PartnerQuestion = {
  readonly relation: Fields['relation'];
  readonly tonic: SpelledNote;
  readonly mode: Mode;
};

/** The partner of a key, or null where it has none that can be written. */
function partnerOf({ relation, tonic, mode }: PartnerQuestion): NamedKey | null {
  const key = { tonic, mode };
  if (relation === 'enharmonic') {
    const other = enharmonicKeyTonic(tonic, signatureOf(tonic, mode));
    return other && { tonic: other, scale: scaleOfMode(mode) };
  }
  const other = relation === 'relative' ? relativeKey(key) : parallelKey(key);
  return other && { tonic: other.tonic, scale: scaleOfMode(other.mode) };
}

const STEP: Readonly<Record<PartnerQuestion['relation'], AnswerOperation>> = {
  relative: { op: 'to-partner', way: 'own' },
  parallel: { op: 'other-mode' },
  enharmonic: { op: 'respell' },
};

function partner(question: PartnerQuestion): NamedKey {
  const found = partnerOf(question);
  if (!found) throw new RangeError('asked only where there is one');
  return found;
}

/** The relative, parallel or enharmonic key of a key, to be named. */
export const partnerKind = kind({
  id: 'partner',
  fields: ['relation', 'tonic', 'mode'],
  from: ({ relation, tonic, mode }): PartnerQuestion => ({ relation, tonic, mode }),
  of: (question) => question,
  form: () => 'key',
  ways: [],
  shown: () => null,
  problem: (question) =>
    TONICS.includes(question.tonic) && partnerOf(question) ? null : { code: 'no-partner' },
  right: (question, school) => namedRight(partner(question), school),
  task: (question) => {
    const { relation, tonic, mode } = question;
    const step = STEP[relation];
    return {
      scope: 'partner',
      clef: null,
      programs: [
        [
          { op: 'given-key', tonic, scale: scaleOfMode(mode) },
          step,
          { op: 'say-key', scale: null, sign: 'said' },
        ],
      ],
      right: { is: 'key', key: partner(question), form: false },
    };
  },
  // Relative and enharmonic keys are found by their tonic; of a parallel key the mode is all that is new.
  judge: (question, answer, school) =>
    judgeName(partner(question), answer, school, {
      form: false,
      modeAsked: question.relation === 'parallel',
    }),
  key: partner,
  make: (picks, { maxSigns }) => {
    const all = PARTNER_RELATIONS.flatMap((relation) =>
      MODES.flatMap((mode) =>
        TONICS.map((tonic) => ({ relation, tonic, mode })).filter(
          (question) => Math.abs(signatureOf(question.tonic, mode)) <= maxSigns && partnerOf(question),
        ),
      ),
    );
    return picks(all);
  },
});
