import { slursOf } from '@/core/play/articulation';
import type { Part } from '@/core/play/part';
import { type Beat, noteValue, QUARTER } from '@/core/play/rhythm';
import { PATTERNS } from '@/core/scale/pattern';
import { signatureOf } from '@/core/scale/signature';
import { escapeXml } from '../xml/escape';
import { ACCIDENTAL_NAMES } from './score';
import { attributesOf, musicXml } from './write';

const NO_EXTRAS = { notations: '', lyric: '' };

const TRIPLET = `
        <time-modification>
          <actual-notes>3</actual-notes>
          <normal-notes>2</normal-notes>
        </time-modification>`;

/** What stands at a note besides its pitch and length, as XML, by its place. */
type Extras = ReadonlyMap<number, { readonly notations: string; readonly lyric: string }>;

/**
 * A part as MusicXML with its bars, as it is written, with the interval at which it sounds.
 *
 * @param sung what is sung on each note; empty where nothing is
 */
export function writeMusicXmlPart(
  part: Part,
  title: string,
  tempo: number,
  sung: readonly string[] = [],
): string {
  const extras = extrasOf(part, sung);
  const upbeat = (part.bars[0]?.[0]?.start ?? 0) > 0;
  const measures = part.bars.map((beats, at) => {
    const head = at === 0 ? `\n${headOf(part, tempo)}` : '';
    const number = upbeat
      ? at === 0
        ? 'number="0" implicit="yes"'
        : `number="${at}"`
      : `number="${at + 1}"`;
    return `    <measure ${number}>${head}
${beats.map((beat) => noteOf(part, beat, extras)).join('\n')}
    </measure>`;
  });
  return musicXml({ title, code: null, part: 'Pattern', measures: measures.join('\n') });
}

function headOf({ atClef, clef, written, transposition, meter }: Part, tempo: number): string {
  const mode = written.id === null ? null : PATTERNS[written.id].mode;
  // A signature is that of a mode only where it is the mode's own.
  const own = mode !== null && atClef !== null && signatureOf(written.tonic, mode) === atClef;
  const { letters, semitones } = transposition;
  const transpose =
    semitones === 0
      ? ''
      : `
        <transpose>
          <diatonic>${-letters}</diatonic>
          <chromatic>${-semitones}</chromatic>
        </transpose>`;
  const attributes = attributesOf({
    ...{ divisions: QUARTER, fifths: atClef ?? 0, mode: own ? mode : null },
    ...{ clef, time: { beats: meter, unit: 4 }, more: transpose },
  });
  return `${attributes}
      <direction placement="above">
        <direction-type>
          <metronome>
            <beat-unit>quarter</beat-unit>
            <per-minute>${tempo}</per-minute>
          </metronome>
        </direction-type>
        <sound tempo="${tempo}"/>
      </direction>`;
}

/** Dots, slurs and syllables. */
function extrasOf({ notes }: Part, sung: readonly string[]): Extras {
  const slurs = slursOf(notes.map(({ stroke }) => stroke));
  return new Map(
    notes.map(({ stroke }, at) => {
      const slur = slurs.flatMap(([first, last]) => [
        ...(first === at ? ['<slur number="1" type="start"/>'] : []),
        ...(last === at ? ['<slur number="1" type="stop"/>'] : []),
      ]);
      const dot = stroke === 'short' ? ['<articulations><staccato/></articulations>'] : [];
      const marks = [...slur, ...dot];
      const notations = marks.length > 0 ? `\n        <notations>${marks.join('')}</notations>` : '';
      return [at, { notations, lyric: lyricOf(sung, at) }];
    }),
  );
}

/** A syllable and whether it begins, goes on or ends a word. */
function lyricOf(sung: readonly string[], at: number): string {
  const text = sung[at];
  if (!text) return '';
  const [joins, goesOn] = [sung[at - 1]?.endsWith('-'), text.endsWith('-')];
  const syllabic = goesOn ? (joins ? 'middle' : 'begin') : joins ? 'end' : 'single';
  return `
        <lyric number="1">
          <syllabic>${syllabic}</syllabic>
          <text>${escapeXml(text.replace(/-$/u, ''))}</text>
        </lyric>`;
}

function noteOf(part: Part, beat: Beat, extras: Extras): string {
  const { value, dots, triplet } = noteValue(beat);
  const placed = beat.note === null ? undefined : part.notes[beat.note];
  const tail = `${'\n        <dot/>'.repeat(dots)}${signOf(placed?.sign ?? null)}${triplet ? TRIPLET : ''}`;
  const { notations, lyric } = (beat.note === null ? undefined : extras.get(beat.note)) ?? NO_EXTRAS;
  return `      <note>
${placed ? pitchOf(placed.pitch) : '        <rest/>'}
        <duration>${beat.length}</duration>
        <voice>1</voice>
        <type>${value}</type>${tail}${notations}${lyric}
      </note>`;
}

function pitchOf({ note, octave }: Part['notes'][number]['pitch']): string {
  const alter = note.alteration === 0 ? '' : `\n          <alter>${note.alteration}</alter>`;
  return `        <pitch>
          <step>${note.letter}</step>${alter}
          <octave>${octave}</octave>
        </pitch>`;
}

function signOf(sign: Part['notes'][number]['sign']): string {
  if (!sign) return '';
  const brackets = sign.courtesy ? ' parentheses="yes"' : '';
  return `\n        <accidental${brackets}>${ACCIDENTAL_NAMES[sign.sign]}</accidental>`;
}
