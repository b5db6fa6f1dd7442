import { isSameKey, type Key } from '@/core/harmony/key';
import { CONCERT, transposingInstrument } from '@/core/instrument/transposing';
import { fromSent } from '@/core/note/sent';
import { asciiName, type Fifths } from '@/core/note/spelled';
import { pieceCode, pieceFrom } from '@/core/piece/code';
import {
  atConcertPitch,
  forInstrument,
  intervalTo,
  type Moved,
  movedPiece,
  withinInstrument,
} from '@/core/piece/move';
import { barsOfPage } from '@/core/piece/page';
import { type Piece, signaturesOf } from '@/core/piece/piece';
import type { PieceWarning } from '@/core/piece/piece-warning';
import { type Reading, readingOf } from '@/core/piece/reading';
import type { ScopedTone } from '@/core/piece/scoped';
import type { FileProblem } from '@/core/words/say-file';
import type { SaidTone } from '@/core/words/say-piece';
import { engraveScorePage, type ScorePage } from '@/engrave/score/score-page';
import { type ScoreView, scoreView, stavesOf } from '@/engrave/score/score-view';
import { FILE_LIMIT, plainName, readableText } from '@/formats/file/decode';
import { FORMATS } from './formats';

/** Where a piece comes from: a file, or a code that was stored. */
export type PieceSource =
  | { readonly from: 'file'; readonly name: string; readonly bytes: Uint8Array }
  | { readonly from: 'code'; readonly code: string };

/** How it is looked at: in which key, and as who reads it; `written` is as its source has it. */
export type PieceShape = {
  readonly key: Key | null;
  readonly instrument: string;
};

export type PieceQuestion =
  | { readonly ask: 'open'; readonly source: PieceSource; readonly shape: PieceShape }
  | { readonly ask: 'shape'; readonly shape: PieceShape }
  | { readonly ask: 'page'; readonly part: number | null; readonly page: number; readonly width: number }
  | { readonly ask: 'tone'; readonly part: number; readonly tone: number }
  /** Its code: as it came, or as it is shown. */
  | { readonly ask: 'code'; readonly of: 'came' | 'shown' };

/** What a piece comes to, without its notes: those stay in the worker. */
export type OpenedPiece = {
  readonly ok: true;
  readonly title: string;
  /** Whether it came as a file, and can be kept. */
  readonly fromFile: boolean;
  readonly parts: readonly { readonly name: string; readonly staves: number; readonly transposes: boolean }[];
  /** The printed number of each bar. */
  readonly numbers: readonly number[];
  readonly warnings: readonly PieceWarning[];
  /** Notes that had to be written as those that sound alike, in the key it was moved to. */
  readonly respelled: number;
  /** Octaves by which it is written higher than it would sound, so that an instrument can play it. */
  readonly octaves: number;
  /** The key it is in as it came, from which it is moved; null where nothing sounds. */
  readonly home: Key | null;
  readonly first: string;
  readonly last: string;
  readonly reading: Omit<Reading, 'parts'> & {
    readonly parts: readonly Omit<Reading['parts'][number], 'tones'>[];
  };
};

export type PieceRefused = { readonly ok: false; readonly problem: FileProblem };

/** A tone with what is said of it, and how far its own sign reaches: to which tones of its bar, and over which ties. */
export type ToneAnswer = Omit<SaidTone, 'number'> & {
  readonly reaches: readonly number[];
};

export type PieceAnswer = OpenedPiece | PieceRefused | ScorePage | ToneAnswer | { readonly code: string };

/** What the worker has in hand. */
type Open = {
  readonly piece: Piece;
  readonly read: Reading;
  readonly home: Key | null;
  readonly warnings: readonly PieceWarning[];
  readonly fromFile: boolean;
};

/** A piece in hand, and what is asked of it. */
export class PieceDesk {
  private open: Open | null = null;
  private shown: Piece | null = null;
  private view: ScoreView | null = null;

  async answer(question: PieceQuestion): Promise<PieceAnswer> {
    switch (question.ask) {
      case 'open': {
        const opened = await openSource(question.source);
        if (!opened.ok) return opened;
        const read = readingOf(opened.piece);
        this.open = { ...opened, read, home: read.keys[0]?.key ?? null };
        return this.shape(question.shape);
      }
      case 'shape':
        return this.shape(question.shape);
      case 'page':
        return this.page(question.part, question.page, question.width);
      case 'tone':
        return this.tone(question.part, question.tone);
      case 'code': {
        const piece = question.of === 'came' ? this.open?.piece : this.shown;
        return { code: piece ? pieceCode(piece) : '' };
      }
    }
  }

