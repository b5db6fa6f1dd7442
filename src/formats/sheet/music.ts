import { clefSignature } from '@/core/exercise/entry/entry-frame';
import { pitchesWritten, type WrittenNote } from '@/core/exercise/entry/scale-entry';
import { isRow, rightAnswer } from '@/core/exercise/kinds/all';
import type { Entry } from '@/core/exercise/sheet/sheet';
import { askedIn, type SheetItem } from '@/core/exercise/sheet/task/all';
import { nearest } from '@/core/identify/note-entry';
import type { Clef } from '@/core/instrument/staff';
import type { Pitch } from '@/core/note/pitch';
import { type Fifths, fifths } from '@/core/note/spelled';
import { printedSigns } from '@/core/scale/printed';
import type { Settings } from '@/core/school/settings';
import type { ClassWords } from '@/core/words/class-words';
import { sayTask } from '@/core/words/say-task';
import { ACCIDENTAL_NAMES, CLEF_SIGNS } from '../musicxml/score';
import { escapeXml } from '../xml/escape';

/** One question as a bar of music. */
type Bar = {
  readonly words: string;
  readonly clef: Clef;
  readonly atClef: Fifths;
  readonly notes: readonly {
    readonly pitch: Pitch;
    readonly printed: keyof typeof ACCIDENTAL_NAMES | null;
  }[];
};

function row(words: string, clef: Clef, atClef: Fifths, notes: readonly WrittenNote[]): Bar {
  const pitches = pitchesWritten(notes);
  const signs = printedSigns(pitches, atClef);
  return {
    words,
    clef,
    atClef,
    notes: pitches.map((pitch, at) => {
      const printed = notes[at]?.printed;
      return { pitch, printed: printed === undefined ? (signs[at] ?? null) : printed };
    }),
  };
}

/** The music of a thing on a sheet: a scale as it should be written, a row that was shown, a signature. Null for none. */
function barOf(item: SheetItem, words: string, school: Settings): Bar | null {
  const asked = askedIn(item);
  if (!asked) return null;
  if (item.task === 'find-mistake' || item.task === 'which-note')
    return row(
      words,
      item.question.question.clef ?? 'treble',
      clefSignature(asked, school),
      item.shown.notes,
    );
  if (isRow(asked)) {
    const right = rightAnswer(asked, school);
    const notes = right.is === 'scale' ? right.notes : [];
    return row(words, asked.question.clef ?? 'treble', clefSignature(asked, school), notes);
  }
  if (asked.kind === 'name-scale') {
    const notes = nearest(asked.question.notes).map(({ note, octave }) => ({
      note,
      octave,
      printed: undefined,
    }));
    return row(words, 'treble', fifths(0), notes);
  }
  if (asked.kind === 'name-key') return { words, clef: 'treble', atClef: asked.question.fifths, notes: [] };
  if (asked.kind !== 'signature') return null;
  const right = rightAnswer(asked, school);
  const signs = right.is === 'drawn' ? right.signs : [];
  const kind = (signs[0]?.sign.alteration ?? 0) < 0 ? -1 : 1;
  return { words, clef: asked.question.clef, atClef: fifths(kind * signs.length), notes: [] };
}

function noteXml({ pitch, printed }: Bar['notes'][number]): string {
  const { letter, alteration } = pitch.note;
  const alter = alteration === 0 ? '' : `<alter>${alteration}</alter>`;
  const sign = printed === null ? '' : `<accidental>${ACCIDENTAL_NAMES[printed]}</accidental>`;
  return `      <note><pitch><step>${letter}</step>${alter}<octave>${pitch.octave}</octave></pitch><duration>4</duration><voice>1</voice><type>whole</type>${sign}</note>`;
}

function barXml({ words, clef, atClef, notes }: Bar, number: number): string {
  const { sign, line } = CLEF_SIGNS[clef];
  // A bar of no notes rests, so that its clef and signature stand there.
  const inside =
    notes.length === 0
      ? ['      <note><rest measure="yes"/><duration>4</duration><voice>1</voice></note>']
      : notes.map(noteXml);
  return `    <measure number="${number}">
      <print new-system="${number === 1 ? 'no' : 'yes'}"/>
      <attributes><divisions>1</divisions><key><fifths>${atClef}</fifths></key><time print-object="no"><beats>${Math.max(1, notes.length)}</beats><beat-type>1</beat-type></time><clef><sign>${sign}</sign><line>${line}</line></clef></attributes>
      <direction placement="above"><direction-type><words>${escapeXml(words)}</words></direction-type></direction>
${inside.join('\n')}
    </measure>`;
}

/**
 * The music of a sheet as one MusicXML 4.0 document, a question a bar on a line of its own: scales as they should be
 * written, rows as they were shown. Null where it has no music. https://www.w3.org/2021/06/musicxml40/
 */
export function writeSheetMusic(w: ClassWords, title: string, entries: readonly Entry[]): string | null {
  let number = 0;
  const bars = entries.flatMap(({ item }): readonly Bar[] => {
    if (item.task === 'staff') return [];
    number += 1;
    const bar = barOf(item, `${number} ${sayTask(w, item)}`, w.settings);
    return bar ? [bar] : [];
  });
  if (bars.length === 0) return null;
  return `<?xml version="1.0" encoding="UTF-8"?>
<!DOCTYPE score-partwise PUBLIC "-//Recordare//DTD MusicXML 4.0 Partwise//EN" "http://www.musicxml.org/dtds/partwise.dtd">
<score-partwise version="4.0">
  <work><work-title>${escapeXml(title)}</work-title></work>
  <identification><encoding><software>Moon Step</software><supports element="accidental" type="yes"/></encoding></identification>
  <part-list><score-part id="P1"><part-name print-object="no">Sheet</part-name></score-part></part-list>
  <part id="P1">
${bars.map((bar, at) => barXml(bar, at + 1)).join('\n')}
  </part>
</score-partwise>
`;
}
