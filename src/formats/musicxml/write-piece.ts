import { heightOf, type Pitch } from '@/core/note/pitch';
import {
  PIECE_QUARTER,
  type Piece,
  type PieceBar,
  type PieceEvent,
  type PiecePart,
} from '@/core/piece/piece';
import { type ScopedTone, scopedTones } from '@/core/piece/scoped';
import { escapeXml } from '../xml/escape';
import { ACCIDENTAL_NAMES, CLEF_SIGNS } from './score';

/** The sign of each tone, by its bar, its event and its place in that. */
type Signs = ReadonlyMap<string, NonNullable<ScopedTone['sign']>>;

const keyOf = (bar: number, event: number, of: number) => `${bar} ${event} ${of}`;

/**
 * A piece as MusicXML 4.0: all parts, staves and voices, with the signs that stand at the notes, reminders in brackets.
 * https://www.w3.org/2021/06/musicxml40/
 */
export function writeMusicXmlPiece({ title, parts }: Piece): string {
  const list = parts.map(
    ({ name }, at) =>
      `    <score-part id="P${at + 1}">\n      <part-name${name ? '' : ' print-object="no"'}>${escapeXml(name || title)}</part-name>\n    </score-part>`,
  );
  const written = parts.map((part, at) => `  <part id="P${at + 1}">\n${measuresOf(part)}\n  </part>`);
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
    </encoding>
  </identification>
  <part-list>
${list.join('\n')}
  </part-list>
${written.join('\n')}
</score-partwise>
`;
}

function measuresOf(part: PiecePart): string {
  const signs = new Map(
    scopedTones(part).flatMap(({ bar, event, of, sign }) =>
      sign ? [[keyOf(bar, event, of), sign] as const] : [],
    ),
  );
  const ties = new Ties();
  return part.bars
    .map((bar, at) => {
      const implicit = bar.number === 0 ? ' implicit="yes"' : '';
      const inside = [attributesOf(part, bar, at), ...voicesOf(part, bar, at, signs, ties), lineOf(bar)];
      ties.barEnds(bar.length);
      return `    <measure number="${bar.number}"${implicit}>\n${inside.filter(Boolean).join('\n')}\n    </measure>`;
    })
    .join('\n');
}

/** Which notes are tied to by those before. */
class Ties {
  private readonly open = new Map<string, number>();
  private start = 0;

  /** Whether a tie of the same pitch ends where a note begins. */
  ends(pitch: Pitch, at: number): boolean {
    const key = `${heightOf(pitch)} ${pitch.note.alteration}`;
    const found = this.open.get(key) === this.start + at;
    if (found) this.open.delete(key);
    return found;
  }

  begins(pitch: Pitch, until: number): void {
    this.open.set(`${heightOf(pitch)} ${pitch.note.alteration}`, this.start + until);
  }

  barEnds(length: number): void {
    this.start += length;
  }
}

function attributesOf({ staves, transposition }: PiecePart, bar: PieceBar, at: number): string {
  const clefs = bar.clefs.filter((each) => each.at === 0);
  if (at > 0 && bar.fifths === null && bar.meter === null && clefs.length === 0) return '';
  const { letters, semitones } = transposition;
  return [
    '      <attributes>',
    ...(at === 0 ? [`        <divisions>${PIECE_QUARTER}</divisions>`] : []),
    ...(bar.fifths === null
      ? []
      : [`        <key><fifths>${bar.fifths}</fifths>${bar.mode ? `<mode>${bar.mode}</mode>` : ''}</key>`]),
    ...(bar.meter
      ? [`        <time><beats>${bar.meter.beats}</beats><beat-type>${bar.meter.unit}</beat-type></time>`]
      : []),
    ...(at === 0 && staves > 1 ? [`        <staves>${staves}</staves>`] : []),
    ...clefs.map((each) => clefOf(each, staves)),
    ...(at === 0 && semitones !== 0
      ? [
          `        <transpose><diatonic>${-letters}</diatonic><chromatic>${-semitones}</chromatic></transpose>`,
        ]
      : []),
    '      </attributes>',
  ].join('\n');
}

function clefOf({ clef: { clef, octave }, staff }: PieceBar['clefs'][number], staves: number): string {
  const { sign, line } = CLEF_SIGNS[clef];
  const change = octave === 0 ? '' : `<clef-octave-change>${octave}</clef-octave-change>`;
  const number = staves > 1 ? ` number="${staff + 1}"` : '';
  return `        <clef${number}><sign>${sign}</sign><line>${line}</line>${change}</clef>`;
}

/** Each voice of each staff from the beginning of the bar, what is silent in it passed over. */
function voicesOf(part: PiecePart, bar: PieceBar, at: number, signs: Signs, ties: Ties): readonly string[] {
  const voices = new Map<string, { staff: number; events: (readonly [PieceEvent, number])[] }>();
  for (const [nth, event] of bar.events.entries()) {
    const key = `${event.staff} ${event.voice}`;
    const own = voices.get(key) ?? { staff: event.staff, events: [] };
    own.events.push([event, nth]);
    voices.set(key, own);
  }
  let now = 0;
  const written: string[] = [];
  const go = (to: number) => {
    if (to < now) written.push(`      <backup><duration>${now - to}</duration></backup>`);
    if (to > now) written.push(`      <forward><duration>${to - now}</duration></forward>`);
    now = to;
  };
  for (const [nth, { staff, events }] of [...voices.values()].entries()) {
    for (const [event, index] of events) {
      go(event.at);
      for (const clef of bar.clefs.filter(
        (each) => each.at > 0 && each.at === event.at && each.staff === staff && nth === 0,
      ))
        written.push(`      <attributes>\n${clefOf(clef, part.staves)}\n      </attributes>`);
      written.push(
        ...notesOf(event, { bar: at, event: index, voice: nth + 1, staves: part.staves }, signs, ties),
      );
      now += event.length;
    }
  }
  go(bar.length);
  return written;
}

type Place = {
  readonly bar: number;
  readonly event: number;
  readonly voice: number;
  readonly staves: number;
};

function notesOf(event: PieceEvent, place: Place, signs: Signs, ties: Ties): readonly string[] {
  const { written, grace, length, tones, staff, at } = event;
  const tail = (sign: string) =>
    [
      `        <voice>${place.voice}</voice>`,
      `        <type>${written.value}</type>`,
      ...Array.from({ length: written.dots }, () => '        <dot/>'),
      sign,
      ...(written.tuplet
        ? [
            `        <time-modification><actual-notes>${written.tuplet[0]}</actual-notes><normal-notes>${written.tuplet[1]}</normal-notes></time-modification>`,
          ]
        : []),
      ...(place.staves > 1 ? [`        <staff>${staff + 1}</staff>`] : []),
    ]
      .filter(Boolean)
      .join('\n');
  const duration = grace ? '' : `        <duration>${length}</duration>\n`;
  if (tones.length === 0) return [`      <note>\n        <rest/>\n${duration}${tail('')}\n      </note>`];
  return tones.map(({ pitch, tied }, of) => {
    const ended = ties.ends(pitch, at);
    if (tied) ties.begins(pitch, at + length);
    const tie = [...(ended ? ['stop'] : []), ...(tied ? ['start'] : [])];
    const sign = signs.get(keyOf(place.bar, place.event, of));
    const brackets = sign?.courtesy ? ' parentheses="yes"' : '';
    const accidental = sign
      ? `        <accidental${brackets}>${ACCIDENTAL_NAMES[sign.sign]}</accidental>`
      : '';
    return [
      '      <note>',
      ...(grace ? ['        <grace/>'] : []),
      ...(of > 0 ? ['        <chord/>'] : []),
      pitchOf(pitch),
      ...(duration ? [duration.trimEnd()] : []),
      ...tie.map((type) => `        <tie type="${type}"/>`),
      tail(accidental),
      ...(tie.length > 0
        ? [`        <notations>${tie.map((type) => `<tied type="${type}"/>`).join('')}</notations>`]
        : []),
      '      </note>',
    ].join('\n');
  });
}

function pitchOf({ note, octave }: Pitch): string {
  const alter = note.alteration === 0 ? '' : `<alter>${note.alteration}</alter>`;
  return `        <pitch><step>${note.letter}</step>${alter}<octave>${octave}</octave></pitch>`;
}

function lineOf({ end }: PieceBar): string {
  const styles = { plain: '', double: 'light-light', repeat: 'light-heavy', final: 'light-heavy' } as const;
  if (end === 'plain') return '';
  const repeat = end === 'repeat' ? '<repeat direction="backward"/>' : '';
  return `      <barline location="right"><bar-style>${styles[end]}</bar-style>${repeat}</barline>`;
}
