import type { Edit } from './change';
import type { MoonStepDatabase } from './database';
import type { Kept } from './kept';
import type { MarkedAnswer } from './marked';
import type { Person } from './person';

type Who = Pick<Person, 'id' | 'name'>;

/** Whether an answer is called by somebody's name: `Ines`, or `Ines, question 3`. */
function isNamed(label: string, { name }: Who): boolean {
  return name !== '' && (label === name || label.startsWith(`${name},`));
}

const nameless = (label: string, { name }: Who) => label.slice(name.length).replace(/^,\s*/u, '');

/** A kept sentence without somebody's name in its address and its title; the same object where it is not there. */
function withoutName(kept: Kept, who: Who): Kept {
  const [room, query = ''] = kept.address.split('?');
  const words = new URLSearchParams(query);
  const label = words.get('who') ?? '';
  if (!isNamed(label, who)) return kept;
  const rest = nameless(label, who);
  if (rest) words.set('who', rest);
  else words.delete('who');
  words.delete('piled');
  // What was typed as a title is the teacher's; the name in it goes all the same.
  const name = kept.name.replaceAll(label, rest || '…').replaceAll(who.name, '…');
  return { ...kept, name, address: `${room}?${words}` };
}

function isOf(answer: MarkedAnswer, who: Who, group: string | null): boolean {
  return answer.person === who.id || (answer.group === group && isNamed(answer.label, who));
}

/** An edit without somebody, or null where it was only of them. */
function editWithout(edit: Edit, who: Who, gone: ReadonlySet<string>): Edit | null {
  if (gone.has(edit.id)) return null;
  if (edit.table !== 'kept') return edit;
  const { before, after } = edit;
  return { ...edit, before: before && withoutName(before, who), after: after && withoutName(after, who) };
}

/**
 * Takes a person's record away with all that was marked of them, their name out of what is kept on the shelf, and every
 * trace of it out of what could be taken back. What a teacher wrote in notes stays.
 */
export async function erase(database: MoonStepDatabase, id: string): Promise<void> {
  const { people, marked, kept, papers, drills, log, past } = database;
  await database.transaction('rw', [people, marked, kept, papers, drills, log, past], async () => {
    const person = await people.get(id);
    const changes = await past.toArray();
    const records = changes.flatMap(({ change }) =>
      change.edits.flatMap(({ before, after }) => [before, after]),
    );
    const remembered = records.find((record) => record?.id === id) as Person | undefined;
    const { name = '', group = null } = person ?? remembered ?? {};
    const who = { id, name };
    const isTheirs = (answer: MarkedAnswer) => isOf(answer, who, group);
    const answers = await marked.filter(isTheirs).primaryKeys();
    const formerly = records.filter(
      (record) =>
        record !== null &&
        (('label' in record && isTheirs(record as MarkedAnswer)) ||
          ('person' in record && record.person === id)),
    );
    const written = await papers.where('person').equals(id).primaryKeys();
    const drilled = await drills.where('person').equals(id).primaryKeys();
    const noted = await log.where('person').equals(id).primaryKeys();
    const gone = new Set([
      id,
      ...answers,
      ...written,
      ...drilled,
      ...noted,
      ...formerly.flatMap((record) => record?.id ?? []),
    ]);
    await people.delete(id);
    await marked.bulkDelete(answers);
    await papers.bulkDelete(written);
    await drills.bulkDelete(drilled);
    await log.bulkDelete(noted);
    for (const item of await kept.toArray()) {
      const without = withoutName(item, who);
      if (without !== item) await kept.put(without);
    }
    for (const each of changes) {
      const edits = each.change.edits.flatMap((edit) => editWithout(edit, who, gone) ?? []);
      if (edits.length === 0) await past.delete(each.n);
      else await past.put({ ...each, change: { ...each.change, edits } });
    }
  });
}
