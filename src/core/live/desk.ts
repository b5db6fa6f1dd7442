import type { LiveStage } from './live-class';

/** Somebody who joined, as the desk sees them. */
export type DeskPerson = {
  readonly person: string;
  readonly name: string;
  readonly listed: boolean;
  /** Whether their phone is on the line. */
  readonly here: boolean;
};

/** The round a desk is at; its question by its place in the set and in its code. */
export type DeskRound = {
  readonly round: number;
  readonly question: string;
  readonly code: string;
  readonly stage: LiveStage;
  readonly shown: boolean;
  /** Until when the class thinks, in milliseconds since 1970; null as long as the teacher wants. */
  readonly until: number | null;
};

/** What somebody answered in this round; a code of null is one that was taken back. */
export type DeskAnswer = { readonly person: string; readonly code: string | null; readonly late: boolean };

/** The server that a class is open on. */
export type DeskLink = {
  readonly code: string;
  readonly secret: string;
  readonly expires: string;
  /** Hosts under which the network reaches it; none where it is closed to others. */
  readonly addresses: readonly string[];
  /** Names that are offered to choose from. */
  readonly names: readonly string[];
};

/** A lesson in class, as the browser of its teacher keeps it. */
export type Desk = {
  /** The set that its answers go to. */
  readonly set: string;
  /** Null as long as nobody answers by phone. */
  readonly link: DeskLink | null;
  readonly people: readonly DeskPerson[];
  /** Whom the teacher said somebody is, by the ids of students. */
  readonly known: Readonly<Record<string, string>>;
  readonly now: DeskRound | null;
  readonly answers: readonly DeskAnswer[];
};

/** What a desk is told by its server. */
export type DeskMessage =
  | { readonly is: 'class'; readonly people: readonly DeskPerson[] }
  | { readonly is: 'joined'; readonly person: string; readonly name: string; readonly listed: boolean }
  | { readonly is: 'here'; readonly person: string }
  | { readonly is: 'left'; readonly person: string; readonly gone?: boolean | undefined }
  | {
      readonly is: 'answered';
      readonly person: string;
      readonly round: string | number;
      readonly late: boolean;
      readonly code: string | null;
    }
  | {
      readonly is: 'question';
      readonly round: string | number;
      readonly code: string;
      readonly stage: LiveStage;
      readonly shown: boolean;
    };

function changedPerson(desk: Desk, person: string, change: Partial<DeskPerson>): Desk {
  return {
    ...desk,
    people: desk.people.map((each) => (each.person === person ? { ...each, ...change } : each)),
  };
}

const without = (answers: readonly DeskAnswer[], person: string) =>
  answers.filter((each) => each.person !== person);

/** The desk after it was told something. What is of another round than its own is passed over. */
export function heardAt(desk: Desk, message: DeskMessage): Desk {
  switch (message.is) {
    case 'class':
      return { ...desk, people: message.people };
    case 'joined': {
      const { person, name, listed } = message;
      const others = desk.people.filter((each) => each.person !== person);
      return { ...desk, people: [...others, { person, name, listed, here: false }] };
    }
    case 'here':
      return changedPerson(desk, message.person, { here: true });
    case 'left': {
      if (!message.gone) return changedPerson(desk, message.person, { here: false });
      const people = desk.people.filter((each) => each.person !== message.person);
      return { ...desk, people, answers: without(desk.answers, message.person) };
    }
    case 'answered': {
      const { person, round, code, late } = message;
      if (round !== desk.now?.round) return desk;
      const others = without(desk.answers, person);
      return { ...desk, answers: [...others, { person, code, late }] };
    }
    case 'question': {
      // Another window of this desk has gone on.
      const { now } = desk;
      if (!now || now.round !== message.round || now.code !== message.code) return desk;
      const { stage, shown } = message;
      return now.stage === stage && now.shown === shown ? desk : { ...desk, now: { ...now, stage, shown } };
    }
  }
}

/** The desk with what the server has of a round, after a time without a line. */
export function caughtUp(desk: Desk, round: string | number | null, answers: readonly DeskAnswer[]): Desk {
  if (round === null || round !== desk.now?.round) return desk;
  const there = new Set(answers.map(({ person }) => person));
  const back = desk.answers.flatMap((each): readonly DeskAnswer[] =>
    there.has(each.person) ? [] : [{ ...each, code: null }],
  );
  return {
    ...desk,
    answers: [...back, ...answers.map(({ person, code, late }) => ({ person, code, late }))],
  };
}

export const newDesk = (set: string): Desk => ({
  ...{ set, link: null, people: [], known: {}, now: null, answers: [] },
});

/** The desk with a question asked, or gone on with; `until` is how long the class thinks. */
export function askingAt(
  desk: Desk,
  question: { readonly id: string; readonly code: string },
  stage: LiveStage,
  until: number | null,
): Desk {
  const { now } = desk;
  const goesOn = now?.question === question.id && now.code === question.code;
  const round = goesOn ? now.round : (now?.round ?? 0) + 1;
  const shown = stage === 'show' || (goesOn && now.shown);
  return {
    ...desk,
    now: { round, question: question.id, code: question.code, stage, shown, until },
    answers: goesOn ? desk.answers : [],
  };
}

/** How many have answered in time, and how many are here or have. */
export function countsAt({ people, answers }: Desk): { readonly answered: number; readonly of: number } {
  const given = answers.filter(({ code, late }) => code !== null && !late).map(({ person }) => person);
  const here = people.filter((each) => each.here || given.includes(each.person));
  return { answered: given.length, of: here.length };
}

/** The name of a guest's record: whoever joined under a name that is none of the class. */
export const guestId = (person: string) => `guest-${person}`;

/** Whose paper the answers of somebody go on: a student's, as the list or the teacher says, or a guest's own. */
export function studentOf(
  { person, name, listed }: Pick<DeskPerson, 'person' | 'name' | 'listed'>,
  known: Desk['known'],
  students: readonly { readonly id: string; readonly name: string }[],
): string {
  const said = Object.hasOwn(known, person) ? known[person] : undefined;
  const named = listed ? students.find((each) => each.name === name)?.id : undefined;
  return said ?? named ?? guestId(person);
}
