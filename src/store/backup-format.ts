import type { FileFormat } from '@/formats/format';
import type { Backup } from './backup';
import { looksLikeBackup } from './looks-like-backup';

export type BackupOffer = { readonly ok: true; readonly kind: 'backup'; readonly backup: Backup };

/** A whole school or a part of one, as it is saved here. */
export const BACKUP: FileFormat<BackupOffer> = {
  code: 'backup',
  name: 'a backup of Moon Step',
  endings: ['.json'],
  type: 'application/json',
  isText: true,
  sniff: ({ text }) => text !== null && looksLikeBackup(text),
  reader: async () => {
    const { readBackup } = await import('./read-backup');
    return {
      read: ({ text }) => {
        const reading = readBackup(text ?? '');
        return reading.ok ? { ok: true, kind: 'backup', backup: reading.backup } : reading;
      },
    };
  },
  piece: null,
  write: null,
};
