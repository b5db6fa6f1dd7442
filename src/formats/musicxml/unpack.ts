import { strFromU8, type UnzipFileInfo, unzipSync } from 'fflate';
import type { FileProblem } from '@/core/words/say-file';
import { FILE_LIMIT } from '../file/decode';

export type Unpacked =
  | { readonly ok: true; readonly bytes: Uint8Array }
  | { readonly ok: false; readonly problem: FileProblem };

const MOST_FILES = 500;

class TooLarge extends Error {}

/** Unpacks only what is wanted, and nothing that says it is larger than a score may be. */
function take(
  archive: Uint8Array,
  wanted: (file: UnzipFileInfo) => boolean,
): Readonly<Record<string, Uint8Array>> {
  let files = 0;
  let bytes = 0;
  return unzipSync(archive, {
    filter: (file) => {
      files += 1;
      if (files > MOST_FILES) throw new TooLarge();
      if (!wanted(file)) return false;
      bytes += file.originalSize;
      if (bytes > FILE_LIMIT) throw new TooLarge();
      return true;
    },
  });
}

const CONTAINER = 'META-INF/container.xml';

function scorePath(container: string): string | null {
  return /<rootfile\b[^>]*\bfull-path\s*=\s*["']([^"']{1,300})["']/u.exec(container)?.[1] ?? null;
}

/**
 * The score inside a compressed MusicXML file: the first root file its container names, or else the first score in
 * it. https://www.w3.org/2021/06/musicxml40/tutorial/compressed-mxl-files/
 */
export function unpackMxl(archive: Uint8Array): Unpacked {
  try {
    const container = take(archive, ({ name }) => name === CONTAINER)[CONTAINER];
    const path = container ? scorePath(strFromU8(container)) : null;
    const found = take(archive, ({ name }) =>
      path === null ? /^(?!META-INF\/).+\.(musicxml|xml)$/iu.test(name) : name === path,
    );
    const bytes = Object.values(found)[0];
    return bytes ? { ok: true, bytes } : { ok: false, problem: { code: 'zip-no-score' } };
  } catch (error) {
    const code = error instanceof TooLarge ? 'zip-bomb' : 'zip-broken';
    return { ok: false, problem: code === 'zip-bomb' ? { code, limit: FILE_LIMIT } : { code } };
  }
}
