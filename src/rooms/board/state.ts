import type { Settings } from '@/core/school/settings';

/** One sentence of the list that is walked. */
export type BoardItem = { readonly id: string; readonly address: string };

/** All that windows share of a board. It says nothing that a class is not to see. */
export type BoardState = {
  /** The lesson that is walked, by its id or `none`; null where one sentence is shown. */
  readonly lesson: string | null;
  /** Which of the list is shown; empty where it is one sentence from outside the shelf. */
  readonly item: string;
  /** What is shown: a room of ours and its query. */
  readonly address: string;
  /** How many lines have been given out: 0 the question alone, null all of them. */
  readonly press: number | null;
  /** Whether only the question is to be seen, whatever has been given out. */
  readonly hidden: boolean;
  /** Whether nothing at all is to be seen. */
  readonly blank: boolean;
  /** Until when the class thinks, in milliseconds since 1970; null where it does not. */
  readonly thinkUntil: number | null;
  /** Which of its views is shown, from 0. */
  readonly view: number;
  readonly light: 'day' | 'night';
  /** What is pointed at, as its code; null for nothing. */
  readonly lit: string | null;
  /** When this sentence came to the board, and when the board was opened; milliseconds since 1970. */
  readonly since: number;
  readonly began: number;
};

/** What hands can ask of a board. */
export type BoardCommand =
  | {
      readonly ask:
        | 'next'
        | 'back'
        | 'question'
        | 'whole'
        | 'hide'
        | 'blank'
        | 'think'
        | 'view'
        | 'light'
        | 'onward'
        | 'before';
    }
  | { readonly ask: 'show'; readonly item: string }
  /** Something else stands there, or more of it; how it is seen stays, but for what is said here. */
  | {
      readonly ask: 'put';
      readonly address: string;
      readonly press?: number | null;
      readonly thinkUntil?: number | null;
    }
  | { readonly ask: 'point'; readonly lit: string | null }
  | { readonly ask: 'point-on'; readonly way: 1 | -1 };

/** What a command is carried out on. */
export type BoardGround = {
  /** Lines that the sentence on the board gives out; null while that is not known. */
  readonly lines: number | null;
  readonly places: number;
  readonly views: number;
  readonly list: readonly BoardItem[];
  /** Seconds that a class has to think at each question; 0 where none are asked for. */
  readonly thinking: number;
  /** Milliseconds since 1970. */
  readonly now: number;
};

/** Seconds to think where the class has no time of its own set. */
export const THINKING = 30;

/** Seconds that a class has to think at each question; 0 where none are asked for. */
export function thinkingSeconds({ thinking }: Pick<Settings, 'thinking'>): number {
  return Number(thinking);
}

/** A board on which a sentence has just come: its question alone. */
export function opened(
  { id, address }: BoardItem,
  { lesson, light }: Pick<BoardState, 'lesson' | 'light'>,
  { thinking, now }: Pick<BoardGround, 'thinking' | 'now'>,
): BoardState {
  return {
    lesson,
    item: id,
    address,
    press: 0,
    hidden: false,
    blank: false,
    thinkUntil: thinkingFrom(thinking, now),
    view: 0,
    light,
    lit: null,
    since: now,
    began: now,
  };
}

const thinkingFrom = (seconds: number, now: number) => (seconds > 0 ? now + seconds * 1000 : null);

/** How many lines are given out, of so many that there are. */
export function givenOut({ press }: Pick<BoardState, 'press'>, lines: number | null): number {
  if (lines === null) return press ?? 0;
  return press === null ? lines : Math.min(press, lines);
}

/** Whether a class is thinking at a time. */
export function isThinking({ thinkUntil }: Pick<BoardState, 'thinkUntil'>, now: number): boolean {
  return thinkUntil !== null && now < thinkUntil;
}

/** What a class sees: nothing, the question, or the drawing with so many lines given out. */
export type Seen = 'nothing' | 'question' | number;

export function seen(state: BoardState, lines: number | null): Seen {
  if (state.blank) return 'nothing';
  const given = givenOut(state, lines);
  return state.hidden || given === 0 ? 'question' : given;
}

