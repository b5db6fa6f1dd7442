import type { Clef } from '../instrument/staff';
import type { Pitch } from '../note/pitch';
import type { Fifths, SpelledNote } from '../note/spelled';
import type { Mode } from '../scale/mode';
import type { SCALE_IDS } from '../scale/pattern';
import type { DrawnSign } from './drawn';
import type { ScaleAnswer } from './judge-scale';
import type { NamedKey } from './judged';
import type { ScaleQuestion } from './scale-question';

type Scale = (typeof SCALE_IDS)[number];

/** A key's signature, drawn on a staff or named sign by sign. */
export type SignatureQuestion = { readonly tonic: SpelledNote; readonly scale: Scale; readonly clef: Clef };

/** The key of a mode that owns a signature, −7 … 7 fifths. */
export type NameKeyQuestion = { readonly fifths: Fifths; readonly mode: Mode };

/** How many signs of which kind a key has, and which. */
export type NameSignatureQuestion = { readonly tonic: SpelledNote; readonly scale: Scale };

/** The first `count` of an order, 1 to 7. */
export type OrderQuestion = { readonly kind: 'sharps' | 'flats'; readonly count: number };

/** The steps of a scale, rising, or falling as they are gone down. */
export type StepsQuestion = { readonly scale: Scale; readonly direction: 'up' | 'down' };

/** The name of a scale that was written out right. */
export type NameScaleQuestion = { readonly notes: readonly SpelledNote[] };

export const PARTNER_RELATIONS = ['relative', 'parallel', 'enharmonic'] as const;

/** The relative, parallel or enharmonic key of a key. */
export type PartnerQuestion = {
  readonly relation: (typeof PARTNER_RELATIONS)[number];
  readonly tonic: SpelledNote;
  readonly mode: Mode;
};

/** The note on a degree of a scale, 1 to 7, rising. */
export type DegreeQuestion = { readonly tonic: SpelledNote; readonly scale: Scale; readonly degree: number };

/** A triad or a chord of the seventh on a degree: its notes from the root up, or its numeral. */
export type ChordQuestion = DegreeQuestion & { readonly size: 3 | 4; readonly wants: 'notes' | 'numeral' };

/** The written pitch of a sounding one, by what the instrument is written above concert. */
export type TransposeQuestion = { readonly pitch: Pitch; readonly instrument: string };

/** One thing that was reasoned: the half steps between two degrees of the scale. */
export type Reason = { readonly from: number; readonly to: number; readonly semitones: number };

/** A key as it was named; `small` where its first letter was written small. */
export type KeyAnswer = { readonly key: NamedKey; readonly small: boolean };

/** A question with the answer somebody gave. */
export type Marked =
  | { readonly kind: 'scale'; readonly question: ScaleQuestion; readonly answer: ScaleAnswer }
  | {
      readonly kind: 'signature';
      readonly question: SignatureQuestion;
      readonly answer: readonly DrawnSign[];
    }
  | { readonly kind: 'name-key'; readonly question: NameKeyQuestion; readonly answer: KeyAnswer }
  | {
      readonly kind: 'name-signature';
      readonly question: NameSignatureQuestion;
      readonly answer: { readonly fifths: Fifths | null; readonly signs: readonly SpelledNote[] | null };
    }
  | { readonly kind: 'order'; readonly question: OrderQuestion; readonly answer: readonly SpelledNote[] }
  | { readonly kind: 'steps'; readonly question: StepsQuestion; readonly answer: readonly number[] }
  | {
      readonly kind: 'name-scale';
      readonly question: NameScaleQuestion;
      readonly answer: KeyAnswer & { readonly reasons: readonly Reason[] };
    }
  | { readonly kind: 'partner'; readonly question: PartnerQuestion; readonly answer: KeyAnswer }
  | { readonly kind: 'degree'; readonly question: DegreeQuestion; readonly answer: SpelledNote | null }
  | {
      readonly kind: 'chord';
      readonly question: ChordQuestion;
      readonly answer: { readonly notes: readonly SpelledNote[] } | { readonly numeral: string };
    }
  | { readonly kind: 'transpose'; readonly question: TransposeQuestion; readonly answer: Pitch | null };

/** The kinds of question that can be marked. */
export const MARK_KINDS = [
  'scale',
  'signature',
  'name-key',
  'name-signature',
  'order',
  'steps',
  'name-scale',
  'partner',
  'degree',
  'chord',
  'transpose',
] as const;

export type MarkKind = (typeof MARK_KINDS)[number];

/** A question of any kind, without its answer. */
export type MarkQuestion = Marked extends infer Each
  ? Each extends { readonly kind: infer Kind; readonly question: infer Question }
    ? { readonly kind: Kind; readonly question: Question }
    : never
  : never;
