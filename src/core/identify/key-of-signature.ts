import { raisedSeventh } from '../harmony/raised-seventh';
import { type Fifths, fifthsOf, noteAtFifths, type SpelledNote } from '../note/spelled';
import { MODES, type Mode } from '../scale/mode';
import { accidentalsOf, isPrintable, ownerOf } from '../scale/signature';
import type { Settings } from '../school/settings';

/** One step from a signature to the keys that own it. `signs` are the places of the order it points at, from 0. */
export type KeyStep = { readonly fact: KeyFact; readonly signs: readonly number[] };

export type KeyFact =
  | { readonly code: 'take-order'; readonly count: Fifths; readonly signs: readonly SpelledNote[] }
  /** No signs are a full answer. */
  | { readonly code: 'empty-signature'; readonly major: SpelledNote; readonly minor: SpelledNote }
  | {
      readonly code: 'major-by-rule';
      readonly rule: SignatureRule;
      readonly sign: SpelledNote;
      readonly major: SpelledNote;
    }
  /** One flat has no last but one: the exception, with its reason and the rule that has none. */
  | { readonly code: 'no-last-but-one'; readonly sign: SpelledNote; readonly major: SpelledNote }
  /** Six or seven sharps: the next letter needs the sign it has in the signature. */
  | { readonly code: 'with-its-sign'; readonly sign: SpelledNote; readonly major: SpelledNote }
  | { readonly code: 'minor-by-relative'; readonly major: SpelledNote; readonly minor: SpelledNote }
  | { readonly code: 'minor-by-last-sharp'; readonly sign: SpelledNote; readonly minor: SpelledNote }
  | { readonly code: 'minor-by-third'; readonly major: SpelledNote; readonly minor: SpelledNote }
  | {
      readonly code: 'mode-owner';
      readonly mode: Mode;
      readonly tonic: SpelledNote;
      readonly major: SpelledNote;
    }
  | {
      readonly code: 'mode-owners';
      readonly owners: readonly { readonly mode: Mode; readonly tonic: SpelledNote }[];
    }
  /** Home note and raised 7th decide between the two. */
  | {
      readonly code: 'major-or-minor';
      readonly major: SpelledNote;
      readonly minor: SpelledNote;
      /** Minor's 7th as the signature has it, and raised. */
      readonly seventh: SpelledNote;
      readonly raised: SpelledNote;
    }
  | { readonly code: 'all-seven'; readonly sharps: boolean };

/** The rules of thumb by which a signature names its major key. */
export const SIGNATURE_RULES = ['last-but-one', 'fourth-below', 'next-letter', 'half-step'] as const;

export type SignatureRule = (typeof SIGNATURE_RULES)[number];

/** The rules that serve a signature: those for flats, or those for sharps; none for an empty one. */
export function rulesFor(count: Fifths): readonly SignatureRule[] {
  if (count === 0) return [];
  return count < 0 ? ['last-but-one', 'fourth-below'] : ['next-letter', 'half-step'];
}

/** The rule a class uses for a signature; null for an empty one. */
export function ruleOf(
  count: Fifths,
  { flatRule, sharpRule }: Pick<Settings, 'flatRule' | 'sharpRule'>,
): SignatureRule | null {
  if (count === 0) return null;
  return count < 0 ? flatRule : sharpRule;
}

/** Which of its keys is asked for. */
export const KEY_ASKED = ['every', ...MODES] as const;

export type KeyAsked = (typeof KEY_ASKED)[number];

export type KeyQuestion = {
  /** −7 to 7. */
  readonly count: Fifths;
  readonly asked: KeyAsked;
  readonly rule: SignatureRule | null;
  readonly minorNaming: Settings['minorNaming'];
};

/** A key that owns a signature. */
export type KeyOwner = { readonly tonic: SpelledNote; readonly mode: Mode };

export type KeyAnswer = { readonly steps: readonly KeyStep[]; readonly owners: readonly KeyOwner[] };

function owner(count: Fifths, mode: Mode): SpelledNote {
  const tonic = ownerOf(count, mode);
  if (!tonic) throw new RangeError(`no ${mode} owner of ${count}`);
  return tonic;
}

/**
 * The keys that own a signature, step by step (docs/theory.md, Key signatures): its signs by the order, the major key by
 * rule of thumb with its exception, the minor key by the class's way, every mode, and what decides between major and
 * minor. Throws past seven signs.
 *
 * @example keysOf({ count: fifths(-4), asked: 'major', rule: 'last-but-one', minorNaming: 'relative' }).owners[0].tonic // noteNamed('Ab')
 */
export function keysOf(question: KeyQuestion): KeyAnswer {
  const { count, asked } = question;
  if (!isPrintable(count)) throw new RangeError(`no signature of ${count}`);
  const signs = accidentalsOf(count);
  const last = signs.length - 1;
  const everywhere = signs.map((_, at) => at);
  const steps: KeyStep[] = [];
  const say = (fact: KeyFact, at: readonly number[] = []) => steps.push({ fact, signs: at });
  const [major, minor] = [owner(count, 'major'), owner(count, 'minor')];

  if (count === 0) say({ code: 'empty-signature', major, minor });
  else say({ code: 'take-order', count, signs }, everywhere);
  if (Math.abs(count) === 7) say({ code: 'all-seven', sharps: count > 0 }, everywhere);
  for (const each of majorSteps(question, major, signs)) steps.push(each);
  if (asked === 'every' || asked === 'minor') {
    const sign = signs[last];
    const byLast = question.minorNaming === 'last-sign' && count !== 0;
    if (!byLast) say({ code: 'minor-by-relative', major, minor });
    else if (count > 0 && sign) say({ code: 'minor-by-last-sharp', sign, minor }, [last]);
    else say({ code: 'minor-by-third', major, minor });
  }
  if (asked === 'every') {
    const modes = MODES.filter((mode) => mode !== 'major' && mode !== 'minor');
    say({ code: 'mode-owners', owners: modes.map((mode) => ({ mode, tonic: owner(count, mode) })) });
  } else if (asked !== 'major' && asked !== 'minor') {
    say({ code: 'mode-owner', mode: asked, tonic: owner(count, asked), major });
  }
  if (asked === 'every' || asked === 'minor' || asked === 'major') {
    const seventh = noteAtFifths(fifthsOf(minor) - 2);
    const raised = raisedSeventh(minor);
    if (seventh && raised) say({ code: 'major-or-minor', major, minor, seventh, raised });
  }
  const wanted: readonly Mode[] =
    asked === 'every'
      ? ['major', 'minor', ...MODES.filter((mode) => mode !== 'major' && mode !== 'minor')]
      : [asked];
  return { steps, owners: wanted.map((mode) => ({ mode, tonic: owner(count, mode) })) };
}

/** The major key by the rule, with the exception where it has one. The other rule of flats has none. */
function majorSteps(
  { count, rule }: KeyQuestion,
  major: SpelledNote,
  signs: readonly SpelledNote[],
): readonly KeyStep[] {
  const last = signs.length - 1;
  const sign = signs[last];
  if (!sign || !rule) return [];
  if (rule === 'last-but-one') {
    const before = signs[last - 1];
    if (!before) return [{ fact: { code: 'no-last-but-one', sign, major }, signs: [last] }];
    return [{ fact: { code: 'major-by-rule', rule, sign: before, major }, signs: [last - 1] }];
  }
  const found: KeyStep = { fact: { code: 'major-by-rule', rule, sign, major }, signs: [last] };
  const needsSign = count > 0 && major.alteration !== 0;
  return needsSign ? [found, { fact: { code: 'with-its-sign', sign, major }, signs: [last] }] : [found];
}
