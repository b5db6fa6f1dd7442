import { escapeXml } from '../xml/escape';
import { ACCIDENTAL_NAMES, CLEF_SIGNS, OWN_FIELD, type Score } from './score';

/** The registered media type of an uncompressed file. */
export const MUSICXML_TYPE = 'application/vnd.recordare.musicxml+xml';

/** What a document is made of: its title, what it says of itself to us, the name of its part, its measures as XML. */
type Document = {
  readonly title: string;
  readonly code: string | null;
  readonly part: string;
  readonly measures: string;
};

/** A partwise MusicXML 4.0 document of one part, https://www.w3.org/2021/06/musicxml40/ */
export function musicXml({ title, code, part, measures }: Document): string {
  return `<?xml version="1.0" encoding="UTF-8"?>
<!DOCTYPE score-partwise PUBLIC "-//Recordare//DTD MusicXML 4.0 Partwise//EN" "http://www.musicxml.org/dtds/partwise.dtd">
<score-partwise version="4.0">
  <work>
    <work-title>${escapeXml(title)}</work-title>
  </work>
  <identification>
    <encoding>
      <software>Moon Step</software>
      <supports element="accidental" type="yes"/>
    </encoding>${code === null ? '' : own(code)}
  </identification>
  <part-list>
    <score-part id="P1">
      <part-name print-object="no">${part}</part-name>
    </score-part>
  </part-list>
  <part id="P1">
${measures}
  </part>
</score-partwise>
`;
}

type Attributes = Pick<Score, 'fifths' | 'mode' | 'clef'> & {
  /** Of a quarter. */
  readonly divisions: number;
  readonly time: { readonly beats: number; readonly unit: number } | null;
  /** What stands behind the clef, as XML. */
  readonly more: string;
};

/** What stands at the beginning of a staff. */
export function attributesOf({ divisions, fifths, mode, clef, time, more }: Attributes): string {
  const { sign, line } = CLEF_SIGNS[clef];
  const inTime = time
    ? `
        <time>
          <beats>${time.beats}</beats>
          <beat-type>${time.unit}</beat-type>
        </time>`
    : '';
  return `      <attributes>
        <divisions>${divisions}</divisions>
        <key>
          <fifths>${fifths}</fifths>${mode ? `\n          <mode>${mode}</mode>` : ''}
        </key>${inTime}
        <clef>
          <sign>${sign}</sign>
          <line>${line}</line>
        </clef>${more}
      </attributes>`;
}

/**
 * A line of whole notes: title, clef, key, notes with their alterations, and an `accidental` for each sign that is
 * printed. One measure holds the line, without a time signature.
 */
export function writeMusicXml(score: Score): string {
  const measures = `    <measure number="1">
${attributesOf({ ...score, divisions: 1, time: null, more: '' })}
${score.notes.map(note).join('\n')}
    </measure>`;
  return musicXml({ title: score.title, code: score.code, part: 'Scale', measures });
}

/** What the file is, for us to read it again as what it was. */
function own(code: string): string {
  return `
    <miscellaneous>
      <miscellaneous-field name="${OWN_FIELD}">${escapeXml(code)}</miscellaneous-field>
    </miscellaneous>`;
}

function note({ pitch, printed }: Score['notes'][number]): string {
  const { letter, alteration } = pitch.note;
  const alter = alteration === 0 ? '' : `\n          <alter>${alteration}</alter>`;
  const sign = printed === null ? '' : `\n        <accidental>${ACCIDENTAL_NAMES[printed]}</accidental>`;
  return `      <note>
        <pitch>
          <step>${letter}</step>${alter}
          <octave>${pitch.octave}</octave>
        </pitch>
        <duration>4</duration>
        <voice>1</voice>
        <type>whole</type>${sign}
      </note>`;
}
