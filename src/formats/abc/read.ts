import type { Letter } from '@/core/note/letter';
import { pitch } from '@/core/note/pitch';
import { type Alteration, fifths, spelledOrNull } from '@/core/note/spelled';
import { QUARTER } from '@/core/play/rhythm';
import { type ScaleId, scaleOfMode } from '@/core/scale/pattern';
import { alteredLetters } from '@/core/scale/signature';
import type { Melody, MelodyNote } from '../melody/melody';
import { abcKey } from './key';

/** Why a text is no tune in ABC that is read here, with what was read. */
export type AbcProblem = { readonly why: 'no-key' | 'unread' | 'tuplet'; readonly read: string };

export type AbcReading =
  | { readonly ok: true; readonly melody: Melody }
  | { readonly ok: false; readonly problem: AbcProblem };

const wrong = (why: AbcProblem['why'], read: string): AbcReading => ({
  ok: false,
  problem: { why, read: read.trim().slice(0, 40) },
});

const SIGNS: Readonly<Record<string, number>> = { '^^': 2, '^': 1, '=': 0, _: -1, __: -2 };

type Key = { readonly fifths: number; readonly scale: ScaleId };

function keyOf(text: string): Key | null {
  const found = abcKey(text);
  return found && { fifths: found.fifths, scale: scaleOfMode(found.mode ?? 'major') };
}

/** A fraction such as `3/8`, as quarters. */
function quartersOf(text: string, usual: number): number {
  if (/^\s*C\|?\s*$/u.test(text)) return 4;
  const found = /^\s*(\d{1,2})\/(\d{1,2})/u.exec(text);
  return found ? (4 * Number(found[1])) / Number(found[2]) : usual;
}

/** A length behind a note: `3`, `/`, `//`, `3/2`, as a part of the unit. */
function lengthOf(text: string): number {
  const found = /^(\d*)(\/*)(\d*)$/u.exec(text);
  const [, over = '', strokes = '', under = ''] = found ?? [];
  const least = under ? Number(under) : 2 ** strokes.length;
  return (over ? Number(over) : 1) / (strokes ? least : 1);
}

const NOTE = /^(\^\^|\^|=|__|_)?([A-Ga-gz])([,']*)(\d*\/*\d*)/u;
/** What is passed over: slurs, dots, chord names, decorations, grace notes, breaks of lines and ties. */
const PASSED = /^(?:[().~\s\\-]|"[^"]*"|![^!]*!|\{[^}]*\}|\[[A-Za-z]:[^\]]*\])/u;
const BAR = /^(?:\|\]|\|\||\[\||\|:|:\||\||\]|:)/u;

type Body = { readonly notes: MelodyNote[]; readonly bars: number[] };

/** Reads the notes of the body; signs hold to the end of their bar, as they are printed. */
function readBody(text: string, count: number, unit: number): Body | AbcProblem {
  const atClef = alteredLetters(fifths(count));
  let inBar = new Map<string, number>();
  const body: Body = { notes: [], bars: [] };
  let rest = text;
  let at = 0;
  while (rest !== '') {
    if (/^\(\d/u.test(rest)) return { why: 'tuplet', read: rest };
    const bar = BAR.exec(rest);
    const passed = bar ? null : PASSED.exec(rest);
    const found = bar || passed ? null : NOTE.exec(rest);
    const taken = bar ?? passed ?? found;
    if (!taken) return { why: 'unread', read: rest };
    rest = rest.slice(taken[0].length);
    if (bar) {
      inBar = new Map();
      body.bars.push(at);
    }
    if (!found) continue;
    const [, sign, name = '', marks = '', length = ''] = found;
    const ticks = unit * lengthOf(length);
    at += ticks;
    if (name === 'z') {
      body.notes.push({ pitch: null, ticks });
      continue;
    }
    const letter = name.toUpperCase() as Letter;
    const octave =
      (name === letter ? 4 : 5) + [...marks].reduce((sum, mark) => sum + (mark === "'" ? 1 : -1), 0);
    // In ABC a sign holds for its letter in every octave of the bar, where a file does not say otherwise.
    if (sign !== undefined) inBar.set(letter, SIGNS[sign] ?? 0);
    const alteration = inBar.get(letter) ?? atClef.get(letter)?.alteration ?? 0;
    const note = spelledOrNull(letter, alteration as Alteration);
    if (!note) return { why: 'unread', read: found[0] };
    body.notes.push({ pitch: pitch(note, octave), ticks });
  }
  return body;
}

/**
 * Reads the first tune of an ABC text: title, meter, unit, key, notes with their signs and lengths, bars, words.
 * Slurs, dots, chord names and decorations are passed over; tuplets and chords of notes are told.
 */
export function readAbc(text: string): AbcReading {
  const lines = text.split(/\r?\n/u).map((line) => line.replace(/(?<!\\)%.*$/u, '').trim());
  const from = lines.findIndex((line) => /^X:/u.test(line));
  const end = lines.findIndex((line, at) => at > from && /^X:/u.test(line));
  const own = lines.slice(from, end < 0 ? undefined : end);
  const field = (name: string) =>
    own
      .find((line) => line.startsWith(`${name}:`))
      ?.slice(2)
      .trim() ?? '';
  const key = keyOf(field('K'));
  if (!key) return wrong('no-key', field('K'));
  const quarters = quartersOf(field('M'), 4);
  const unit = quartersOf(field('L'), quarters < 3 ? 0.25 : 0.5) * QUARTER;
  const begins = own.findIndex((line) => line.startsWith('K:'));
  const after = own.slice(begins + 1);
  const music = after.filter((line) => !/^[A-Za-z]:/u.test(line)).join(' ');
  const body = readBody(music, key.fifths, unit);
  if ('why' in body) return wrong(body.why, body.read);
  const words = after
    .filter((line) => line.startsWith('w:'))
    .flatMap((line) =>
      line
        .slice(2)
        .trim()
        .split(/\s+|(?<=-)/u),
    )
    .map((word) => word.replaceAll('~', ' '));
  const firstBar = body.bars.find((tick) => tick > 0) ?? 0;
  const upbeat = firstBar < quarters * QUARTER ? firstBar : 0;
  return {
    ok: true,
    melody: {
      title: field('T'),
      ...{ fifths: key.fifths, scale: key.scale, quarters, upbeat, notes: body.notes, words },
    },
  };
}
