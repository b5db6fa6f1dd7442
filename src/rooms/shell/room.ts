import type { LucideIcon } from 'lucide-react';
import type { AskPlace } from '@/core/ask/reading';
import type { ClassWords } from '@/core/words/class-words';
import type { PaperItem } from '@/ui/paper/Paper';
import type { BoardDesk } from './board-kit';
import type { Listening } from './listen';
import type { Shares } from './shares';

/** Every key of a room, as they are listed in it. */
export type KeyHelp = {
  readonly title: string;
  readonly summary: string;
  readonly list: readonly { readonly keys: string; readonly does: string }[];
};

/** What a room can say of a sentence of its own, at any time and in any class; loaded when it is wanted. */
export type Desk = {
  /** What the window is called while the sentence stands. */
  readonly title: (w: ClassWords, search: string) => string;
  /** The keys that work while the sentence stands. */
  readonly keys: (w: ClassWords, search: string) => KeyHelp;
  /** What can be copied, printed and saved of it. */
  readonly shares: ((w: ClassWords, search: string) => Shares) | null;
  /** How it stands on the board; null where nothing of the room does. */
  readonly board: BoardDesk | null;
  /** How it stands on the shelf, and on paper; null where nothing of the room is kept. */
  readonly kept: KeptSentences | null;
};

export type KeptSentences = {
  /** The whole sentence in the words of the class. */
  readonly text: (w: ClassWords, search: string) => string;
  /** What it is called when it is kept. */
  readonly name: (w: ClassWords, search: string) => string;
  /** Its part of a handout. */
  readonly item: (w: ClassWords, search: string, name: string) => Promise<PaperItem>;
};

/** What can be heard of a sentence of a room. */
export type Sounds = (w: ClassWords, search: string) => readonly Listening[];

/** A room of the house: everything that stands round it, its shelf and its ask line read what they need from here. */
export type Room = {
  readonly path: `/${string}`;
  /** Its name on the rail, and what it is for. */
  readonly name: string;
  readonly about: string;
  readonly icon: LucideIcon;
  /** The places in it that can be asked for by name. */
  readonly places: Readonly<Partial<Record<AskPlace, string>>>;
  /** Views of it that tests and pictures go through; the first is the room as it opens. */
  readonly examples: readonly string[];
  /** What can be heard of a sentence; null where the room has sound of its own, or none. */
  readonly sounds: (() => Promise<Sounds>) | null;
  readonly desk: () => Promise<Desk>;
};

/** The path of an address, without its query. */
export function pathOf(address: string): string {
  return address.split(/[?#]/u, 1)[0] ?? '';
}

/** The room an address lies in, or null where none of these has it. */
export function roomAt(rooms: readonly Room[], address: string): Room | null {
  return rooms.find(({ path }) => path === pathOf(address)) ?? null;
}

/** The query of an address, with its question mark; empty where it has none. */
export function searchOf(address: string): string {
  const at = address.indexOf('?');
  return at < 0 ? '' : address.slice(at);
}
