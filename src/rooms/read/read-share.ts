import type { ClassWords } from '@/core/words/class-words';
import { plainName } from '@/ui/files/download';
import { type ReadSentence, readHref } from '../address/read/read-address';
import { type Shared, SVG_TYPE, shareFile, sharePicture, shareText } from '../shell/share-as';
import type { ShareList } from '../shell/shares';
import { readPieceOf, writeSvgOf } from './read-drawing';
import { readLines } from './read-lines';
import { readName, readText } from './read-words';

export type ReadWay = 'picture' | 'text' | 'link' | 'svg' | 'midi' | 'abc' | 'musicXml';

/** What can be copied, printed or saved of a piece. */
export const READ_SHARES: ShareList<ReadWay | 'print'> = {
  copies: ['picture', 'text', 'link'],
  prints: ['print'],
  files: ['musicXml', 'abc', 'midi', 'svg'],
};

/** Quarters a minute of a piece that does not say its tempo. */
const TEMPO = 84;

/**
 * Copies or saves what stands.
 *
 * @param code the piece as it is shown; null where only its ends are known
 */
export async function shareRead(
  w: ClassWords,
  id: ReadWay,
  sentence: ReadSentence,
  code: string | null,
): Promise<Shared> {
  const name = readName(w, sentence);
  const file = plainName(name, 'piece');
  if (id === 'link') return shareText(new URL(readHref(sentence), window.location.origin).href, file);
  const piece = readPieceOf(code);
  if (id === 'text')
    return shareText([readText(w, sentence), ...readLines(w, sentence, piece)].join('\n'), file);
  if (id === 'picture') return sharePicture(writeSvgOf(w, sentence, piece), file);
  if (id === 'svg') return shareFile(`${file}.svg`, SVG_TYPE, await writeSvgOf(w, sentence, piece));
  const written = piece ?? { title: name, parts: [] };
  switch (id) {
    case 'musicXml': {
      const [{ MUSICXML_TYPE }, { writeMusicXmlPiece }] = await Promise.all([
        import('@/formats/musicxml/write'),
        import('@/formats/musicxml/write-piece'),
      ]);
      return shareFile(`${file}.musicxml`, MUSICXML_TYPE, writeMusicXmlPiece(written));
    }
    case 'abc': {
      const [{ ABC_TYPE }, { writeAbcPiece }] = await Promise.all([
        import('@/formats/abc/is-abc'),
        import('@/formats/abc/write-piece'),
      ]);
      return shareFile(`${file}.abc`, ABC_TYPE, writeAbcPiece(written));
    }
    case 'midi': {
      const [{ MIDI_TYPE }, { writeMidiPiece }] = await Promise.all([
        import('@/formats/midi/write'),
        import('@/formats/midi/write-piece'),
      ]);
      const bytes = writeMidiPiece(written, TEMPO);
      return shareFile(`${file}.mid`, MIDI_TYPE, new Blob([bytes as BlobPart], { type: MIDI_TYPE }));
    }
  }
}
