import { XMLParser } from 'fast-xml-parser';
import { LETTERS } from '@/core/note/letter';
import { type Pitch, pitch } from '@/core/note/pitch';
import { spelledOrNull } from '@/core/note/spelled';
import type { FileProblem } from '@/core/words/say-file';
import { plainName } from '../file/decode';
import { guardXml } from '../xml/guard';

/** An element as the parser orders them: one name with its children, and attributes beside it. */
export type Node = Readonly<Record<string, unknown>>;

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
export function children(node: Node, name: string): readonly Node[] {
  const found = Object.hasOwn(node, name) ? node[name] : null;
  return Array.isArray(found) ? found.filter(isNode) : [];
}

/** The elements of a name among others. */
export function named(nodes: readonly Node[], name: string): readonly Node[] {
  return nodes.filter((node) => Object.hasOwn(node, name));
}

/** Elements by their names, gone through once: for elements that are asked for many of theirs, as notes are. */
export function byName(nodes: readonly Node[]): ReadonlyMap<string, readonly Node[]> {
  const found = new Map<string, Node[]>();
  for (const node of nodes)
    for (const name in node) {
      if (name === ':@') continue;
      const own = found.get(name);
      if (own) own.push(node);
      else found.set(name, [node]);
    }
  return found;
}

/** The text of the first element of a name; null where there is none. */
export function textOf(nodes: readonly Node[], name: string): string | null {
  const first = nodes.find((node) => Object.hasOwn(node, name));
  const text = first && children(first, name).find((node) => Object.hasOwn(node, '#text'))?.['#text'];
  return typeof text === 'string' ? unescaped(text) : null;
}

/** The five entities of XML itself; others are declared by files that are refused. */
function unescaped(text: string): string {
  if (!text.includes('&')) return text;
  const entities: Readonly<Record<string, string>> = { lt: '<', gt: '>', quot: '"', apos: "'", amp: '&' };
  return text.replace(/&(lt|gt|quot|apos|amp);/gu, (_, name: string) => entities[name] ?? '');
}

/** An attribute of an element; null where it has none of the name. */
export function attribute(node: Node, name: string): string | null {
  const attributes = node[':@'];
  const value = isNode(attributes) && Object.hasOwn(attributes, name) ? attributes[name] : null;
  return typeof value === 'string' ? value : null;
}

/** A whole number within limits, or null. */
export function whole(text: string | null, least: number, most: number): number | null {
  if (text === null || !/^[+-]?\d{1,5}$/u.test(text.trim())) return null;
  const value = Number(text);
  return value >= least && value <= most ? value : null;
}

export type ParsedScore =
  | { readonly ok: true; readonly score: readonly Node[] }
  | { readonly ok: false; readonly problem: FileProblem };

/** The elements of a partwise score, or why a text is none. */
export function parsedScore(text: string): ParsedScore {
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
  return root
    ? { ok: true, score: children(root, 'score-partwise') }
    : { ok: false, problem: rootProblem(document) };
}

/** The title of a score: of the work, or of its movement. */
export function titleOf(score: readonly Node[]): string {
  const work = named(score, 'work').flatMap((node) => children(node, 'work'));
  return plainName(textOf(work, 'work-title') ?? textOf(score, 'movement-title') ?? '');
}

function rootProblem(document: readonly Node[]): FileProblem {
  const root = document
    .flatMap((node) => Object.keys(node))
    .find((name) => name !== ':@' && name !== '#text' && !name.startsWith('?') && !name.startsWith('!'));
  if (root === 'score-timewise') return { code: 'xml-timewise' };
  return { code: 'xml-other', root: plainName(root ?? '', 40) };
}

/** How long something lasts, in divisions; 0 where it does not say. */
export function durationOf(nodes: readonly Node[]): number {
  const length = Number(textOf(nodes, 'duration') ?? '0');
  return Number.isFinite(length) && length > 0 && length < 1e6 ? length : 0;
}

/** The pitch of a note; null where it cannot be used. */
export function pitchOf(nodes: readonly Node[]): Pitch | null {
  const letter = LETTERS.find((each) => each === textOf(nodes, 'step'));
  const octave = whole(textOf(nodes, 'octave'), 0, 9);
  // A sign may be written as a decimal: `1.0`.
  const sign = textOf(nodes, 'alter')?.replace(/\.0+$/u, '') ?? null;
  const alter = named(nodes, 'alter').length === 0 ? 0 : whole(sign, -2, 2);
  if (!letter || octave === null || alter === null) return null;
  const note = spelledOrNull(letter, alter);
  return note && pitch(note, octave);
}
