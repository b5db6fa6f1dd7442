import { byClass } from '../by-class';
import type { ClassWords } from '../class-words';
import { counted } from '../vocabulary';

const KINDS: Readonly<Record<string, readonly [one: string, many: string]>> = {
  kept: ['kept derivation', 'kept derivations'],
  lessons: ['lesson', 'lessons'],
  groups: ['class', 'classes'],
  people: ['person', 'people'],
  marked: ['marked answer', 'marked answers'],
  sets: ['set', 'sets'],
  papers: ['paper', 'papers'],
  judgings: ['judging', 'judgings'],
  practice: ['note on practice', 'notes on practice'],
  ladders: ['ladder', 'ladders'],
  drills: ['drill', 'drills'],
  pieces: ['piece', 'pieces'],
  scores: ['score', 'scores'],
  log: ['entry in the log', 'entries in the log'],
};

function words(_: ClassWords) {
  return {
    open: 'Open',
    drop: 'Drop a score, a list of scales or a backup',
    title: (name: string) => `From ${name}`,
    reading: (name: string) => `Reading ${name}`,
    stop: 'Stop reading',
    summary: 'Nothing is changed before you choose.',
    oneFile: (name: string) => `One file at a time: ${name} was taken, the others were left alone.`,
    found: (count: number) => (count === 1 ? 'One scale was found.' : `${count} scales were found.`),
    noneFound: 'No scale was found. Why not:',
    passedOver: 'Passed over:',
    inPart: (part: string, measure: string) => `${part}, measure ${measure}`,
    inLine: (line: string) => `line ${line}`,
    tunesFound: (count: number) => (count === 1 ? 'One tune was found.' : `${count} tunes were found.`),
    tune: (name: string, key: string, notes: number) =>
      `${name || 'A tune'}, in ${key}: ${notes} notes, in degrees`,
    play: 'Open in Play',
    show: 'Show in Derive',
    keepOne: (scale: string) => `Keep ${scale}`,
    keepAll: (count: number, lesson: string) =>
      count === 1 ? `Keep it as the lesson ‘${lesson}’` : `Keep all ${count} as the lesson ‘${lesson}’`,
    kept: (count: number) => (count === 1 ? 'One derivation kept.' : `${count} derivations kept.`),
    keep: 'Keep',
    onShelf: 'On the shelf',
    backup: {
      whole: (date: string) => `A backup made on ${date}.`,
      part: (part: string, date: string) => `A part of a school, ‘${part}’, saved on ${date}.`,
      unread: (count: number) =>
        `${count === 1 ? 'One record' : `${count} records`} in it cannot be used by this version and would be left out:`,
      merge: 'Put together',
      mergeHelp: 'Adds what is missing; where both have a record, the later changed one stands.',
      replace: 'Put in place of what is here',
      replaceHelp: 'Takes away what the backup does not have. Ctrl Z brings everything back.',
      count: (table: string, count: number) => {
        const [one, many] = KINDS[table] ?? [table, table];
        return counted(count, one, many);
      },
      fates: {
        added: 'added',
        changed: 'changed',
        'kept-here': 'newer here, left as it is',
        same: 'the same already',
        removed: 'taken away',
      },
      nothing: 'Everything in it is here already.',
      broughtIn: 'Brought in. Ctrl Z takes it back.',
      table: 'What it would change',
      records: 'Records',
    },
  };
}

/** The words round files that come in. */
export const filesWords = byClass(words);
