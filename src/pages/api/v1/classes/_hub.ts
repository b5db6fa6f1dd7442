import { questionCode } from '@/core/exercise/code';
import { CLASS_LASTS, type LiveClass, sentOut } from '@/core/live/live-class';
import { codeOf, isSecret, newSecret, personOfToken } from './_keys';
import type { Listener } from './_stream';

/** A class that is open, and who listens to it. Nothing of it is written down anywhere. */
export type OpenClass = {
  readonly code: string;
  readonly secret: string;
  /** Milliseconds since 1970. */
  readonly expires: number;
  /** How the class speaks, as its pages read it. */
  readonly speaks: string;
  state: LiveClass;
  /** Under the id of a person, or under TEACHER. */
  readonly listeners: Map<string, Set<Listener>>;
};

export const TEACHER = 'teacher';

/** Windows of one person or desk that listen at the same time; the oldest goes for one more. */
const MOST_WINDOWS = 4;

/** Classes that can be open, and of one address of the network. */
const MOST_CLASSES = 40;
const MOST_OF_ONE = 4;

/** Those that are opened on this computer itself, counted apart. */
const MOST_HERE = 200;

/** What a class begins with: nothing, or all of it where it is taken up again. */
export type Beginning = Pick<OpenClass, 'speaks' | 'state'> & {
  readonly secret: string | null;
  readonly expires: number | null;
};

export type Opening =
  | { readonly is: 'open'; readonly open: OpenClass; readonly stood: boolean }
  | { readonly is: 'too-many' }
  | { readonly is: 'taken' };

export type Bearer = { readonly is: 'teacher' } | { readonly is: 'person'; readonly person: string };

/** Addresses of this computer itself. */
export const isHere = (address: string) => /^(?:127\.|::1$|::ffff:127\.)/u.test(address);

/** All classes that are open on this server. */
export function openHub(now: () => number) {
  const classes = new Map<string, OpenClass & { readonly from: string }>();

  function close(open: OpenClass): void {
    if (classes.get(open.code)?.secret !== open.secret) return;
    classes.delete(open.code);
    tell(open, null, 'closed', {});
    for (const own of open.listeners.values()) for (const each of [...own]) each.end();
  }

  function drop(): void {
    for (const each of classes.values()) if (each.expires <= now()) close(each);
  }

  function find(code: string): OpenClass | null {
    drop();
    return classes.get(code) ?? null;
  }

  async function begin({ secret: known, ...begins }: Beginning, from: string): Promise<Opening> {
    drop();
    const own = [...classes.values()].filter((each) => each.from === from).length;
    for (;;) {
      const secret = known ?? newSecret();
      const code = await codeOf(secret);
      const there = classes.get(code);
      if (there && known === null) continue;
      if (there) {
        return isSecret(there.secret, secret) ? { is: 'open', open: there, stood: true } : { is: 'taken' };
      }
      // Whoever sits at this computer always finds room: nobody on the network can take the last places.
      const all = [...classes.values()].filter((each) => isHere(each.from) === isHere(from)).length;
      const isFull = isHere(from) ? all >= MOST_HERE : all >= MOST_CLASSES || own >= MOST_OF_ONE;
      if (isFull) return { is: 'too-many' };
      const expires = Math.min(begins.expires ?? Number.POSITIVE_INFINITY, now() + CLASS_LASTS);
      const open = { ...begins, code, secret, expires, from, listeners: new Map() };
      classes.set(code, open);
      setTimeout(drop, expires - now() + 1).unref();
      return { is: 'open', open, stood: false };
    }
  }

  return { find, begin, close, size: () => classes.size };
}

/** Who sends something to a class, by its secret or by a token; null for nobody of it. */
export function bearerOf({ secret, state }: OpenClass, sent: string): Bearer | null {
  if (isSecret(secret, sent)) return { is: 'teacher' };
  const person = personOfToken(secret, sent);
  return person !== null && state.people.has(person) ? { is: 'person', person } : null;
}

/** Tells one who listens, or everybody, or the desk. */
export function tell({ listeners }: OpenClass, whom: string | null, event: string, data: unknown): void {
  const told = whom === null ? [...listeners.values()] : [listeners.get(whom) ?? new Set<Listener>()];
  for (const own of told) for (const each of [...own]) each.tell(event, data);
}

/** Lets somebody listen. */
export function listen({ listeners }: OpenClass, whom: string, listener: Listener): void {
  const own = listeners.get(whom) ?? new Set();
  listeners.set(whom, own);
  own.add(listener);
  const [oldest] = own;
  if (own.size > MOST_WINDOWS) oldest?.end();
}

/** Lets a listener go; true where it was the last of its own. */
export function leave({ listeners }: OpenClass, whom: string, listener: Listener): boolean {
  const own = listeners.get(whom);
  if (!own?.delete(listener) || own.size > 0) return false;
  listeners.delete(whom);
  return true;
}

/** What everybody in a class is told of the question: nothing of anybody else's answer. */
export function questionFor({ state }: OpenClass, bearer: Bearer): unknown {
  const { now, answers } = state;
  if (!now) return null;
  const { round, question, stage, shown, asked } = now;
  const own = bearer.is === 'person' ? answers.get(bearer.person) : undefined;
  const mine = own ? { answer: own.answer, code: own.code, late: own.late } : null;
  return {
    round,
    question,
    code: questionCode(asked),
    stage,
    shown,
    ...(bearer.is === 'person' ? { mine } : {}),
  };
}

/** Tells everybody what is asked now, each with their own answer. */
export function tellQuestion(open: OpenClass): void {
  for (const whom of open.listeners.keys()) {
    const bearer: Bearer = whom === TEACHER ? { is: 'teacher' } : { is: 'person', person: whom };
    tell(open, whom, 'question', questionFor(open, bearer));
  }
}

/** Sends somebody out, and everything that listens under their name. */
export function sendOut(open: OpenClass, person: string): void {
  open.state = sentOut(open.state, person);
  for (const each of [...(open.listeners.get(person) ?? [])]) each.end();
  tell(open, TEACHER, 'left', { person, gone: true });
}
