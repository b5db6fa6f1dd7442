import { setRecord } from './answer-set';
import { drillRecord } from './drill';
import { groupRecord } from './group';
import { judgingRecord } from './judging';
import { keptRecord } from './kept';
import { ladderRecord } from './ladder';
import { lessonRecord } from './lesson';
import { logRecord } from './log';
import { markedRecord } from './marked';
import { paperRecord } from './paper';
import { personRecord } from './person';
import { pieceRecord, scoreRecord } from './piece';
import { practiceRecord } from './practice';
import type { RecordKind, RecordProblem } from './record';
import { inOrder, type Records, type TableName } from './school-data';

export const RECORD_KINDS: { readonly [Table in TableName]: RecordKind<Records[Table]> } = {
  kept: keptRecord,
  lessons: lessonRecord,
  groups: groupRecord,
  people: personRecord,
  marked: markedRecord,
  sets: setRecord,
  papers: paperRecord,
  judgings: judgingRecord,
  practice: practiceRecord,
  ladders: ladderRecord,
  drills: drillRecord,
  pieces: pieceRecord,
  scores: scoreRecord,
  log: logRecord,
};

/** Sorts the stored values of a table into those that can be used and the reasons why others cannot. */
export function readTable<Table extends TableName>(
  table: Table,
  stored: readonly unknown[],
): { readonly records: readonly Records[Table][]; readonly unread: readonly RecordProblem[] } {
  const readings = stored.map((value) => RECORD_KINDS[table].read(value));
  return {
    records: inOrder(readings.flatMap((reading) => (reading.ok ? [reading.value] : []))),
    unread: readings.flatMap((reading): readonly RecordProblem[] =>
      reading.ok
        ? reading.unknown.map((read) => ({ code: 'record-word', name: RECORD_KINDS[table].name, read }))
        : [reading.problem],
    ),
  };
}
