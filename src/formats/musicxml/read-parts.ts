import { XMLParser } from 'fast-xml-parser';
import { CLEFS, type Clef } from '@/core/instrument/staff';
import { LETTERS } from '@/core/note/letter';
import { type Pitch, pitch } from '@/core/note/pitch';
import { ALTERATIONS, type Alteration, spelledOrNull } from '@/core/note/spelled';
import type { FileProblem } from '@/core/words/say-file';
import { plainName } from '../file/decode';
import { guardXml } from '../xml/guard';
import { ACCIDENTAL_NAMES, CLEF_SIGNS } from './score';

/** One voice of a part: its notes in order, ties joined, of a chord the first. */
export type ScoreLine = {
  readonly part: string;
  readonly notes: readonly {
    readonly pitch: Pitch;
    readonly measure: string;
    readonly clef: Clef | null;
    /** Fifths of the signature that stands there; null where none was written yet. */
    readonly fifths: number | null;
    /** The sign printed at the note, or null. */
    readonly printed: Alteration | null;
  }[];
  /** Notes that could not be used, and the measure of the first. */
  readonly passedOver: { readonly count: number; readonly measure: string } | null;
};

export type ScoreReading =
  | { readonly ok: true; readonly title: string; readonly lines: readonly ScoreLine[] }
  | { readonly ok: false; readonly problem: FileProblem };

type Node = Readonly<Record<string, unknown>>;

/** Keeps the order of elements in a measure, since a clef counts from where it stands. */
const parser = new XMLParser({
  preserveOrder: true,
  ignoreAttributes: false,
  attributeNamePrefix: '',
  parseTagValue: false,
  parseAttributeValue: false,
  processEntities: false,
  trimValues: true,
});

