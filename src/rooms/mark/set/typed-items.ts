import { ask } from '@/core/ask/ask';
import type { AskReading } from '@/core/ask/reading';
import { type MarkQuestion, markProblem, questionFrom } from '@/core/exercise/kinds/all';
import { type Fields, PARTNER_RELATIONS, USUAL_FIELDS } from '@/core/exercise/kinds/fields';
import type { SheetItem } from '@/core/exercise/sheet/task/all';
import { fifths } from '@/core/note/spelled';
import { PATTERNS, SCALE_IDS } from '@/core/scale/pattern';
import type { ClassWords } from '@/core/words/class-words';

/** Questions as they were typed, and lines that ask nothing that can be marked. */
export type TypedItems = {
  readonly items: readonly SheetItem[];
  readonly unread: readonly { readonly line: number; readonly read: string }[];
};

const scaleOf = (asked: unknown) => SCALE_IDS.find((id) => id === asked) ?? null;

/** A relative, a parallel, an enharmonic partner: the name of one key is asked by another. */
function partnerOf({ related }: Extract<AskReading, { kind: 'scale' }>): Partial<Fields> | null {
  const relation = PARTNER_RELATIONS.find((each) => each === related?.relation);
  const scale = related && scaleOf(related.of.scale);
  if (!relation || !related || !scale) return null;
  return { relation, tonic: related.of.tonic, mode: PATTERNS[scale].mode };
}

/** The question that a reading of the ask line asks; null where it asks for nothing that can be marked. */
function questionOf(w: ClassWords, reading: AskReading): MarkQuestion | null {
  const from = (kind: MarkQuestion['kind'], fields: Partial<Fields>) =>
    questionFrom(kind, { ...USUAL_FIELDS, ...fields }, w.settings);
  switch (reading.kind) {
    case 'scale':
    case 'mark':
    case 'sheet-question': {
      const partner = reading.kind === 'scale' ? partnerOf(reading) : null;
      if (partner) return from('partner', partner);
      const { direction = 'up', clef = 'treble', signature = 'none' } = reading.options;
      const scale = scaleOf(reading.scale);
      return scale && from('scale', { tonic: reading.tonic, scale, direction, clef, signature });
    }
    case 'key':
      return from('name-key', { fifths: fifths(reading.fifths), mode: reading.mode ?? 'major' });
    case 'signature': {
      const scale = scaleOf(reading.scale);
      return scale && from('signature', { tonic: reading.tonic, scale });
    }
    case 'name':
      return from('name-scale', { notes: reading.notes });
    case 'degree': {
      const scale = scaleOf(reading.scale);
      return scale && from('degree', { tonic: reading.tonic, scale, degree: reading.degree });
    }
    case 'order':
      return from('order', { order: reading.of === 'sharps' ? 7 : -7 });
    default:
      return null;
  }
}

/** Reads questions a line each, as the ask line reads them; empty lines are passed over. */
export function typedItems(w: ClassWords, text: string): TypedItems {
  const items: SheetItem[] = [];
  const unread: { line: number; read: string }[] = [];
  for (const [at, line] of text.split('\n').entries()) {
    if (line.trim() === '') continue;
    const [reading] = ask(w, line).readings;
    const question = reading ? questionOf(w, reading) : null;
    if (question && !markProblem(question)) items.push({ task: 'answer', question });
    else unread.push({ line: at + 1, read: line.trim().slice(0, 60) });
  }
  return { items, unread };
}
