import type { AnswerCase } from '../../exercise/answer-case';
import type { ScaleKey } from '../../exercise/practice';
import { type SpelledNote, spelled } from '../../note/spelled';
import { scaleNamed } from '../../scale/scale';
import type { ClassWords } from '../class-words';
import { sayNamed } from '../say-named';
import { signCount } from '../vocabulary';

/** What the name of a mistake may speak of: degrees as the class calls them, `the 7th`, `the leading note`. */
export type NameCase = { readonly w: ClassWords; readonly the: (degree: number) => string };

/** What its sentences may speak of: the answer in hand, and a scale to practise on. */
export type MistakeCase = NameCase & {
  readonly answer: AnswerCase;
  /** The key or scale that was asked, by name; null where none was. */
  readonly asked: string | null;
  /** The same where a sentence speaks of a key: what was asked. */
  readonly tonic: string;
  /** Its signature: `two sharps`. */
  readonly signs: string;
  /** The name that was given, where a name was asked. */
  readonly named: string;
  /** `A♯ for B♭`: what stands at a degree for what was wanted; null where nothing else does. */
  readonly stands: (degree: number) => { readonly want: string; readonly got: string } | null;
  readonly row: (notes: readonly SpelledNote[]) => string;
  /** The scale to practise on. */
  readonly practice: string;
};

/** The words of one mistake: its name, why this answer, what to say to the student, and one exercise. */
export type MistakeWords = {
  readonly name: string;
  readonly why: string;
  readonly say: string;
  readonly cure: string;
};

type Text = string | ((c: MistakeCase) => string);

/** A mistake in words; what speaks of the answer is made from its case. */
export type MistakeSaying = {
  readonly name: string | ((c: NameCase) => string);
  readonly why: Text;
  readonly say: Text;
  readonly cure: Text;
};

const C: ScaleKey = { tonic: spelled('C', 0), scale: 'major' };

/** How a class calls the degrees of a key; past the 21 tonics those of C. */
export function nameCase(w: ClassWords, key: ScaleKey | null): NameCase {
  const { tonic, scale } = key ?? C;
  const reading = scaleNamed(tonic, scale);
  const row = reading.ok ? reading.scale.ascending : [];
  return {
    w,
    the: (degree) => {
      const note = row[degree - 1];
      return `the ${note ? w.degree(note, tonic) : degree}`;
    },
  };
}

/** What the sentences about a mistake speak of, in an answer; the exercise is on another key. */
export function mistakeCase(w: ClassWords, answer: AnswerCase, practice: ScaleKey): MistakeCase {
  const { key, fifths, differences, named } = answer;
  const scale = key?.scale ?? null;
  // Where one name is asked, only a scale is told from its other forms.
  const form = answer.asked.kind !== 'name-key' && answer.asked.kind !== 'partner';
  return {
    ...nameCase(w, key && scale ? { tonic: key.tonic, scale: scale as ScaleKey['scale'] } : null),
    answer,
    asked: key && scale ? sayNamed(w, key, form) : null,
    tonic: key ? w.note(key.tonic) : '',
    signs: fifths === null ? '' : signCount(fifths),
    named: named ? sayNamed(w, named, form) : '',
    stands: (degree) => {
      const found = differences.find((each) => each.degree === degree);
      return found ? { want: w.noteWithSign(found.want), got: w.noteWithSign(found.got) } : null;
    },
    row: (notes) => notes.map(w.note).join(', '),
    practice: w.scale(practice.tonic, practice.scale),
  };
}