function isNode(value: unknown): value is Node {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** The children of an element as the parser orders them: each a node with one name. */
function children(node: Node, name: string): readonly Node[] {
  const found = node[name];
  return Array.isArray(found) ? found.filter(isNode) : [];
}

function named(nodes: readonly Node[], name: string): readonly Node[] {
  return nodes.filter((node) => Object.hasOwn(node, name));
}

function textOf(nodes: readonly Node[], name: string): string | null {
  const [first] = named(nodes, name);
  const text = first && children(first, name).find((node) => Object.hasOwn(node, '#text'))?.['#text'];
  return typeof text === 'string' ? unescaped(text) : null;
}

/** The five entities of XML itself; others are declared by files that are refused. */
function unescaped(text: string): string {
  const entities: Readonly<Record<string, string>> = { lt: '<', gt: '>', quot: '"', apos: "'", amp: '&' };
  return text.replace(/&(lt|gt|quot|apos|amp);/gu, (_, name: string) => entities[name] ?? '');
}

function attribute(node: Node, name: string): string | null {
  const attributes = node[':@'];
  const value = isNode(attributes) ? attributes[name] : null;
  return typeof value === 'string' ? value : null;
}

function whole(text: string | null, least: number, most: number): number | null {
  if (text === null || !/^[+-]?\d{1,3}$/u.test(text.trim())) return null;
  const value = Number(text);
  return value >= least && value <= most ? value : null;
}

/**
 * Reads a partwise score of any program: part names, clefs, signatures, pitched notes in every voice. What it does
 * not need it passes over. https://www.w3.org/2021/06/musicxml40/
 */
export function readScore(text: string): ScoreReading {
  const guarded = guardXml(text);
  if (guarded) return { ok: false, problem: guarded };
  let document: readonly Node[];
  try {
    const parsed: unknown = parser.parse(text);
    document = Array.isArray(parsed) ? parsed.filter(isNode) : [];
  } catch (error) {
    const where = plainName(error instanceof Error ? error.message : String(error), 120);
    return { ok: false, problem: { code: 'xml-broken', where } };
  }
  const [root] = named(document, 'score-partwise');
  if (!root) return { ok: false, problem: rootProblem(document) };
  const score = children(root, 'score-partwise');
  const work = named(score, 'work').flatMap((node) => children(node, 'work'));
  const title = textOf(work, 'work-title') ?? textOf(score, 'movement-title') ?? '';
  const names = partNames(score);
  const lines = named(score, 'part').flatMap((part, index) => {
    const id = attribute(part, 'id') ?? '';
    return linesOf(children(part, 'part'), names.get(id) ?? `Part ${index + 1}`);
  });
  return { ok: true, title: plainName(title), lines };
}

function rootProblem(document: readonly Node[]): FileProblem {
  const root = document
    .flatMap((node) => Object.keys(node))
    .find((name) => name !== ':@' && name !== '#text' && !name.startsWith('?') && !name.startsWith('!'));
  if (root === 'score-timewise') return { code: 'xml-timewise' };
  return { code: 'xml-other', root: plainName(root ?? '', 40) };
}

function partNames(score: readonly Node[]): ReadonlyMap<string, string> {
  const list = named(score, 'part-list').flatMap((node) => children(node, 'part-list'));
  return new Map(
    named(list, 'score-part').flatMap((part): (readonly [string, string])[] => {
      const name = plainName(textOf(children(part, 'score-part'), 'part-name') ?? '', 40);
      const id = attribute(part, 'id');
      return id && name ? [[id, name]] : [];
    }),
  );
}

/** Where a part has got to: clef of each staff, signature, and its voices. */
type Reading = {
  readonly clefs: Map<string, Clef | null>;
  readonly fifths: { now: number | null };
  readonly voices: Map<string, ScoreLine['notes'][number][]>;
  readonly passedOver: { count: number; measure: string };
};

function linesOf(part: readonly Node[], name: string): readonly ScoreLine[] {
  const reading: Reading = {
    clefs: new Map(),
    fifths: { now: null },
    voices: new Map(),
    passedOver: { count: 0, measure: '' },
  };
  for (const [index, measure] of named(part, 'measure').entries()) {
    const number = plainName(attribute(measure, 'number') ?? String(index + 1), 12);
    for (const node of children(measure, 'measure')) {
      if (Object.hasOwn(node, 'attributes')) readAttributes(children(node, 'attributes'), reading);
      if (Object.hasOwn(node, 'note')) readNote(children(node, 'note'), number, reading);
    }
  }
  const passedOver = reading.passedOver.count > 0 ? reading.passedOver : null;
  const voices = [...reading.voices.values()];
  if (voices.length === 0) return [{ part: name, notes: [], passedOver }];
  return voices.map((notes, index) => ({ part: name, notes, passedOver: index === 0 ? passedOver : null }));
}

function readAttributes(nodes: readonly Node[], { clefs, fifths }: Reading): void {
  for (const key of named(nodes, 'key')) {
    fifths.now = whole(textOf(children(key, 'key'), 'fifths'), -7, 7) ?? fifths.now;
  }
  for (const clef of named(nodes, 'clef')) {
    const inside = children(clef, 'clef');
    const [sign, line] = [textOf(inside, 'sign'), textOf(inside, 'line')];
    const plain = textOf(inside, 'clef-octave-change') ?? '0';
    const found = CLEFS.find(
      (each) => CLEF_SIGNS[each].sign === sign && String(CLEF_SIGNS[each].line) === (line ?? usualLine(sign)),
    );
    clefs.set(attribute(clef, 'number') ?? '1', plain === '0' ? (found ?? null) : null);
  }
}

/** A clef without its line stands on its usual one. */
function usualLine(sign: string | null): string {
  return sign === 'G' ? '2' : sign === 'F' ? '4' : '3';
}

function readNote(nodes: readonly Node[], measure: string, reading: Reading): void {
  const skipped = ['rest', 'grace', 'chord', 'cue', 'unpitched'].some(
    (name) => named(nodes, name).length > 0,
  );
  const tiedOn = named(nodes, 'tie').some((tie) => attribute(tie, 'type') === 'stop');
  if (skipped || tiedOn) return;
  const found = pitchOf(named(nodes, 'pitch').flatMap((node) => children(node, 'pitch')));
  if (!found) {
    reading.passedOver.count += 1;
    reading.passedOver.measure ||= measure;
    return;
  }
  const staff = textOf(nodes, 'staff') ?? '1';
  const voice = `${staff} ${textOf(nodes, 'voice') ?? '1'}`;
  const notes = reading.voices.get(voice) ?? [];
  const clef = reading.clefs.get(staff) ?? null;
  const accidental = textOf(nodes, 'accidental');
  const printed = ALTERATIONS.find((sign) => ACCIDENTAL_NAMES[sign] === accidental) ?? null;
  notes.push({ pitch: found, measure, clef, fifths: reading.fifths.now, printed });
  reading.voices.set(voice, notes);
}

function pitchOf(nodes: readonly Node[]): Pitch | null {
  const letter = LETTERS.find((each) => each === textOf(nodes, 'step'));
  const octave = whole(textOf(nodes, 'octave'), 0, 9);
  const alter = named(nodes, 'alter').length === 0 ? 0 : whole(textOf(nodes, 'alter'), -2, 2);
  if (!letter || octave === null || alter === null) return null;
  const note = spelledOrNull(letter, alter);
  return note && pitch(note, octave);
}
