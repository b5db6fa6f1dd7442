import { evenedParts } from '@/core/piece/part-builder';
import { PIECE_QUARTER, type Piece, type PieceClef, type PieceMeter } from '@/core/piece/piece';
import type { PieceWarning } from '@/core/piece/piece-warning';
import type { FileProblem } from '@/core/words/say-file';
import { plainName } from '../file/decode';
import type { PieceReading } from '../format';
import { type AbcKey, abcClef, abcKey } from './key';
import { abcMeter, abcUnit } from './meter';
import { type Propagation, VoiceReader } from './voice';

const refused = (problem: FileProblem): PieceReading => ({ ok: false, problem });

/** What holds for every voice until one says otherwise. */
type Head = {
  readonly key: AbcKey;
  readonly clef: PieceClef;
  readonly meter: PieceMeter | null;
  readonly unit: number;
  readonly propagation: Propagation;
};

/** Fields of the head of a tune that are read; of others the line is passed over. */
const FIELD = /^([A-Za-z]):(.*)$/u;

/**
 * Reads the first tune of an ABC text as a piece: voices, chords, tuplets, grace notes, ties, broken rhythms, and changes of
 * key, meter and unit. https://abcnotation.com/wiki/abc:standard:v2.1
 */
export function readAbcPiece(text: string): PieceReading {
  const lines = text.split(/\r?\n/u);
  const from = Math.max(
    0,
    lines.findIndex((line) => /^X:/u.test(line)),
  );
  const end = lines.findIndex((line, at) => at > from && /^X:/u.test(line));
  const own = lines.slice(from, end < 0 ? undefined : end);
  const begins = own.findIndex((line) => /^K:/u.test(line));
  const keyText = begins < 0 ? '' : (own[begins] ?? '').slice(2).replace(/%.*$/u, '');
  const key = begins < 0 ? null : abcKey(keyText);
  if (!key) return refused({ code: 'abc-unread', why: 'no-key', read: plainName(keyText, 40) });
  const head = own.slice(0, begins);
  const field = (name: string) =>
    head
      .find((line) => line.startsWith(`${name}:`))
      ?.slice(2)
      .replace(/(?<!\\)%.*$/u, '')
      .trim() ?? null;
  const meterText = field('M');
  const meter = meterText === null ? { beats: 4, unit: 4 } : abcMeter(meterText);
  const usual = meter && meter.beats / meter.unit < 0.75 ? PIECE_QUARTER / 4 : PIECE_QUARTER / 2;
  const spread = own.flatMap(
    (line) => /^%%propagate-accidentals\s+(not|octave|pitch)/u.exec(line)?.[1] ?? [],
  );
  const reader = new TuneReader({
    ...{ key, meter, clef: abcClef(keyText) ?? { clef: 'treble', octave: 0 } },
    unit: abcUnit(field('L') ?? '') ?? usual,
    propagation: (spread[0] as Propagation | undefined) ?? 'pitch',
  });
  for (const line of head) if (line.startsWith('V:')) reader.voiceField(line.slice(2));
  for (const line of own.slice(begins + 1)) {
    const problem = reader.line(line);
    if (problem) return refused(problem);
  }
  return reader.end(plainName(field('T') ?? ''));
}

/** Reads the lines of a tune, each in the voice it belongs to. */
class TuneReader {
  private readonly voices = new Map<string, VoiceReader>();
  private readonly fields = new Map<string, string>();
  private readonly warnings: PieceWarning[] = [];
  private now = '1';

  constructor(private readonly head: Head) {}

  /** What a `V:` field says of a voice; it is the one that follows. */
  voiceField(text: string): void {
    const id = /^\s*(\S+)/u.exec(text)?.[1] ?? '1';
    if (!this.fields.has(id)) this.fields.set(id, text);
    this.now = id;
  }

  private voice(): VoiceReader {
    const known = this.voices.get(this.now);
    if (known) return known;
    const text = this.fields.get(this.now) ?? '';
    const name = /\b(?:name|nm)\s*=\s*"([^"]{1,40})"/u.exec(text)?.[1] ?? '';
    const { key, meter, unit, propagation, clef } = this.head;
    const made = new VoiceReader(
      plainName(name, 40) || (this.fields.size > 1 ? `Voice ${this.now.slice(0, 12)}` : ''),
      { unit, propagation },
      this.warnings,
    );
    made.builder.clef(abcClef(text) ?? clef);
    made.key(key);
    if (meter) made.builder.time(meter);
    this.voices.set(this.now, made);
    return made;
  }

  line(raw: string): FileProblem | null {
    const line = raw.replace(/(?<!\\)%.*$/u, '').trim();
    if (line === '') return null;
    const field = FIELD.exec(line);
    if (field && field[1] !== 'w') return this.field(field[1] ?? '', field[2] ?? '');
    if (field) return null;
    return this.music(line);
  }

  private field(name: string, text: string): FileProblem | null {
    if (name === 'V') {
      this.voiceField(text);
      // Music may follow the name of its voice on the same line only in brackets, so nothing more is read here.
      return null;
    }
    return this.voice().field(name, text);
  }

  /** A line of music; `[V:2]` in it goes over to another voice. */
  private music(line: string): FileProblem | null {
    for (const piece of line.split(/(\[V:[^\]]{0,80}\])/u)) {
      const other = /^\[V:([^\]]*)\]$/u.exec(piece);
      if (other) this.voiceField(other[1] ?? '');
      else if (piece.trim() !== '') {
        const problem = this.voice().music(piece);
        if (problem) return problem;
      }
    }
    return null;
  }

  end(title: string): PieceReading {
    const parts = [...this.voices.values()]
      .map((voice) => voice.builder.part())
      .filter(({ bars }) => bars.length > 0);
    const piece: Piece = { title, parts: evenedParts(parts) };
    return { ok: true, piece, warnings: this.warnings };
  }
}
