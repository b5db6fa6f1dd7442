import { FONT_NAMES, type FontBytes } from '@/formats/pdf/fonts';

/** Where the bundler puts each font. */
const FILES = import.meta.glob<string>('../formats/pdf/fonts/*.ttf', {
  query: '?url',
  import: 'default',
  eager: true,
});

/** The fonts that documents are written with; fails where one does not come. */
export async function loadFonts(): Promise<FontBytes> {
  const loaded = await Promise.all(
    FONT_NAMES.map(async (name) => {
      const url = FILES[`../formats/pdf/fonts/${name}.ttf`];
      if (!url) throw new Error(`no font ${name}`);
      const answer = await fetch(url);
      if (!answer.ok) throw new Error(`font ${name}: ${answer.status}`);
      return [name, new Uint8Array(await answer.arrayBuffer())] as const;
    }),
  );
  return Object.fromEntries(loaded) as FontBytes;
}
