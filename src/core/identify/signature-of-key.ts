import { askedFor } from '../derive/asked';
import type { Fact } from '../derive/fact';
import { runMethod } from '../derive/methods';
import { type Fifths, fifthsOf, type SpelledNote } from '../note/spelled';
import { modeSignature } from '../scale/mode-signature';
import { PATTERNS, type ScaleId } from '../scale/pattern';
import { enharmonicTonic, scaleNamed } from '../scale/scale';
import { accidentalsOf, isPrintable } from '../scale/signature';
import type { Settings } from '../school/settings';

/** One step of writing a signature. `put` is the number of its signs drawn after the step. */
export type WriteStep = { readonly fact: WriteFact; readonly put: number };

export type WriteFact =
  /** Steps that a derivation says as well: the relative, the parent, counted places, three signs less, past seven. */
  | Extract<
      Fact,
      {
        readonly code:
          | 'relative-major'
          | 'parent-degree'
          | 'count-places'
          | 'less-three'
          | 'theoretical'
          | 'under-tonic'
          | 'written-under';
      }
    >
  | { readonly code: 'no-signs'; readonly tonic: SpelledNote }
  /** The rule with its stop condition. */
  | { readonly code: 'sharps-until'; readonly tonic: SpelledNote }
  | { readonly code: 'flats-past'; readonly tonic: SpelledNote }
  | { readonly code: 'plain-flat-key'; readonly tonic: SpelledNote; readonly sign: SpelledNote }
  | {
      readonly code: 'say-sharp';
      readonly sign: SpelledNote;
      readonly tonic: SpelledNote;
      /** Whether it lies a diatonic half step under the tonic: then it is the last. */
      readonly stops: boolean;
    }
  | {
      readonly code: 'say-flat';
      readonly sign: SpelledNote;
      readonly tonic: SpelledNote;
      readonly role: 'on-the-way' | 'tonic' | 'one-more';
    }
  /** Signs taken by their number alone, where the class has counted them. */
  | { readonly code: 'take-next'; readonly sign: SpelledNote; readonly number: number; readonly of: number }
  | { readonly code: 'signature-stands'; readonly count: Fifths; readonly signs: readonly SpelledNote[] }
  | { readonly code: 'seven-signs'; readonly sharps: boolean };

export type WriteAnswer = {
  readonly steps: readonly WriteStep[];
  readonly count: Fifths;
  /** The signature in its order; none where the key is theoretical, since it is never printed. */
  readonly signs: readonly SpelledNote[];
};

type School = Pick<Settings, 'minorSignature' | 'modesWritten'>;

/** What a derivation by the signature tells before it takes signs, as far as it is said here. */
const COUNTING = ['under-tonic', 'relative-major', 'parent-degree', 'count-places', 'less-three'] as const;

type CountingFact = Extract<Fact, { readonly code: (typeof COUNTING)[number] }>;

function isCounting(fact: Fact): fact is CountingFact {
  return COUNTING.some((code) => code === fact.code);
}

/** What a method tells of a scale on the way to its signature. */
function told(method: 'signature' | 'parent', tonic: SpelledNote, scale: ScaleId, ways: School) {
  const run = runMethod(method, askedFor(tonic, scale, 'up'), { ways, telling: true });
  return run?.steps.map(({ fact }) => fact) ?? [];
}

/**
 * The major key whose signs are said one by one: itself, its relative, its parent, or the one a mode is written under;
 * null where the class has counted them.
 */
function saidMajor(tonic: SpelledNote, scale: ScaleId, facts: readonly CountingFact[]): SpelledNote | null {
  if (PATTERNS[scale].mode === 'major') return tonic;
  for (const fact of facts) {
    if (fact.code === 'relative-major') return fact.major;
    if (fact.code === 'parent-degree') return fact.parent;
    if (fact.code === 'under-tonic' && fact.near === 'major') return tonic;
  }
  return null;
}

/** How the class comes to the key; where its signs are said one by one, no places are counted. */
function wayTo(facts: readonly CountingFact[], major: SpelledNote | null): readonly CountingFact[] {
  return major ? facts.filter(({ code }) => code !== 'count-places') : facts;
}

/** Signs of a major key said in order until its rule stops (docs/theory.md, Key signatures). */
function saidSigns(tonic: SpelledNote, signs: readonly SpelledNote[]): readonly WriteFact[] {
  const kind = signs[0]?.alteration ?? 0;
  if (kind === 0) return [{ code: 'no-signs', tonic }];
  if (kind > 0) {
    const said = signs.map((sign): WriteFact => {
      return { code: 'say-sharp', sign, tonic, stops: fifthsOf(sign) === fifthsOf(tonic) + 5 };
    });
    return [{ code: 'sharps-until', tonic }, ...said];
  }
  const first = signs[0] as SpelledNote;
  if (tonic.alteration === 0) return [{ code: 'plain-flat-key', tonic, sign: first }];
  const at = signs.indexOf(tonic);
  const said = signs.map((sign, place): WriteFact => {
    const role = place < at ? 'on-the-way' : place === at ? 'tonic' : 'one-more';
    return { code: 'say-flat', sign, tonic, role };
  });
  return [{ code: 'flats-past', tonic }, ...said];
}

const PUTS: readonly WriteFact['code'][] = ['say-sharp', 'say-flat', 'take-next', 'plain-flat-key'];

/**
 * The signature of a key, sign by sign, with the condition that stops it: sharps until the one a diatonic half step
 * under the tonic, flats to the tonic and one more; a minor key and a mode through the class's way. A theoretical
 * key's is counted and never drawn.
 *
 * @example writeSignature(noteNamed('Cb'), 'major', { minorSignature: 'relative', modesWritten: 'parent' }).signs.length // 7
 */
export function writeSignature(tonic: SpelledNote, scale: ScaleId, school: School): WriteAnswer {
  const count = modeSignature(tonic, PATTERNS[scale].mode, school.modesWritten);
  const facts = told('signature', tonic, scale, school).filter(isCounting);
  const major = saidMajor(tonic, scale, facts);
  const steps: WriteStep[] = [];
  let put = 0;
  const say = (fact: WriteFact) => {
    if (PUTS.includes(fact.code)) put += 1;
    steps.push({ fact, put });
  };
  if (!isPrintable(count)) {
    // How many there would be is counted round the circle, whatever the key.
    for (const fact of facts) say(fact);
    const reading = scaleNamed(tonic, scale);
    const instead = reading.ok ? enharmonicTonic(reading.scale) : null;
    say({ code: 'theoretical', count, scale, instead });
    return { steps, count, signs: [] };
  }
  for (const fact of wayTo(facts, major)) say(fact);
  const signs = accidentalsOf(count);
  const said = major ? saidSigns(major, signs) : counted(tonic, signs);
  for (const fact of said) say(fact);
  if (Math.abs(count) === 7) say({ code: 'seven-signs', sharps: count > 0 });
  if (count !== 0) say({ code: 'signature-stands', count, signs });
  const under = told('parent', tonic, scale, school).find((fact) => fact.code === 'written-under');
  if (under) say(under);
  return { steps, count, signs };
}

function counted(tonic: SpelledNote, signs: readonly SpelledNote[]): readonly WriteFact[] {
  if (signs.length === 0) return [{ code: 'no-signs', tonic }];
  return signs.map((sign, at) => ({ code: 'take-next', sign, number: at + 1, of: signs.length }));
}
