import type { Part } from '@/core/play/part';
import { BAR, type Beat, noteValue, QUARTER } from '@/core/play/rhythm';
import { PATTERNS } from '@/core/scale/pattern';
import { ACCIDENTAL_NAMES } from './score';
import { attributesOf, musicXml } from './write';

const TRIPLET = `
        <time-modification>
          <actual-notes>3</actual-notes>
          <normal-notes>2</normal-notes>
        </time-modification>`;

/** A part as MusicXML with bars of four quarters, as it is written, with the interval at which it sounds. */
export function writeMusicXmlPart(part: Part, title: string, tempo: number): string {
  const measures = part.bars.map((beats, at) => {
    const head = at === 0 ? `\n${headOf(part, tempo)}` : '';
    return `    <measure number="${at + 1}">${head}
${beats.map((beat) => noteOf(part, beat)).join('\n')}
    </measure>`;
  });
  return musicXml({ title, code: null, part: 'Pattern', measures: measures.join('\n') });
}

function headOf({ atClef, clef, written, transposition }: Part, tempo: number): string {
  const mode = written.id === null ? null : PATTERNS[written.id].mode;
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
    ...{ divisions: QUARTER, fifths: atClef ?? 0, mode: mode === 'major' || mode === 'minor' ? mode : null },
    ...{ clef, time: { beats: BAR / QUARTER, unit: 4 }, more: transpose },
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

function noteOf(part: Part, beat: Beat): string {
  const { value, dots, triplet } = noteValue(beat);
  const placed = beat.note === null ? undefined : part.notes[beat.note];
  const tail = `${'\n        <dot/>'.repeat(dots)}${signOf(placed?.sign ?? null)}${triplet ? TRIPLET : ''}`;
  return `      <note>
${placed ? pitchOf(placed.pitch) : '        <rest/>'}
        <duration>${beat.length}</duration>
        <voice>1</voice>
        <type>${value}</type>${tail}
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
