import type { MarkQuestion } from '@/core/exercise/kinds/all';
import { picksFrom } from '@/core/exercise/kinds/making';
import { makeItem, type SheetItem, type TaskId } from '@/core/exercise/sheet/task/all';
import { fifths } from '@/core/note/spelled';
import { SCALE_IDS } from '@/core/scale/pattern';
import type { Settings } from '@/core/school/settings';
import { readAddress } from '../address/derive/derive-address';
import { readQuestion } from '../address/derive/read-question';
import { MARK_PATH, readMark } from '../address/mark/mark-address';
import { askedOf } from '../address/mark/mark-sentence';

/** A task on a question, or null where the question gives none of it. */
export function itemOn(task: TaskId, asked: MarkQuestion, school: Settings, seed: number): SheetItem | null {
  return makeItem(task, asked, { picks: picksFrom(seed), school, habits: [] });
}

/** A kept sentence as something to be asked; null where it asks nothing that Mark could judge. */
export function itemFromKept(address: string, school: Settings): SheetItem | null {
  const at = address.indexOf('?');
  const search = at < 0 ? '' : address.slice(at);
  const path = at < 0 ? address : address.slice(0, at);
  const of = (question: MarkQuestion) => itemOn('answer', question, school, 1);
  if (path === MARK_PATH) return of(askedOf(readMark(search).sentence, school));
  if (path !== '/derive') return null;
  const read = readQuestion(search)?.question;
  if (read?.kind === 'key') {
    const mode = read.asked === 'every' ? 'major' : read.asked;
    return of({ kind: 'name-key', question: { fifths: fifths(read.fifths), mode } });
  }
  if (read?.kind === 'name') return of({ kind: 'name-scale', question: { notes: read.notes } });
  const { sentence } = readAddress(search);
  const scale = SCALE_IDS.find((id) => id === (read ? read.scale : sentence.scale));
  if (!scale) return null;
  if (read) {
    const clef = read.clefs === 'both' || read.clefs === 'all' ? 'treble' : read.clefs;
    return of({ kind: 'signature', question: { tonic: read.tonic, scale, clef } });
  }
  const { tonic, direction, clef, signature } = sentence;
  const { melodicDown } = school;
  return of({ kind: 'scale', question: { tonic, scale, direction, clef, signature, melodicDown } });
}
