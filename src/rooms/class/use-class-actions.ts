import { makingRoomFor } from '@/core/school/pairs';
import { type Audience, type SettingName, type Settings, withSetting } from '@/core/school/settings';
import type { ClassWords } from '@/core/words/class-words';
import { classRoomWords } from '@/core/words/screen/class';
import { SHELF_WORDS } from '@/core/words/screen/shelf';
import { clearing, fileNames, partOfGroup, writeBackups } from '@/store/backup';
import { type Change, editing } from '@/store/change';
import type { Group } from '@/store/group';
import { addingPerson, deletingGroup, makingGroup } from '@/store/groups';
import type { SpokenGroup } from '@/store/mirror';
import type { Person } from '@/store/person';
import { NO_DATA, type SchoolData, withAll } from '@/store/school-data';
import { download } from '@/ui/files/download';
import { newId } from '@/ui/new-id';
import { askForLasting } from '@/ui/safe/use-storage';
import type { SchoolHandle } from '@/ui/school/use-school';
import { useSteady } from '@/ui/use-steady';
import { forgetAskedOf } from '../ask/recent';
import { type Refused, refusal } from './SettingCard';

type Given = {
  readonly w: ClassWords;
  /** The record of the class in hand; null where there is none. */
  readonly group: Group | null;
  /** The class in hand, which may be known before its record, or live without one where nothing can be stored. */
  readonly spoken: SpokenGroup | null;
  readonly school: SchoolHandle;
  readonly choose: (group: SpokenGroup) => void;
  readonly refuse: (refused: Refused | null) => void;
  readonly tell: (text: string) => void;
};

const NOTHING: Change = { says: 'edited', edits: [] };

/** What can be done with the people of the class. */
function peopleActions({ w, group, school, tell }: Pick<Given, 'w' | 'group' | 'school' | 'tell'>) {
  const say = classRoomWords(w);
  return {
    addPerson: (words: Pick<Person, 'name' | 'instrument'>) => {
      const id = newId();
      return school.change((data, now) => (group ? addingPerson(data, group.id, id, words, now) : NOTHING));
    },
    editPerson: (person: Person, words: Partial<Pick<Person, 'name' | 'instrument'>>) =>
      school.change((data, now) => {
        const stored = data.people.find(({ id }) => id === person.id);
        return stored ? editing('people', stored, words, now) : NOTHING;
      }),
    erasePerson: async (person: Person) => {
      if (!(await school.erase(person.id))) return;
      forgetAskedOf(person.name);
      tell(say.people.removed(person.name));
    },
  };
}

/** What is saved as a file: the whole school, a class with what it holds, or the shelf. */
function saving({ w, group, school, tell }: Pick<Given, 'w' | 'group' | 'school' | 'tell'>) {
  const say = classRoomWords(w);
  return async (part: 'whole' | 'group' | 'shelf') => {
    const now = new Date().toISOString();
    const data = (await school.whole()) ?? school.state.data;
    const parts: Readonly<Record<typeof part, readonly [SchoolData, string | null, string]>> = {
      whole: [data, null, 'moon-step'],
      group: [partOfGroup(data, group?.id ?? ''), group?.name ?? '', 'moon-step-class'],
      shelf: [{ ...NO_DATA, kept: data.kept, lessons: data.lessons }, SHELF_WORDS.title, 'moon-step-shelf'],
    };
    const [records, title, file] = parts[part];
    const contents = writeBackups(records, now, title);
    const names = fileNames(`${file}-${now.slice(0, 10)}`, contents.length);
    for (const [at, content] of contents.entries())
      download({ name: names[at] ?? file, type: 'application/json', content });
    if (part === 'whole') await school.backedUp();
    tell(say.safe.saved(names.join(', ')));
  };
}

/** Everything that can be done in the Class room, as functions that never change. */
export function useClassActions({ w, group, spoken, school, choose, refuse, tell }: Given) {
  const say = classRoomWords(w);
  const edit = async (fields: (stored: SpokenGroup) => Partial<Group>, says: Change['says'] = 'edited') => {
    let found = false;
    await school.change((data, now) => {
      const stored = data.groups.find(({ id }) => id === spoken?.id);
      found = stored !== undefined;
      return stored ? editing('groups', stored, fields(stored), now, says) : NOTHING;
    });
    // Where nothing can be stored, the class lasts as long as the page.
    if (!found && spoken) choose({ ...spoken, ...fields(spoken) });
  };
  const make = async (name: string, settings: Partial<Settings>) => {
    const id = newId();
    let made: Group | null = null;
    await school.change((data, now) => {
      const change = makingGroup(data, id, name, settings, now);
      made = (change.edits[0]?.after as Group | undefined) ?? null;
      return change;
    });
    if (made) choose(made);
    // A class of one's own is worth keeping; some browsers agree at once.
    void askForLasting();
  };
  return useSteady({
    make,
    save: saving({ w, group, school, tell }),
    makeLike: () => make(say.likeName(group?.name ?? say.new.unnamed), group?.settings ?? {}),
    rename: (name: string) => edit(() => ({ name })),
    set: (name: SettingName, value: string) => {
      const settings = withSetting(w.settings, name, value);
      const pair = refusal(settings, name);
      refuse(pair ? { name, value, pair } : null);
      if (!pair) void edit(() => ({ settings }), 'class-set');
    },
    setBoth: ({ name, value }: Refused) => {
      refuse(null);
      const settings = makingRoomFor(withSetting(w.settings, name, value), name);
      void edit(() => ({ settings }), 'class-set');
    },
    say: (order: 'sharps' | 'flats', text: string) =>
      edit(({ sayings }) => ({ sayings: { ...sayings, [order]: text } })),
    sayFor: (order: 'sharps' | 'flats', audience: Audience) =>
      edit(({ sayings }) => ({ sayings: { ...sayings, [`${order}For`]: audience } })),
    remove: async () => {
      if (!group) return;
      const whole = await school.whole();
      await school.change((data) => deletingGroup(withAll(data, whole), group));
      tell(say.deleted(group.name));
    },
    ...peopleActions({ w, group, school, tell }),
    clear: async () => {
      const whole = await school.whole();
      await school.change((data) => clearing(withAll(data, whole)));
      tell(say.safe.cleared);
    },
  });
}

export type ClassActions = ReturnType<typeof useClassActions>;
