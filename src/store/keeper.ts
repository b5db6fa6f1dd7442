import type { StoreProblem } from '@/core/words/say-store';
import { applied, type Change } from './change';
import type { Drill } from './drill';
import type { Course, CourseOf } from './reading';
import type { SchoolStore, Undone, Written } from './school';
import type { SchoolData } from './school-data';
import { type SchoolRecords, type SchoolState, UNKNOWN_RECORDS, UNKNOWN_SCHOOL } from './school-state';

/** A change is made from the records as they are when it is written, with the time of writing. */
export type MakeChange = (data: SchoolData, now: string) => Change;

/** Takes what is to be kept, shows it at once, and writes it when it can. */
export type Keeper = {
  readonly state: () => SchoolState;
  readonly subscribe: (listen: () => void) => () => void;
  /** Answers whether it was saved at the first try; what was not waits on, shown and counted. */
  readonly change: (make: MakeChange) => Promise<boolean>;
  readonly undo: () => Promise<Undone>;
  readonly erase: (person: string) => Promise<boolean>;
  readonly backedUp: () => Promise<boolean>;
  /** Holds the papers of a set in memory from now on, or somebody's drills; or of none. */
  readonly watch: SchoolStore['watch'];
  /** Every record that is stored, papers of all sets too; null where nothing can be read. */
  readonly whole: () => Promise<SchoolData | null>;
  readonly courseOf: (of: CourseOf) => Promise<Course | null>;
  readonly drillsOf: (people: readonly string[]) => Promise<readonly Drill[] | null>;
  readonly close: () => void;
};

type Waiting = {
  /** What is laid over the records until they hold it; null where nothing can be shown before. */
  readonly shown: Change | null;
  readonly write: (store: SchoolStore, now: string) => Promise<Written>;
  readonly answer: (written: boolean) => void;
};

type Given = {
  /** Loads the store's script and opens it. */
  readonly open: () => Promise<SchoolStore>;
  /** The time, ISO 8601. */
  readonly clock: () => string;
};

/** Milliseconds until a silence is told, and until what failed is tried again. */
const LATE = 4000;
const AGAIN = 3000;

/** What no waiting mends: nothing can be stored here, or only by a newer version. */
const isLasting = (problem: StoreProblem | null) =>
  problem?.code === 'store-blocked' || problem?.code === 'store-newer';

/**
 * Keeps a school's records. The state on screen comes from what the database has confirmed: what was not written stands in
 * a row, is shown, counted and tried again, and nothing passes it.
 */
class SchoolKeeper implements Keeper {
  #store: SchoolStore | null = null;
  #base: SchoolRecords = UNKNOWN_RECORDS;
  #state = UNKNOWN_SCHOOL;
  #row: readonly Waiting[] = [];
  /** Why the first of the row could not be written; why nothing was heard; what was not taken. */
  #problem: StoreProblem | null = null;
  #late: StoreProblem | null = null;
  #refused: StoreProblem | null = null;
  #busy = false;
  #closed = false;
  #watched: SchoolRecords['watched'] = UNKNOWN_RECORDS.watched;
  #again: ReturnType<typeof setTimeout> | null = null;
  readonly #listeners = new Set<() => void>();

  constructor(readonly given: Given) {
    void this.#begin();
  }

  readonly state = () => this.#state;

  readonly subscribe = (listen: () => void) => {
    this.#listeners.add(listen);
    return () => this.#listeners.delete(listen);
  };

  readonly change = (make: MakeChange) => {
    // Before the records are known it is made again when they are.
    const known = this.#base.status === 'ready';
    const shown = make(this.#state.data, this.given.clock());
    return this.#take(shown, (store, now) =>
      store.change(known ? shown : make(store.state().data, now), now),
    );
  };

