import { ABC } from '@/formats/abc/format';
import type { FileFormat } from '@/formats/format';
import { MIDI } from '@/formats/midi/format';
import { COMPRESSED_MUSICXML, MUSICXML } from '@/formats/musicxml/format';
import type { ScalesReading } from '@/formats/offered';
import { TEXT_LIST } from '@/formats/text-list/format';
import { BACKUP, type BackupOffer } from '@/store/backup-format';

/** Every kind of file, in the order in which one that comes in is tried, and in which they are offered. */
export const FORMATS: readonly FileFormat<ScalesReading | BackupOffer>[] = [
  MUSICXML,
  COMPRESSED_MUSICXML,
  MIDI,
  BACKUP,
  ABC,
  TEXT_LIST,
];
