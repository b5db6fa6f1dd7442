import { QUARTER } from '@/core/play/rhythm';
import { type ScaleId, scaleIdFrom } from '@/core/scale/pattern';
import type { Melody, MelodyNote } from '../melody/melody';
import {
  attribute,
  children,
  durationOf,
  type Node,
  named,
  parsedScore,
  pitchOf,
  textOf,
  titleOf,
  whole,
} from './nodes';

/** The most notes that are read of a file. */
const MOST_NOTES = 400;

/** What is known of a part while it is read. */
type Reading = {
  divisions: number;
  fifths: number | null;
  scale: ScaleId | null;
  quarters: number | null;
  upbeat: number;
  readonly notes: MelodyNote[];
  readonly words: string[];
};

function readAttributes(nodes: readonly Node[], reading: Reading): void {
  reading.divisions = whole(textOf(nodes, 'divisions'), 1, 960) ?? reading.divisions;
  for (const key of named(nodes, 'key')) {
    const inside = children(key, 'key');
    reading.fifths ??= whole(textOf(inside, 'fifths'), -7, 7);
    const mode = textOf(inside, 'mode');
    reading.scale ??= mode === 'minor' ? 'natural-minor' : mode === null ? null : scaleIdFrom(mode);
  }
  for (const time of named(nodes, 'time')) {
    const inside = children(time, 'time');
    const [beats, unit] = [whole(textOf(inside, 'beats'), 1, 32), whole(textOf(inside, 'beat-type'), 1, 32)];
    if (beats && unit) reading.quarters ??= (4 * beats) / unit;
  }
}

function readNote(nodes: readonly Node[], voice: string, reading: Reading): void {
  const has = (name: string) => named(nodes, name).length > 0;
  if (has('grace') || has('cue') || has('chord')) return;
  if (`${textOf(nodes, 'staff') ?? '1'} ${textOf(nodes, 'voice') ?? '1'}` !== voice) return;
  const ticks = (durationOf(nodes) * QUARTER) / reading.divisions;
  const pitch = has('rest')
    ? null
    : pitchOf(named(nodes, 'pitch').flatMap((node) => children(node, 'pitch')));
  const tied = named(nodes, 'tie').some((tie) => attribute(tie, 'type') === 'stop');
  const last = reading.notes.at(-1);
  if (tied && last) {
    reading.notes[reading.notes.length - 1] = { ...last, ticks: last.ticks + ticks };
    return;
  }
  if (reading.notes.length >= MOST_NOTES) return;
  reading.notes.push({ pitch, ticks });
  const [lyric] = named(nodes, 'lyric').map((node) => children(node, 'lyric'));
  const syllabic = lyric ? textOf(lyric, 'syllabic') : null;
  const text = lyric ? textOf(lyric, 'text') : null;
  if (pitch && text) reading.words.push(syllabic === 'begin' || syllabic === 'middle' ? `${text}-` : text);
}

/**
 * The first voice of the first part of a partwise score, note by note with lengths: key, meter, upbeat, syllables. Of a
 * chord its first note is taken; ties are joined. Null where the text is no such score.
 */
export function readMelody(text: string): Melody | null {
  const parsed = parsedScore(text);
  if (!parsed.ok) return null;
  const { score } = parsed;
  const [part] = named(score, 'part');
  if (!part) return null;
  const measures = named(children(part, 'part'), 'measure');
  const first = measures.flatMap((measure) => named(children(measure, 'measure'), 'note'))[0];
  const inFirst = first ? children(first, 'note') : [];
  const voice = `${textOf(inFirst, 'staff') ?? '1'} ${textOf(inFirst, 'voice') ?? '1'}`;
  const reading: Reading = {
    ...{ divisions: 1, fifths: null, scale: null, quarters: null, upbeat: 0 },
    ...{ notes: [], words: [] },
  };
  for (const [at, measure] of measures.entries()) {
    for (const node of children(measure, 'measure')) {
      if (Object.hasOwn(node, 'attributes')) readAttributes(children(node, 'attributes'), reading);
      if (Object.hasOwn(node, 'note')) readNote(children(node, 'note'), voice, reading);
    }
    if (at > 0) continue;
    const ticks = reading.notes.reduce((sum, note) => sum + note.ticks, 0);
    if (reading.quarters !== null && ticks < reading.quarters * QUARTER) reading.upbeat = ticks;
  }
  const { fifths, scale, quarters, upbeat, notes, words } = reading;
  return { title: titleOf(score), fifths, scale, quarters, upbeat, notes, words };
}
