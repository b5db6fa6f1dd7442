import type { Settings } from '../../school/settings';
import { type From, MOST_MARKS, MOST_ROOM, PLAIN, type Slot } from './sheet';
import { itemCode, readItemCode } from './task/all';
import type { Form } from './task/task';

/** One letter a form; what is blank is not said. */
const FORM_LETTERS: Readonly<Record<Exclude<Form, 'blank'>, string>> = { half: 'h', worked: 'w' };

function fromCode(from: From): string {
  if (from.is === 'own') return `o${itemCode(from.item)}`;
  return `m${from.number}${from.swap === 0 ? '' : `s${from.swap}`}`;
}

/** A place of a sheet in a code: what was changed of it, a colon, and what it holds. */
export function slotCode({ from, form, marks, room, pinned }: Slot): string {
  const changed = [
    pinned ? 'p' : '',
    form === 'blank' ? '' : FORM_LETTERS[form],
    marks === null ? '' : `k${marks}`,
    room === 0 ? '' : `r${room}`,
  ].join('');
  return changed === '' ? fromCode(from) : `${changed}:${fromCode(from)}`;
}

function fromOf(code: string, school: Pick<Settings, 'melodicDown'>): From | null {
  if (code.startsWith('o')) {
    const item = readItemCode(code.slice(1), school);
    return item && { is: 'own', item };
  }
  const found = /^m([1-9]\d?)(?:s([1-9]\d{0,2}))?$/u.exec(code);
  return found && { is: 'made', number: Number(found[1]), swap: Number(found[2] ?? 0) };
}

/** The place of a code, or null where it is none that this version knows. */
export function readSlotCode(code: string, school: Pick<Settings, 'melodicDown'>): Slot | null {
  const [, changed = '', rest = ''] = /^(?:([a-z0-9]*):)?(.*)$/u.exec(code) ?? [];
  const flags = /^(p?)([hw]?)(?:k(\d{1,2}))?(?:r(\d))?$/u.exec(changed);
  const from = fromOf(rest, school);
  if (!flags || !from) return null;
  const marks = flags[3] === undefined ? null : Number(flags[3]);
  const room = Number(flags[4] ?? 0);
  if ((marks ?? 0) > MOST_MARKS || room > MOST_ROOM) return null;
  const form: Form = flags[2] === 'h' ? 'half' : flags[2] === 'w' ? 'worked' : 'blank';
  return { ...PLAIN, from, form, marks, room, pinned: flags[1] === 'p' };
}

/** Between the places of a sheet: no code of an item has it. */
const BETWEEN = '_';

/** All places of a sheet in one code. */
export function slotsCode(slots: readonly Slot[]): string {
  return slots.map(slotCode).join(BETWEEN);
}

/** The places of a code; those that cannot be read are given back as they stand. */
export function readSlotsCode(
  code: string,
  school: Pick<Settings, 'melodicDown'>,
): { readonly slots: readonly Slot[]; readonly unread: readonly string[] } {
  const parts = code === '' ? [] : code.split(BETWEEN);
  const read = parts.map((part) => ({ part, slot: readSlotCode(part, school) }));
  return {
    slots: read.flatMap(({ slot }) => (slot ? [slot] : [])),
    unread: read.flatMap(({ part, slot }) => (slot ? [] : [part])),
  };
}
