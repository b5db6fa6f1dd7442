import { XMLParser } from 'fast-xml-parser';
import { CLEFS, type Clef } from '@/core/instrument/staff';
import { LETTERS } from '@/core/note/letter';
import { pitch } from '@/core/note/pitch';
import { type Alteration, spelledOrNull } from '@/core/note/spelled';
import { ACCIDENTAL_NAMES, CLEF_SIGNS, type Score } from './score';

/** Why a document is no score that this reader knows. `where` names the element. */
export type MusicXmlProblem = { readonly code: 'musicxml-unreadable'; readonly where: string };

export type MusicXmlReading =
  | { readonly ok: true; readonly score: Score }
  | { readonly ok: false; readonly problem: MusicXmlProblem };

class Unreadable extends Error {
  constructor(readonly where: string) {
    super(where);
  }
}

const parser = new XMLParser({
  ignoreAttributes: true,
  parseTagValue: false,
  processEntities: true,
  isArray: (name) => name === 'note' || name === 'measure' || name === 'part',
});

type Element = Readonly<Record<string, unknown>>;

function element(parent: Element, name: string): Element {
  const found = Array.isArray(parent[name]) ? parent[name][0] : parent[name];
  if (typeof found !== 'object' || found === null) throw new Unreadable(name);
  return found as Element;
}

function text(parent: Element, name: string): string | null {
  const found = parent[name];
  return typeof found === 'string' ? found : null;
}

/** The scores this application writes, read back: one part, one measure, one staff of pitched notes. */
export function readMusicXml(document: string): MusicXmlReading {
  try {
    const score = element(parser.parse(document) as Element, 'score-partwise');
    const measure = element(element(score, 'part'), 'measure');
    const attributes = element(measure, 'attributes');
    const key = element(attributes, 'key');
    const mode = text(key, 'mode');
    const notes = measure['note'];
    return {
      ok: true,
      score: {
        title: text(element(score, 'work'), 'work-title') ?? '',
        clef: clefOf(element(attributes, 'clef')),
        fifths: numberIn(key, 'fifths', -7, 7),
        mode: mode === 'major' || mode === 'minor' ? mode : null,
        notes: (Array.isArray(notes) ? notes : []).map((note) => noteOf(note as Element)),
      },
    };
  } catch (error) {
    if (error instanceof Unreadable)
      return { ok: false, problem: { code: 'musicxml-unreadable', where: error.where } };
    throw error;
  }
}

function numberIn(parent: Element, name: string, least: number, most: number): number {
  const read = text(parent, name);
  if (read === null || !/^[+-]?\d+$/u.test(read)) throw new Unreadable(name);
  const value = Number(read);
  if (value < least || value > most) throw new Unreadable(name);
  return value;
}

function clefOf(clef: Element): Clef {
  const found = CLEFS.find(
    (name) =>
      CLEF_SIGNS[name].sign === text(clef, 'sign') && String(CLEF_SIGNS[name].line) === text(clef, 'line'),
  );
  if (!found) throw new Unreadable('clef');
  return found;
}

function noteOf(note: Element): Score['notes'][number] {
  const written = element(note, 'pitch');
  const letter = LETTERS.find((name) => name === text(written, 'step'));
  if (!letter) throw new Unreadable('step');
  const alter = 'alter' in written ? numberIn(written, 'alter', -2, 2) : 0;
  const named = text(note, 'accidental');
  const printed =
    ([-2, -1, 0, 1, 2] as const).find((sign: Alteration) => ACCIDENTAL_NAMES[sign] === named) ?? null;
  const spelling = spelledOrNull(letter, alter);
  if (!spelling) throw new Unreadable('alter');
  return { pitch: pitch(spelling, numberIn(written, 'octave', 0, 9)), printed };
}
