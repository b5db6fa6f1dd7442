import { escapeXml } from '../xml/escape';
import { ACCIDENTAL_NAMES, CLEF_SIGNS, OWN_FIELD, type Score } from './score';

/** The registered media type of an uncompressed file. */
export const MUSICXML_TYPE = 'application/vnd.recordare.musicxml+xml';

/**
 * Writes a partwise MusicXML 4.0 document: title, clef, key, whole notes with their alterations, and an `accidental`
 * for each sign that is printed. One measure holds the line, without a time signature.
 * https://www.w3.org/2021/06/musicxml40/
 */
export function writeMusicXml(score: Score): string {
  const { sign, line } = CLEF_SIGNS[score.clef];
  return `<?xml version="1.0" encoding="UTF-8"?>
<!DOCTYPE score-partwise PUBLIC "-//Recordare//DTD MusicXML 4.0 Partwise//EN" "http://www.musicxml.org/dtds/partwise.dtd">
<score-partwise version="4.0">
  <work>
    <work-title>${escapeXml(score.title)}</work-title>
  </work>
  <identification>
    <encoding>
      <software>Moon Step</software>
      <supports element="accidental" type="yes"/>
    </encoding>${score.code === null ? '' : own(score.code)}
  </identification>
  <part-list>
    <score-part id="P1">
      <part-name print-object="no">Scale</part-name>
    </score-part>
  </part-list>
  <part id="P1">
    <measure number="1">
      <attributes>
        <divisions>1</divisions>
        <key>
          <fifths>${score.fifths}</fifths>${score.mode ? `\n          <mode>${score.mode}</mode>` : ''}
        </key>
        <clef>
          <sign>${sign}</sign>
          <line>${line}</line>
        </clef>
      </attributes>
${score.notes.map(note).join('\n')}
    </measure>
  </part>
</score-partwise>
`;
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
