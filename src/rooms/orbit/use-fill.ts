import { useEffect, useMemo, useState } from 'react';
import type { CircleSize } from '@/core/harmony/circle';
import { judgePlace } from '@/core/harmony/fill-circle';
import type { ClassWords } from '@/core/words/class-words';
import { readKey } from '@/core/words/read-key';
import type { OrbitSentence } from '../address/orbit/orbit-sentence';

type Fill = Extract<OrbitSentence, { readonly kind: 'fill' }>;

/** What was written at each place, by its signature. */
export type Written = Readonly<Record<string, string>>;

function draftKey({ size, mode }: Fill): string {
  return `moon-step:circle-${size}-${mode}`;
}

function stored(key: string): Written {
  try {
    const read: unknown = JSON.parse(window.localStorage.getItem(key) ?? '{}');
    if (typeof read !== 'object' || read === null) return {};
    return Object.fromEntries(
      Object.entries(read).filter((entry): entry is [string, string] => typeof entry[1] === 'string'),
    );
  } catch {
    return {};
  }
}

function store(key: string, written: Written): void {
  try {
    window.localStorage.setItem(key, JSON.stringify(written));
  } catch {
    // Where nothing can be stored, what was written lasts as long as the page.
  }
}

/**
 * The places of a blank circle in the order they are filled: clockwise from the top, then the other arm; on twelve once
 * round.
 *
 * @param way 1 where clockwise goes by sharps, −1 where the circle is drawn in fourths
 */
export function fillOrder(size: CircleSize, places: readonly number[], way: 1 | -1): readonly number[] {
  const turned = places.map((count) => count * way);
  const first = turned.filter((count) => count >= 0).toSorted((a, b) => a - b);
  const rest = turned.filter((count) => count < 0).toSorted((a, b) => (size === 'twelve' ? a - b : b - a));
  return [...first, ...rest].map((count) => count * way || 0);
}

/** How a written name was judged, and whether it could be read at all. */
export type Judged = ReturnType<typeof judgePlace> & { readonly typed: string; readonly unread: boolean };

/**
 * Judges every place. A name is read in the class's names; its mode may be written or left out, but where the class
 * writes minor keys small its letter says it.
 */
export function judgeAll(
  w: ClassWords,
  { size, mode }: Fill,
  places: readonly number[],
  written: Written,
): readonly Judged[] {
  return places.map((count) => {
    const typed = (written[String(count)] ?? '').trim();
    // Two names of one place are written with a stroke between them; each is judged.
    const names = typed.split(/[/,]/u).filter((name) => name.trim() !== '');
    const readings = names.map((name) => readKey(w, name));
    const judged = readings.map((reading) =>
      reading.ok
        ? judgePlace(reading.key.tonic, count, mode, size, reading.said ? reading.key.mode : mode)
        : judgePlace(null, count, mode, size),
    );
    const wrong = judged.find(({ verdict }) => verdict !== 'right');
    const found = wrong ?? judged[0] ?? judgePlace(null, count, mode, size);
    return { ...found, typed, unread: readings.some(({ ok }) => !ok) };
  });
}

/** What is written on a blank circle; it is stored as it is typed. The clock runs from the first letter. */
export function useFill(fill: Fill) {
  const key = draftKey(fill);
  const [written, setWritten] = useState<Written>({});
  const [checked, setChecked] = useState(false);
  const [began, setBegan] = useState<number | null>(null);
  const [now, setNow] = useState(0);
  const [stopped, setStopped] = useState<number | null>(null);
  useEffect(() => {
    setWritten(stored(key));
    setChecked(false);
    setBegan(null);
    setStopped(null);
  }, [key]);
  const limit = fill.time === 'untimed' ? null : Number(fill.time) * 60_000;
  const gone = began === null ? 0 : (stopped ?? Math.max(now, began)) - began;
  const over = limit !== null && gone >= limit;
  const passed = over ? limit : gone;
  const running = began !== null && stopped === null && !over;
  useEffect(() => {
    if (!running) return;
    const clock = setInterval(() => setNow(performance.now()), 500);
    return () => clearInterval(clock);
  }, [running]);
  return useMemo(
    () => ({
      written,
      checked: checked || over,
      passed,
      over,
      left: limit === null ? null : Math.max(0, limit - passed),
      write: (count: number, text: string) => {
        if (began === null) {
          setBegan(performance.now());
          setNow(performance.now());
        }
        setChecked(false);
        setWritten((before) => {
          const next = { ...before, [String(count)]: text.slice(0, 20) };
          store(key, next);
          return next;
        });
      },
      // What is checked stands still: the clock, and the fields.
      check: () => {
        setChecked(true);
        setStopped((before) => before ?? (began === null ? null : performance.now()));
      },
      goOn: () => {
        setChecked(false);
        if (stopped !== null) setBegan((start) => (start ?? stopped) + performance.now() - stopped);
        setNow(performance.now());
        setStopped(null);
      },
      empty: () => {
        store(key, {});
        setWritten({});
        setChecked(false);
        setBegan(null);
        setStopped(null);
      },
    }),
    [written, checked, passed, over, limit, began, stopped, key],
  );
}
