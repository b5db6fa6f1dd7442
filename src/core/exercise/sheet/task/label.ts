import { CLEFS, type Clef } from '../../../instrument/staff';
import type { SpelledNote } from '../../../note/spelled';
import { asciiName } from '../../../note/spelled';
import { PATTERNS } from '../../../scale/pattern';
import { signatureOf } from '../../../scale/signature';
import { TONICS } from '../../../scale/tonic';
import { FIELDS } from '../../kinds/fields';
import { partOfRight } from './part-of';
import { type Asked, ofKind, task } from './task';

/** A written scale, to be labelled with its degrees and its steps; judged by its steps. */
export type LabelItem = {
  readonly task: 'label';
  readonly question: Asked<'steps'>;
  readonly tonic: SpelledNote;
  readonly clef: Clef;
};

/** Keys of few signs, so that what is labelled can be read. */
const MOST_SIGNS = 4;

export const labelTask = task({
  id: 'label',
  kinds: ['steps'],
  weight: 1,
  suits: () => true,
  make: (asked, { picks }): LabelItem | null => {
    const question = ofKind(asked, 'steps');
    if (!question) return null;
    const { mode } = PATTERNS[question.question.scale];
    const tonics = TONICS.filter((tonic) => Math.abs(signatureOf(tonic, mode)) <= MOST_SIGNS);
    return { task: 'label', question, tonic: picks(tonics), clef: picks(['treble', 'bass'] as const) };
  },
  asked: ({ question }) => question,
  write: ({ tonic, clef }) => `${asciiName(tonic)}.${clef}`,
  read: (asked, text): LabelItem | null => {
    const question = ofKind(asked, 'steps');
    const [name = '', clefCode = ''] = text.split('.');
    const tonic = FIELDS.tonic.read(name);
    const clef = CLEFS.find((each) => each === clefCode);
    return question && tonic && clef ? { task: 'label', question, tonic, clef } : null;
  },
  stands: ({ question }, form, school) => partOfRight(question, form, school),
});
