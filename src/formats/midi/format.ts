import type { FileFormat } from '../format';
import type { ScalesReading } from '../offered';
import { isMidi } from './is-midi';

/** What was played, in and out. https://midi.org/standard-midi-files */
export const MIDI: FileFormat<ScalesReading> = {
  code: 'midi',
  name: 'MIDI',
  endings: ['.mid', '.midi'],
  type: 'audio/midi',
  isText: false,
  sniff: ({ bytes }) => isMidi(bytes),
  reader: async () => {
    const [{ readMidiMelody }, { offerOfMelody }] = await Promise.all([
      import('./read-melody'),
      import('../melody/offer'),
    ]);
    return {
      read: ({ bytes, title }) => {
        const melody = readMidiMelody(bytes, title);
        return melody
          ? offerOfMelody(melody, title)
          : { ok: false, problem: { code: 'no-tune', why: 'no-notes' } };
      },
    };
  },
  piece: async () => {
    const { readMidiPiece } = await import('./read-piece');
    return { read: ({ bytes }) => readMidiPiece(bytes) };
  },
  write: null,
};