  private shape({ key, instrument }: PieceShape): PieceAnswer {
    const { open } = this;
    if (!open) throw new RangeError('no piece is open');
    const moved = shaped(open, key ? fromSent(key) : null, instrument);
    const { piece } = moved;
    this.shown = piece;
    this.view = scoreView(piece);
    const reading = piece === open.piece ? open.read : readingOf(piece);
    const melody = reading.parts[0]?.tones ?? [];
    const name = (tone: ScopedTone | undefined) => (tone ? asciiName(tone.pitch.note) : '');
    return {
      ok: true,
      title: piece.title,
      fromFile: open.fromFile,
      parts: piece.parts.map(({ name: own, staves, transposition }) => ({
        ...{ name: own, staves },
        transposes: transposition.semitones % 12 !== 0,
      })),
      numbers: piece.parts[0]?.bars.map(({ number }) => number) ?? [],
      warnings: open.warnings,
      respelled: moved.respelled,
      octaves: moved.octaves,
      home: open.home,
      ...{ first: name(melody[0]), last: name(melody.at(-1)) },
      reading: {
        ...reading,
        parts: reading.parts.map(({ altered, signatures }) => ({ altered, signatures })),
      },
    };
  }

  private page(part: number | null, page: number, width: number): ScorePage {
    const { view, shown } = this;
    if (!view || !shown) throw new RangeError('no piece is open');
    const staves = stavesOf(shown, part);
    const bars = barsOfPage(staves.length);
    const all = shown.parts[0]?.bars.length ?? 0;
    return engraveScorePage(view, staves, page * bars, Math.min(all, (page + 1) * bars), width);
  }

  private tone(part: number, nth: number): ToneAnswer {
    const own = this.view?.parts[part];
    const tone = own?.all[nth];
    const written = this.shown?.parts[part];
    if (!own || !tone || !written) throw new RangeError('no such tone');
    const at = (other: number | undefined) => (other === undefined ? null : (own.all[other] ?? null));
    const { reason } = tone;
    return {
      tone,
      count: signaturesOf(written)[tone.bar] ?? (0 as Fifths),
      from: reason.by === 'accidental' || reason.by === 'tie' ? at(reason.tone) : null,
      unreached: at(tone.unreached?.tone),
      reaches: reachOf(own.all, tone),
    };
  }
}

/** The tones that the sign at a tone decides: later ones of its line in the bar, and those tied to any of them. */
function reachOf(all: readonly ScopedTone[], { tone, sign }: ScopedTone): readonly number[] {
  if (!sign) return [];
  const reached = new Set([tone]);
  for (const each of all.slice(tone + 1)) {
    const { reason } = each;
    if ((reason.by === 'accidental' || reason.by === 'tie') && reached.has(reason.tone))
      reached.add(each.tone);
  }
  reached.delete(tone);
  return [...reached];
}

type Opened = PieceRefused | (Omit<Open, 'home' | 'read'> & { readonly ok: true });

async function openSource(source: PieceSource): Promise<Opened> {
  if (source.from === 'code') {
    const piece = pieceFrom(source.code);
    return piece
      ? { ok: true, piece, warnings: [], fromFile: false }
      : { ok: false, problem: { code: 'piece-broken' } };
  }
  const { name, bytes } = source;
  if (bytes.length === 0) return { ok: false, problem: { code: 'file-empty' } };
  if (bytes.length > FILE_LIMIT)
    return { ok: false, problem: { code: 'file-too-large', bytes: bytes.length, limit: FILE_LIMIT } };
  const decoded = readableText(bytes);
  const text = decoded.ok ? decoded.text : null;
  const format = FORMATS.find(({ sniff }) => sniff({ bytes, text }));
  if (!format?.piece) {
    const kinds = FORMATS.filter(({ piece }) => piece).map(
      ({ name: own, endings }) => `${own} (${endings.join(', ')})`,
    );
    return { ok: false, problem: { code: 'file-kind', name: plainName(name), kinds } };
  }
  const { read } = await format.piece();
  const reading = read({ bytes, text });
  if (!reading.ok) return reading;
  const title = reading.piece.title || plainName(name.replace(/\.[^.]{1,10}$/u, ''));
  const piece = { ...reading.piece, title };
  const empty = piece.parts.every(({ bars }) =>
    bars.every(({ events }) => events.every(({ tones }) => tones.length === 0)),
  );
  if (empty) return { ok: false, problem: { code: 'piece-empty' } };
  return { ok: true, piece, warnings: reading.warnings, fromFile: true };
}

/** As the source has it. */
const AS_WRITTEN = 'written';

type Shaped = Moved & { readonly octaves: number };

function shaped({ piece, home }: Open, key: Key | null, instrument: string): Shaped {
  const moved =
    key && home && !isSameKey(key, home) ? movedPiece(piece, intervalTo(home, key)) : { piece, respelled: 0 };
  if (instrument === AS_WRITTEN) return { ...moved, octaves: 0 };
  const transposing = transposingInstrument(instrument);
  if (!transposing || instrument === CONCERT) {
    const found = atConcertPitch(moved.piece);
    return { piece: found.piece, respelled: moved.respelled + found.respelled, octaves: 0 };
  }
  const { letters, semitones } = transposing;
  const found = forInstrument(moved.piece, { letters, semitones });
  const parts = found.piece.parts.map((part) => withinInstrument(part, transposing));
  return {
    piece: { ...found.piece, parts: parts.map(({ part }) => part) },
    respelled: moved.respelled + found.respelled,
    octaves: parts[0]?.octaves ?? 0,
  };
}
