import type { FileFormat } from '../format';
import type { ScalesReading } from '../offered';
import { scoreOfScale } from './from-scale';
import { MUSICXML_TYPE, writeMusicXml } from './write';

/** A score as text, in and out. https://www.w3.org/2021/06/musicxml40/ */
export const MUSICXML: FileFormat<ScalesReading> = {
  code: 'musicxml',
  name: 'MusicXML',
  endings: ['.musicxml', '.xml'],
  type: MUSICXML_TYPE,
  isText: true,
  sniff: ({ text }) => text?.trimStart().startsWith('<') ?? false,
  reader: async () => {
    const { offersOfScore } = await import('./offers');
    return { read: ({ w, text, title }) => offersOfScore(w, text ?? '', title) };
  },
  piece: async () => {
    const { readPiece } = await import('./read-piece');
    return { read: ({ text }) => readPiece(text ?? '') };
  },
  write: (w, written) => writeMusicXml(scoreOfScale(w, written)),
};

/** The same packed with what belongs to it. */
export const COMPRESSED_MUSICXML: FileFormat<ScalesReading> = {
  code: 'mxl',
  name: 'compressed MusicXML',
  endings: ['.mxl'],
  type: 'application/vnd.recordare.musicxml',
  isText: false,
  // As every zip archive begins.
  sniff: ({ bytes: [first, second, third] }) =>
    first === 0x50 && second === 0x4b && (third === 3 || third === 5),
  reader: async () => {
    const [{ unpackMxl }, { offersOfScore }, { readableText }] = await Promise.all([
      import('./unpack'),
      import('./offers'),
      import('../file/decode'),
    ]);
    return {
      read: ({ w, bytes, title }) => {
        const unpacked = unpackMxl(bytes);
        if (!unpacked.ok) return unpacked;
        const decoded = readableText(unpacked.bytes);
        return decoded.ok ? offersOfScore(w, decoded.text, title) : decoded;
      },
    };
  },
  piece: async () => {
    const [{ unpackMxl }, { readPiece }, { readableText }] = await Promise.all([
      import('./unpack'),
      import('./read-piece'),
      import('../file/decode'),
    ]);
    return {
      read: ({ bytes }) => {
        const unpacked = unpackMxl(bytes);
        if (!unpacked.ok) return unpacked;
        const decoded = readableText(unpacked.bytes);
        return decoded.ok ? readPiece(decoded.text) : decoded;
      },
    };
  },
  write: null,
};
