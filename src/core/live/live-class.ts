import type { MarkQuestion } from '../exercise/kinds/all';
import { apartFrom } from './live-name';

/**
 * How far a round is: the class thinks and nothing is taken; answers are taken and can be changed; the right answer is
 * shown and only late answers are taken; nothing is taken any more.
 */
export const LIVE_STAGES = ['think', 'answer', 'show', 'closed'] as const;

export type LiveStage = (typeof LIVE_STAGES)[number];

/** How long a class can be open, in milliseconds: four hours. */
export const CLASS_LASTS = 4 * 60 * 60 * 1000;

/** As many as can be in a class besides those whose names stand in its list. */
export const MOST_GUESTS = 300;

/** Who is in a class that is open. */
export type LivePerson = {
  readonly id: string;
  readonly name: string;
  /** Whether the name stands in the class's own list, and was not taken before. */
  readonly listed: boolean;
};

/** A question that a class is asked; whoever asks numbers them. */
export type LiveRound = {
  readonly round: string | number;
  readonly asked: MarkQuestion;
  /** The question as it was sent. */
  readonly question: unknown;
  readonly stage: LiveStage;
  /** Whether the right answer has been shown: whatever comes after that is late. */
  readonly shown: boolean;
};

/** What somebody answered: as it was sent, in our code, and whether the right answer had been shown before. */
export type LiveAnswer = { readonly answer: unknown; readonly code: string; readonly late: boolean };

/** A class that answers: who is there, what it is asked now, and what each answered to that. */
export type LiveClass = {
  /** Names to choose from. */
  readonly names: readonly string[];
  readonly people: ReadonlyMap<string, LivePerson>;
  readonly now: LiveRound | null;
  readonly answers: ReadonlyMap<string, LiveAnswer>;
};

export const EMPTY_CLASS: LiveClass = { names: [], people: new Map(), now: null, answers: new Map() };

/** Why somebody is not let in, or an answer is not taken. */
export type LiveProblem =
  | { readonly code: 'class-full'; readonly limit: number }
  | { readonly code: 'nothing-asked' }
  | { readonly code: 'other-round'; readonly round: string | number; readonly now: string | number }
  | { readonly code: 'thinking' }
  | { readonly code: 'shown-already' }
  | { readonly code: 'round-closed' };

type Done<More> = { readonly ok: true; readonly next: LiveClass } & More;
type Refused = { readonly ok: false; readonly problem: LiveProblem };

const refuse = (problem: LiveProblem): Refused => ({ ok: false, problem });

/** Lets somebody in under a name that tells them apart. A name of the list is its own for whoever takes it first. */
export function joined(open: LiveClass, id: string, name: string): Done<{ person: LivePerson }> | Refused {
  const people = [...open.people.values()];
  const apart = apartFrom(
    name,
    people.map((each) => each.name),
  );
  const listed = open.names.includes(apart);
  if (!listed && people.filter((each) => !each.listed).length >= MOST_GUESTS)
    return refuse({ code: 'class-full', limit: MOST_GUESTS });
  const person: LivePerson = { id, name: apart, listed };
  return { ok: true, next: { ...open, people: new Map(open.people).set(id, person) }, person };
}

/** Sends somebody out, with what they answered. */
export function sentOut(open: LiveClass, id: string): LiveClass {
  if (!open.people.has(id)) return open;
  const [people, answers] = [new Map(open.people), new Map(open.answers)];
  people.delete(id);
  answers.delete(id);
  return { ...open, people, answers };
}

/** Asks a question, or goes on with the one that is asked. A new round begins without answers. */
export function askedNow(open: LiveClass, asks: Omit<LiveRound, 'shown'>): LiveClass {
  const goesOn = open.now?.round === asks.round;
  const shown = asks.stage === 'show' || (goesOn && open.now.shown);
  return { ...open, now: { ...asks, shown }, answers: goesOn ? open.answers : new Map() };
}

/** An answer as somebody hands it in. */
export type HandingIn = {
  readonly person: string;
  readonly round: string | number;
  /** Null takes an answer back. */
  readonly answer: Omit<LiveAnswer, 'late'> | null;
  /** As what it was confirmed before, by a server that has gone since; null where that is not proved. */
  readonly proved: 'in-time' | 'late' | null;
};

/** Takes an answer in, a changed one in place of the one before; or says why not. */
export function handedIn(
  open: LiveClass,
  { person, round, answer, proved }: HandingIn,
): Done<{ late: boolean }> | Refused {
  const { now } = open;
  if (!now) return refuse({ code: 'nothing-asked' });
  if (now.round !== round) return refuse({ code: 'other-round', round, now: now.round });
  if (now.stage === 'closed' && !proved) return refuse({ code: 'round-closed' });
  if (now.stage === 'think' && !proved) return refuse({ code: 'thinking' });
  const before = open.answers.get(person);
  const again = before !== undefined && before.code === answer?.code;
  // What was confirmed once is confirmed again, and is what it was.
  if (again) return { ok: true, next: open, late: before.late };
  if ((now.stage !== 'answer' || now.shown) && before) return refuse({ code: 'shown-already' });
  const late = proved ? proved === 'late' : now.shown;
  const answers = new Map(open.answers);
  if (answer === null) answers.delete(person);
  else answers.set(person, { ...answer, late });
  return { ok: true, next: { ...open, answers }, late };
}