  readonly undo = async () => {
    let undone: Undone = null;
    await this.#take(null, async (store) => {
      const answer = await store.undo();
      undone = answer.undone ?? null;
      return answer;
    });
    return undone;
  };

  readonly erase = (person: string) => this.#take(null, (store) => store.erase(person));

  readonly backedUp = () => this.#take(null, (store, now) => store.backedUp(now));

  readonly watch: Keeper['watch'] = (by, id) => {
    this.#watched = { ...this.#watched, [by]: id };
    this.#store?.watch(by, id);
  };

  readonly whole = async () => {
    // What waits to be written is a part of it.
    if (!this.#store) return null;
    const stored = await this.#store.whole();
    return this.#row.reduce((data, { shown }) => (shown ? applied(data, shown) : data), stored);
  };

  readonly courseOf = async (of: CourseOf) => (await this.#store?.courseOf(of)) ?? null;

  readonly drillsOf = async (people: readonly string[]) => (await this.#store?.drillsOf(people)) ?? null;

  readonly close = () => {
    this.#closed = true;
    if (this.#again !== null) clearTimeout(this.#again);
    this.#store?.close();
  };

  #settle(): void {
    const waiting = this.#row.length;
    const { problem, ...records } = this.#base;
    this.#state = {
      ...records,
      data: this.#row.reduce((data, { shown }) => (shown ? applied(data, shown) : data), records.data),
      saving: problem ?? this.#problem ?? this.#late ?? this.#refused ?? (waiting > 0 ? 'saving' : 'saved'),
      waiting,
    };
    for (const listen of this.#listeners) listen();
  }

  #take(shown: Change | null, write: Waiting['write']): Promise<boolean> {
    // What is read only takes nothing; what waited before it was known goes on waiting.
    if (this.#base.problem?.code === 'store-newer') return Promise.resolve(false);
    return new Promise((answer) => {
      this.#row = [...this.#row, { shown, write, answer }];
      // What was refused was said; here is something new.
      this.#refused = null;
      this.#settle();
      void this.#write();
    });
  }

  #tryAgain(act: () => void): void {
    if (this.#again !== null) clearTimeout(this.#again);
    if (this.#closed) return;
    this.#again = setTimeout(() => {
      this.#again = null;
      act();
    }, AGAIN);
  }

  /** Loads and opens the store, and says so where it does not answer. */
  async #begin(): Promise<void> {
    const silent = setTimeout(() => {
      this.#late = { code: this.#store ? 'store-silent' : 'store-missing' };
      this.#settle();
    }, LATE);
    const heard = () => {
      clearTimeout(silent);
      this.#late = null;
    };
    try {
      const opened = await this.given.open();
      if (this.#closed) return opened.close();
      this.#store = opened;
      opened.watch('set', this.#watched.set);
      opened.watch('person', this.#watched.person);
      const follow = () => this.#follow(opened, heard);
      opened.subscribe(follow);
      follow();
    } catch {
      heard();
      this.#late = { code: 'store-missing' };
      this.#settle();
      this.#tryAgain(() => void this.#begin());
    }
  }

  /** Takes over what a store knows now. */
  #follow(opened: SchoolStore, heard: () => void): void {
    if (this.#store !== opened) return;
    const was = this.#base.status;
    this.#base = opened.state();
    const { status, problem } = this.#base;
    if (status !== 'opening') heard();
    this.#settle();
    if (was === 'opening' && status !== 'opening') void this.#write();
    if (status === 'failed' && !isLasting(problem)) {
      this.#store = null;
      opened.close();
      this.#tryAgain(() => {
        this.#base = { ...this.#base, status: 'opening', problem: null };
        void this.#begin();
      });
    }
  }

  /** Writes the row, first things first, until one of them cannot be written. */
  async #write(): Promise<void> {
    if (this.#busy || this.#base.status === 'opening') return;
    this.#busy = true;
    for (let first = this.#row[0]; first && this.#store; first = this.#row[0]) {
      const { write, answer } = first;
      const written = await write(this.#store, this.given.clock());
      answer(written.ok);
      // What could not be read again is said and let go; anything else waits.
      const refusal = !written.ok && written.problem.code === 'record-refused' ? written.problem : null;
      this.#refused = refusal ?? this.#refused;
      this.#problem = written.ok || refusal ? null : written.problem;
      if (this.#problem) break;
      this.#row = this.#row.filter((each) => each !== first);
      this.#base = this.#store?.state() ?? this.#base;
      this.#settle();
    }
    this.#busy = false;
    this.#settle();
    if (this.#problem === null) return;
    if (isLasting(this.#problem)) for (const { answer } of this.#row) answer(false);
    else this.#tryAgain(() => void this.#write());
  }
}

/** Opens a keeper of the records that a store holds. */
export const openKeeper = (given: Given): Keeper => new SchoolKeeper(given);
