import { asciiName, type Fifths, fifths } from '@/core/note/spelled';
import {
  PIECE_QUARTER,
  type Piece,
  type PieceBar,
  type PieceClef,
  type PieceEvent,
  type PiecePart,
  type PieceTone,
} from '@/core/piece/piece';
import { alteredLetters, ownerOf } from '@/core/scale/signature';
import { letterOf, oneLine, SIGNS } from './write';

const UNIT = PIECE_QUARTER / 2;

/**
 * A piece as ABC, a voice for each voice of each staff, with what accidentals hold for said. What a part is written above its
 * sound goes with it for what plays the file. https://abcnotation.com/wiki/abc:standard:v2.1
 */
export function writeAbcPiece({ title, parts }: Piece): string {
  const first = parts[0]?.bars[0];
  const voices = parts.flatMap((part) => voicesOf(part, first?.fifths ?? fifths(0)));
  const meter = first?.meter ?? { beats: 4, unit: 4 };
  const several = voices.length > 1;
  const body = voices.flatMap(({ name, clef, bars, transpose }, at) => [
    ...(several
      ? [`V:${at + 1}${name ? ` name="${oneLine(name).replaceAll('"', "'")}"` : ''} clef=${clefName(clef)}`]
      : []),
    ...(transpose === 0 ? [] : [`%%MIDI transpose ${-transpose}`]),
    ...bars,
  ]);
  return `${[
    'X:1',
    `T:${oneLine(title)}`,
    `M:${meter.beats}/${meter.unit}`,
    'L:1/8',
    '%%propagate-accidentals octave',
    `K:${keyOf(first?.fifths ?? fifths(0))}${several ? '' : ` clef=${clefName(voices[0]?.clef)}`}`,
    ...body,
  ].join('\n')}\n`;
}

type AbcVoice = {
  readonly name: string;
  readonly clef: PieceClef | undefined;
  readonly bars: readonly string[];
  readonly transpose: number;
};

/** A signature by the major key that owns it: what mode it is, nobody can say for sure. */
function keyOf(count: Fifths): string {
  const tonic = ownerOf(count, 'major');
  return tonic ? asciiName(tonic) : 'C';
}

function clefName(clef: PieceClef | undefined): string {
  return (clef?.clef ?? 'treble') + (clef?.octave === 1 ? '+8' : clef?.octave === -1 ? '-8' : '');
}

function voicesOf(part: PiecePart, count: Fifths): readonly AbcVoice[] {
  const keys = new Set(
    part.bars.flatMap(({ events }) => events.map(({ staff, voice }) => `${staff} ${voice}`)),
  );
  const sorted = [...keys].toSorted();
  return (sorted.length > 0 ? sorted : ['0 0']).map((key, at) => {
    const [staff = 0, voice = 0] = key.split(' ').map(Number);
    const writer = new VoiceWriter(staff, voice, count);
    const bars = part.bars.map((bar, index) => writer.bar(bar, index, index === part.bars.length - 1));
    return {
      name: at === 0 ? part.name : '',
      clef: part.bars[0]?.clefs.find((each) => each.staff === staff)?.clef,
      ...{ bars, transpose: part.transposition.semitones },
    };
  });
}

/** Writes one voice, with every sign that is not in force. */
class VoiceWriter {
  constructor(
    private readonly staff: number,
    private readonly voice: number,
    private count: Fifths,
  ) {}

  bar(bar: PieceBar, index: number, last: boolean): string {
    const changes = [
      ...(bar.fifths !== null && (index > 0 || bar.fifths !== this.count)
        ? [`[K:${keyOf(bar.fifths)}]`]
        : []),
      ...(bar.meter && index > 0 ? [`[M:${bar.meter.beats}/${bar.meter.unit}]`] : []),
    ];
    if (bar.fifths !== null) this.count = bar.fifths;
    const inForce = new Map<string, number>();
    const own = bar.events.filter(({ staff, voice }) => staff === this.staff && voice === this.voice);
    const written: string[] = [];
    let now = 0;
    for (let at = 0; at < own.length; ) {
      const event = own[at] as PieceEvent;
      if (event.at > now) written.push(`x${lengthOf(event.at - now)}`);
      const run = tupletFrom(own, at);
      const notes = own.slice(at, at + run).map((each) => this.event(each, inForce));
      const { tuplet } = event.written;
      written.push((tuplet ? `(${tuplet[0]}:${tuplet[1]}:${run}` : '') + notes.join(''));
      const end = own[at + run - 1] as PieceEvent;
      now = end.at + end.length;
      at += run;
    }
    if (now < bar.length) written.push(`x${lengthOf(bar.length - now)}`);
    const line = bar.end === 'double' ? '||' : bar.end === 'repeat' ? ':|' : last ? '|]' : '|';
    return `${changes.join('')}${written.join(' ')} ${line}`;
  }

  private event({ tones, length, written, grace }: PieceEvent, inForce: Map<string, number>): string {
    const tuplet = written.tuplet;
    const plain = tuplet ? (length * tuplet[0]) / tuplet[1] : length;
    if (tones.length === 0) return `z${lengthOf(plain)}`;
    const heads = tones.map((tone) => this.head(tone, inForce));
    if (grace) return `{${heads.join('')}}`;
    const tied = tones.some((tone) => tone.tied) ? '-' : '';
    if (heads.length === 1) return `${heads[0]}${lengthOf(plain)}${tied}`;
    const inside = heads.map((head, at) => head + (tones[at]?.tied ? '-' : ''));
    return `[${inside.join('')}]${lengthOf(plain)}`;
  }

  private head({ pitch }: PieceTone, inForce: Map<string, number>): string {
    const { letter, alteration } = pitch.note;
    const key = `${letter}${pitch.octave}`;
    const now = inForce.get(key);
    const signed = alteredLetters(this.count).get(letter)?.alteration ?? 0;
    // A sign is written again wherever a reader with another rule for octaves could doubt it.
    const elsewhere = [...inForce.keys()].some((each) => each.startsWith(letter));
    const needed = elsewhere || (now ?? signed) !== alteration;
    if (needed) inForce.set(key, alteration);
    return (needed ? (SIGNS[alteration] ?? '') : '') + letterOf(pitch);
  }
}

/** How many events from one on make its tuplet; 1 where it is in none. */
function tupletFrom(events: readonly PieceEvent[], from: number): number {
  const tuplet = events[from]?.written.tuplet;
  if (!tuplet) return 1;
  let count = 0;
  while (count < tuplet[0] && events[from + count]?.written.tuplet?.join() === tuplet.join()) count += 1;
  return Math.max(1, count);
}

/** Ticks as a part of an eighth: `3`, `/2`, `3/2`. */
function lengthOf(ticks: number): string {
  let [over, under] = [ticks, UNIT];
  while (under > 0) [over, under] = [under, over % under];
  const [top, bottom] = [ticks / over, UNIT / over];
  return `${top === 1 ? '' : top}${bottom === 1 ? '' : `/${bottom}`}`;
}