/** Goes to another sentence of the list, to its question or to its end; the state itself where there is none. */
function turnTo(
  state: BoardState,
  item: BoardItem | undefined,
  press: 0 | null,
  { thinking, now }: BoardGround,
): BoardState {
  if (!item) return state;
  const fresh = opened(item, state, { thinking: press === 0 ? thinking : 0, now });
  return { ...fresh, press, began: state.began };
}

const placeIn = (list: readonly BoardItem[], { item }: BoardState) => list.findIndex(({ id }) => id === item);

/**
 * What is in the way of a press is taken away by it and nothing is given out: a blank board, hidden answers, thinking
 * time. So a press that comes too early shows nothing that was not to be seen.
 */
function cleared(state: BoardState, now: number): BoardState | null {
  if (state.blank) return { ...state, blank: false };
  if (isThinking(state, now)) return { ...state, thinkUntil: null };
  if (state.hidden) return { ...state, hidden: false };
  return null;
}

function next(state: BoardState, ground: BoardGround): BoardState {
  const { lines, list, now } = ground;
  const given = givenOut(state, lines);
  if (lines === null || given < lines) {
    const press = given + 1;
    return { ...state, press: press === lines ? null : press, thinkUntil: null };
  }
  const at = placeIn(list, state);
  return turnTo(state, at < 0 ? undefined : list[at + 1], 0, { ...ground, now });
}

function back(state: BoardState, ground: BoardGround): BoardState {
  const given = givenOut(state, ground.lines);
  if (given > 0) return { ...state, press: given - 1 };
  return turnTo(state, ground.list[placeIn(ground.list, state) - 1], null, ground);
}

function pointed(state: BoardState, way: 1 | -1, places: number): BoardState {
  if (places === 0) return state;
  const now = /^place-(\d+)$/u.exec(state.lit ?? '')?.[1];
  const at = now === undefined ? (way > 0 ? 0 : places - 1) : Number(now) + way;
  // Past either end nothing is pointed at.
  return { ...state, lit: at < 0 || at >= places ? null : `place-${at}` };
}

/** The board after a command; the same object where it changes nothing. */
export function carriedOut(state: BoardState, command: BoardCommand, ground: BoardGround): BoardState {
  const { list, now, lines } = ground;
  switch (command.ask) {
    case 'next':
      return cleared(state, now) ?? next(state, ground);
    case 'back':
      return cleared(state, now) ?? back(state, ground);
    case 'question':
      return { ...state, press: 0, hidden: false, thinkUntil: null };
    case 'whole':
      return { ...state, press: null, hidden: false, thinkUntil: null };
    case 'hide':
      // Before anything was given out, the same key shows all of it.
      if (givenOut(state, lines) === 0) return { ...state, press: null, hidden: false, thinkUntil: null };
      return { ...state, hidden: !state.hidden };
    case 'blank':
      return { ...state, blank: !state.blank };
    case 'think': {
      if (isThinking(state, now)) return { ...state, thinkUntil: null };
      return { ...state, thinkUntil: thinkingFrom(ground.thinking || THINKING, now) };
    }
    case 'view':
      return ground.views > 1 ? { ...state, view: (state.view + 1) % ground.views } : state;
    case 'light':
      return { ...state, light: state.light === 'day' ? 'night' : 'day' };
    case 'onward': {
      const at = placeIn(list, state);
      return turnTo(state, at < 0 ? undefined : list[at + 1], 0, ground);
    }
    case 'before':
      return turnTo(state, list[placeIn(list, state) - 1], 0, ground);
    case 'show':
      return turnTo(
        state,
        list.find(({ id }) => id === command.item),
        0,
        ground,
      );
    case 'put': {
      const { address, press = state.press, thinkUntil = state.thinkUntil } = command;
      const stands = address === state.address && press === state.press && thinkUntil === state.thinkUntil;
      return stands ? state : { ...state, address, press, thinkUntil };
    }
    case 'point':
      return state.lit === command.lit ? state : { ...state, lit: command.lit };
    case 'point-on':
      return pointed(state, command.way, ground.places);
  }
}
