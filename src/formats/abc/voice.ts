import { LETTERS, type Letter } from '@/core/note/letter';
import { pitch } from '@/core/note/pitch';
import { type Alteration, type Fifths, fifths, spelledOrNull } from '@/core/note/spelled';
import { PartBuilder } from '@/core/piece/part-builder';
import { type BarEnd, type PieceTone, ticksOfMeter } from '@/core/piece/piece';
import { PIECE_LIMITS, type PieceWarning } from '@/core/piece/piece-warning';
import { writtenAs } from '@/core/piece/written-length';
import { alteredLetters } from '@/core/scale/signature';
import type { FileProblem } from '@/core/words/say-file';
import { plainName } from '../file/decode';
import { type AbcKey, abcClef, abcKey } from './key';
import { abcMeter, abcUnit } from './meter';

/** How far an accidental reaches in its bar, as `%%propagate-accidentals` says: its own note, its octave, all octaves. */
export type Propagation = 'not' | 'octave' | 'pitch';

const SIGNS: Readonly<Record<string, Alteration>> = { '^^': 2, '^': 1, '=': 0, _: -1, __: -2 };

const NOTE = /^(\^\^|\^|=|__|_)?([A-Ga-g])([,']*)/u;
const LENGTH = /^(\d{0,3})(\/*)(\d{0,3})/u;
const BAR = /^(?:\[\||\|\]|\|\||::|:\|+:?|\|+:|\|)(?:\[?[1-9][\d,.-]*)?|^\[[1-9][\d,.-]*/u;
/** What is passed over: slurs, dots, chord names, decorations, strokes of beams, breaks of lines. */
const PASSED = /^(?:\(|\)|[.~\sy\\`$*]|"[^"]*"|![^!]*!|\+[^+]*\+|[H-WhuvTPMSO](?=[\^_=A-Ga-gz"![(]))/u;
const REST = /^([zxZX])/u;
const BROKEN = /^(>{1,3}|<{1,3})/u;
const TUPLET = /^\((\d)(?::(\d?))?(?::(\d{0,2}))?/u;
const INLINE = /^\[([A-Za-z]):([^\]]*)\]/u;

/** In the time of how many so many notes of a tuplet stand; of others the meter decides. */
const TIME_OF: Readonly<Record<string, number>> = { 2: 3, 3: 2, 4: 3, 6: 2, 8: 3 };

type Tuplet = { readonly actual: number; readonly normal: number; left: number };

/** Reads the music of one voice. */
export class VoiceReader {
  readonly builder: PartBuilder;
  private unit: number;
  private signature: Fifths = fifths(0);
  private inBar = new Map<string, Alteration>();
  /** Pitches that are tied on to the next note, with the sign they have. */
  private tied = new Map<string, Alteration>();
  private tuplet: Tuplet | null = null;
  /** By how much the next note is longer or shorter, behind `>` and `<`. */
  private broken = 1;
  private tones = 0;

  constructor(
    name: string,
    private readonly own: { readonly unit: number; readonly propagation: Propagation },
    private readonly warnings: PieceWarning[],
  ) {
    this.builder = new PartBuilder(name);
    this.unit = own.unit;
  }

  key({ fifths: count, mode }: AbcKey): void {
    this.signature = count;
    this.inBar = new Map();
    this.builder.sign(count, mode);
  }

  /** A field on its own line or in brackets. */
  field(name: string, text: string): FileProblem | null {
    if (name === 'K') {
      const key = abcKey(text);
      if (!key) return { code: 'abc-unread', why: 'no-key', read: plainName(text, 40) };
      const clef = abcClef(text);
      if (clef) this.builder.clef(clef);
      if (!/^\s*(clef=|$)/u.test(text)) this.key(key);
    }
    if (name === 'M') {
      const meter = abcMeter(text);
      if (meter) this.builder.time(meter);
    }
    if (name === 'L') this.unit = abcUnit(text) ?? this.unit;
    return null;
  }

  music(line: string): FileProblem | null {
    let rest = line;
    while (rest !== '') {
      const taken = this.take(rest);
      if (typeof taken !== 'number') return taken;
      rest = rest.slice(taken);
    }
    return null;
  }

  /** Takes what stands first; gives how many characters it has. */
  private take(rest: string): number | FileProblem {
    const inline = INLINE.exec(rest);
    if (inline) return this.field(inline[1] ?? '', inline[2] ?? '') ?? inline[0].length;
    const tuplet = TUPLET.exec(rest);
    if (tuplet) return this.begin(tuplet);
    const bar = BAR.exec(rest);
    if (bar) return this.bar(bar[0]);
    if (rest.startsWith('{')) return this.graces(rest);
    if (rest.startsWith('[')) return this.chord(rest);
    const broken = BROKEN.exec(rest);
    if (broken) return this.breakRhythm(broken[0]);
    if (rest.startsWith('-')) return this.tie();
    if (rest.startsWith('&')) return this.passOver(rest);
    const restSign = REST.exec(rest);
    if (restSign) return this.rest(restSign[0], rest.slice(1));
    const note = NOTE.exec(rest);
    if (note) return this.note(note, rest);
    const passed = PASSED.exec(rest);
    if (passed) return passed[0].length;
    return { code: 'abc-unread', why: 'unread', read: plainName(rest, 40) };
  }

  private begin([all, p = '3', q, r]: RegExpExecArray): number {
    const actual = Number(p);
    const { beats, unit } = this.builder.current;
    const compound = unit === 8 && beats % 3 === 0;
    const normal = q ? Number(q) : (TIME_OF[p] ?? (compound ? 3 : 2));
    if (actual > 1) this.tuplet = { actual, normal, left: r ? Number(r) : actual };
    return all.length;
  }

  private bar(line: string): number {
    const repeats = line.includes(':');
    const end: BarEnd = repeats
      ? 'repeat'
      : line.startsWith('||')
        ? 'double'
        : line.startsWith('|]')
          ? 'final'
          : 'plain';
    // The dots of a repeat that begins belong to the bar behind the line.
    this.builder.bar(end === 'repeat' && /^\[?\|+:/u.test(line) ? 'plain' : end);
    this.inBar = new Map();
    return line.length;
  }

  private breakRhythm(marks: string): number {
    const less = 1 / 2 ** marks.length;
    const [before, after] = marks.startsWith('>') ? [2 - less, less] : [less, 2 - less];
    this.builder.change((event) => {
      const length = Math.round(event.length * before);
      return { ...event, length, written: writtenAs(length) ?? event.written };
    });
    this.broken = after;
    return marks.length;
  }

  private tie(): number {
    this.builder.change((event) => {
      this.hold(event.tones);
      return { ...event, tones: event.tones.map((tone) => ({ ...tone, tied: true })) };
    });
    return 1;
  }

  /** What is tied on keeps its sign in the next note of the same pitch. */
  private hold(tones: readonly PieceTone[]): void {
    for (const { pitch: each } of tones)
      this.tied.set(heightOf(each.note.letter, each.octave), each.note.alteration);
  }

  /** A second line in the same bar is passed over to the next bar line. */
  private passOver(rest: string): number {
    const end = rest.indexOf('|');
    const read = rest.slice(0, end < 0 ? undefined : end);
    this.warnings.push({ code: 'passed-over', read: plainName(read, 30), bar: this.builder.bars.length + 1 });
    return read.length;
  }

  private graces(rest: string): number | FileProblem {
    const found = /^\{\/?([^}]*)\}/u.exec(rest);
    if (!found) return { code: 'abc-unread', why: 'unread', read: plainName(rest, 40) };
    let inside = found[1] ?? '';
    while (inside !== '') {
      const note = NOTE.exec(inside);
      if (note) {
        const tone = this.tone(note);
        const written = { value: 'eighth', dots: 0, tuplet: null } as const;
        if (tone) this.builder.add({ length: 0, written, grace: true, tones: [tone] });
        inside = inside.slice(note[0].length);
        inside = inside.slice(LENGTH.exec(inside)?.[0].length ?? 0);
      } else inside = inside.slice(1);
    }
    return found[0].length;
  }

  private chord(rest: string): number | FileProblem {
    const end = rest.indexOf(']');
    let inside = end < 0 ? '' : rest.slice(1, end);
    const tones: PieceTone[] = [];
    let first: number | null = null;
    while (inside !== '') {
      const note = NOTE.exec(inside);
      if (note) {
        const tone = this.tone(note);
        inside = inside.slice(note[0].length);
        const length = LENGTH.exec(inside)?.[0] ?? '';
        first ??= factorOf(length);
        inside = inside.slice(length.length);
        if (tone) tones.push({ ...tone, tied: inside.startsWith('-') });
      } else if (/^[-\s.]/u.test(inside) || PASSED.test(inside))
        inside = inside.slice(PASSED.exec(inside)?.[0].length || 1);
      else break;
    }
    if (tones.length === 0 || inside !== '')
      return { code: 'abc-unread', why: 'unread', read: plainName(rest, 40) };
    const after = rest.slice(end + 1);
    const length = LENGTH.exec(after)?.[0] ?? '';
    const height = ({ pitch: each }: PieceTone) => 7 * each.octave + LETTERS.indexOf(each.note.letter);
    this.put(
      tones.toSorted((a, b) => height(a) - height(b)),
      (first ?? 1) * factorOf(length),
    );
    this.hold(tones.filter((tone) => tone.tied));
    return end + 1 + length.length;
  }

  private rest(sign: string, after: string): number {
    const length = LENGTH.exec(after)?.[0] ?? '';
    if (sign === 'Z' || sign === 'X') {
      // Whole bars, one or as many as the figure says.
      const { beats, unit } = this.builder.current;
      const bar = ticksOfMeter({ beats, unit });
      const count = Math.min(PIECE_LIMITS.bars, Number(/^\d+/u.exec(length)?.[0] ?? 1));
      for (let nth = 0; nth < count; nth += 1) {
        if (nth > 0) this.builder.bar('plain');
        this.builder.add({
          length: bar,
          written: { value: 'whole', dots: 0, tuplet: null },
          grace: false,
          tones: [],
        });
      }
      return 1 + length.length;
    }
    this.put([], factorOf(length));
    return 1 + length.length;
  }

  private note(found: RegExpExecArray, rest: string): number | FileProblem {
    const tone = this.tone(found);
    if (!tone) return { code: 'abc-unread', why: 'unread', read: plainName(rest, 40) };
    const length = LENGTH.exec(rest.slice(found[0].length))?.[0] ?? '';
    this.put([tone], factorOf(length));
    return found[0].length + length.length;
  }

  /** Puts what begins together, so many units long. */
  private put(tones: readonly PieceTone[], factor: number): void {
    this.tied = new Map();
    const plain = Math.round(this.unit * factor * this.broken);
    this.broken = 1;
    const { tuplet } = this;
    if (tuplet) {
      tuplet.left -= 1;
      if (tuplet.left <= 0) this.tuplet = null;
    }
    const length = tuplet ? Math.round((plain * tuplet.normal) / tuplet.actual) : plain;
    const single = writtenAs(plain);
    if (!single)
      this.warnings.push({ code: 'lengths', part: '', bar: this.builder.bars.length + 1, count: 1 });
    const written = {
      ...(single ?? { value: 'quarter', dots: 0, tuplet: null }),
      ...(tuplet ? { tuplet: [tuplet.actual, tuplet.normal] as const } : {}),
    };
    this.tones += tones.length;
    if (this.tones <= PIECE_LIMITS.tones) this.builder.add({ length, written, grace: false, tones });
  }

  /** A note with the sign it has by its own, by its bar, by a tie or by the signature. */
  private tone([, sign, name = '', marks = '']: RegExpExecArray): PieceTone | null {
    const letter = name.toUpperCase() as Letter;
    const octave =
      (name === letter ? 4 : 5) + [...marks].reduce((sum, mark) => sum + (mark === "'" ? 1 : -1), 0);
    const height = heightOf(letter, octave);
    const reach = this.own.propagation === 'octave' ? height : letter;
    const printed = sign === undefined ? null : (SIGNS[sign] ?? null);
    if (printed !== null && this.own.propagation !== 'not') this.inBar.set(reach, printed);
    const signed = alteredLetters(this.signature).get(letter)?.alteration ?? 0;
    const alteration = printed ?? this.tied.get(height) ?? this.inBar.get(reach) ?? signed;
    const note = spelledOrNull(letter, alteration);
    return note && octave >= 0 && octave <= 9 ? { pitch: pitch(note, octave), printed, tied: false } : null;
  }
}

const heightOf = (letter: Letter, octave: number) => `${letter}${octave}`;

/** A length behind a note: `3`, `/`, `//`, `3/2`, as a part of the unit. */
function factorOf(text: string): number {
  const [, over = '', strokes = '', under = ''] = LENGTH.exec(text) ?? [];
  const least = under ? Number(under) : 2 ** strokes.length;
  return (over ? Number(over) : 1) / (strokes && least ? least : 1);
}
