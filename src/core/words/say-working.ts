import { derive } from '../derive/methods';
import type { MarkQuestion } from '../exercise/kinds/all';
import { keysOf, ruleOf } from '../identify/key-of-signature';
import { identify } from '../identify/name-scale';
import { writeSignature } from '../identify/signature-of-key';
import { scaleNamed } from '../scale/scale';
import type { Settings } from '../school/settings';
import type { ClassWords } from './class-words';
import { sayDecision } from './say-decision';
import { sayKeyStep, sayWriteStep } from './say-signature';
import { sayStep } from './say-step';

/** The method behind each way of reasoning. */
const METHODS = {
  signature: 'signature',
  steps: 'step-pattern',
  parallel: 'parallel',
} as const satisfies Readonly<Record<Settings['reasonBy'], string>>;

/** The whole working of a question, a line a step, in the class's way; none where it is answered at once. */
export function sayWorking(w: ClassWords, asked: MarkQuestion): readonly string[] {
  const { settings } = w;
  switch (asked.kind) {
    case 'scale': {
      const { tonic, scale, direction, melodicDown } = asked.question;
      const reading = scaleNamed(tonic, scale, melodicDown);
      if (!reading.ok) return [];
      const by = METHODS[settings.reasonBy];
      // Where the class's method cannot serve, as none is parallel to itself, the steps can.
      const derivation =
        derive(reading.scale, direction, by, settings) ??
        derive(reading.scale, direction, 'step-pattern', settings);
      return derivation?.steps.map(({ fact }) => sayStep(w, fact).text) ?? [];
    }
    case 'signature':
    case 'name-signature': {
      const { tonic, scale } = asked.question;
      return writeSignature(tonic, scale, settings).steps.map(({ fact }) => sayWriteStep(w, fact).text);
    }
    case 'name-key': {
      const { fifths: count, mode } = asked.question;
      const rule = ruleOf(count, settings);
      const { steps } = keysOf({ count, asked: mode, rule, minorNaming: settings.minorNaming });
      return steps.map(({ fact }) => sayKeyStep(w, fact).text);
    }
    case 'name-scale':
      return identify(asked.question.notes).steps.map(({ fact }) => sayDecision(w, fact).text);
    default:
      return [];
  }
}
