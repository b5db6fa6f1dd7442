import { type Change, edit } from './change';
import type { MarkedAnswer } from './marked';
import type { SchoolData } from './school-data';
import { orderAfter } from './shelf';

/** An answer as it stands in the room, and what was found of it. */
export type Answered = Pick<
  MarkedAnswer,
  'label' | 'person' | 'group' | 'address' | 'correct' | 'found' | 'score'
>;

/** By what an answer is known again: whose it is, in which class, and what was asked and answered. */
export type Named = Pick<Answered, 'label' | 'person' | 'group' | 'address'>;

/** What a teacher can decide about an answer. */
export type Decision = Partial<Pick<MarkedAnswer, 'habit' | 'marks' | 'comment' | 'accepted' | 'corrected'>>;

/** What is remembered of an answer: its own record, and what was decided about the same answer of others. */
export type Remembered = {
  readonly own: MarkedAnswer | null;
  readonly like: MarkedAnswer | null;
};

const isDecided = ({ habit, accepted }: MarkedAnswer) => habit !== null || accepted;

/**
 * Finds what was decided before: about this very answer, or the latest about the same one of somebody else. An answer
 * from before there was a class is this one too.
 */
export function remembered(data: SchoolData, { address, label, person, group }: Named): Remembered {
  const same = data.marked.filter((each) => each.address === address);
  const named = same.filter((each) => each.label === label && each.person === person);
  const own = named.find((each) => each.group === group) ?? named.find((each) => each.group === null) ?? null;
  const like = same
    .filter((each) => each !== own && isDecided(each))
    .toSorted((a, b) => (a.changedAt < b.changedAt ? 1 : -1));
  return { own, like: like[0] ?? null };
}

function fresh(data: SchoolData, answered: Answered, id: string, now: string): MarkedAnswer {
  const { like } = remembered(data, answered);
  return {
    v: 4,
    id,
    ...answered,
    habit: like?.habit ?? null,
    marks: null,
    comment: '',
    accepted: like?.accepted ?? false,
    corrected: false,
    piled: false,
    order: orderAfter(data.marked),
    changedAt: now,
  };
}

function put(
  data: SchoolData,
  answered: Answered,
  patch: Partial<MarkedAnswer>,
  id: string,
  now: string,
  says: Change['says'],
): Change {
  const { own } = remembered(data, answered);
  const before = own ?? null;
  const after = { ...(own ?? fresh(data, answered, id, now)), ...answered, ...patch, changedAt: now };
  return { says, edits: [edit('marked', after.id, before, after)] };
}

/** Decides about an answer; `id` is that of its record where it has none yet. */
export function deciding(
  data: SchoolData,
  answered: Answered,
  decision: Decision,
  id: string,
  now: string,
): Change {
  return put(data, answered, decision, id, now, 'answer-decided');
}

/** Lays an answer on the pile under a name of its own, so that the same answer of somebody else lies beside it. */
export function piling(data: SchoolData, answered: Answered, label: string, id: string, now: string): Change {
  return put(data, answered, { piled: true, label }, id, now, 'answer-marked');
}

/**
 * Lays an answer back where it was taken from to be mended. What was decided about it as it was goes with the old answer;
 * what was decided since, and the comment, stay. An answer that is gone is laid down anew.
 */
export function mending(
  data: SchoolData,
  answered: Answered,
  { piled, label, id }: { readonly piled: string; readonly label: string; readonly id: string },
  now: string,
): Change {
  const before = data.marked.find((each) => each.id === piled);
  if (!before) return piling(data, answered, label, id, now);
  const { own } = remembered(data, answered);
  if (own?.id === before.id) return piling(data, answered, label, id, now);
  const latest = own ?? fresh(data, answered, id, now);
  const { comment, order } = before;
  const after: MarkedAnswer = {
    ...latest,
    ...answered,
    id: before.id,
    order,
    label,
    comment: latest.comment || comment,
    piled: true,
    changedAt: now,
  };
  const gone = own && !own.piled ? [edit('marked', own.id, own, null)] : [];
  return { says: 'answer-marked', edits: [edit('marked', before.id, before, after), ...gone] };
}

/** Takes an answer out of the pile; what was decided about it stays. */
export function dropping(record: MarkedAnswer, now: string): Change {
  return {
    says: 'answer-dropped',
    edits: [edit('marked', record.id, record, { ...record, piled: false, changedAt: now })],
  };
}

/** What was marked in a class. What was marked in none is every class's, so that it is never out of sight. */
function markedIn(data: SchoolData, group: string | null): readonly MarkedAnswer[] {
  return data.marked.filter((each) => each.group === null || each.group === group);
}

/** The answers of a class's pile, in the order in which they were laid down. */
export function pileOf(data: SchoolData, group: string | null): readonly MarkedAnswer[] {
  return markedIn(data, group).filter(({ piled }) => piled);
}

/** The habit an answer counts for: the one chosen, or the one found; none where it is right or taken for right. */
export function habitOf({ correct, accepted, habit, found }: MarkedAnswer): string | null {
  if (correct || accepted) return null;
  return (habit ?? found) || null;
}

/** How often each habit stands in answers, the most frequent first. */
export function habitCounts(
  answers: readonly MarkedAnswer[],
): readonly (readonly [habit: string, count: number])[] {
  const counts = new Map<string, number>();
  for (const answer of answers) {
    const habit = habitOf(answer);
    if (habit !== null) counts.set(habit, (counts.get(habit) ?? 0) + 1);
  }
  return [...counts].toSorted((a, b) => b[1] - a[1]);
}

/** How much more a student's own past weighs than that of the others of the class. */
const OWN = 100;

/** The habits this student and this class had before, the most frequent first. They settle what is a real tie. */
export function habitsBefore(data: SchoolData, { address, label, person, group }: Named): readonly string[] {
  const counts = new Map<string, number>();
  for (const answer of markedIn(data, group)) {
    // An answer says nothing about itself.
    if (answer.address === address && answer.label === label) continue;
    const weight = person !== null && answer.person === person ? OWN : 1;
    for (const habit of habitOf(answer)?.split('+') ?? [])
      counts.set(habit, (counts.get(habit) ?? 0) + weight);
  }
  return [...counts].toSorted((a, b) => b[1] - a[1]).map(([habit]) => habit);
}
