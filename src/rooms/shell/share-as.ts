import { copyPicture, copyText, pictureOf } from '@/ui/files/clipboard';
import { download } from '@/ui/files/download';

/** What became of something that was to be copied or saved. */
export type Shared =
  | { readonly done: 'copied' }
  | { readonly done: 'downloaded'; readonly what: string }
  /** Nothing was saved, and why. */
  | { readonly done: 'not'; readonly why: string }
  /** Copying is not allowed here, so a file was saved. */
  | { readonly done: 'instead'; readonly kind: 'picture' | 'text'; readonly what: string };

export const SVG_TYPE = 'image/svg+xml';

/** A drawing onto the clipboard as a picture, or into a file `name`.png where that is not allowed. */
export async function sharePicture(drawing: Promise<string>, name: string): Promise<Shared> {
  const made = drawing.then(pictureOf);
  if (await copyPicture(made)) return { done: 'copied' };
  const file = `${name}.png`;
  download({ name: file, type: 'image/png', content: await made });
  return { done: 'instead', kind: 'picture', what: file };
}

/** Text onto the clipboard, or into a file `name`.txt where that is not allowed. */
export async function shareText(text: string, name: string): Promise<Shared> {
  if (await copyText(text)) return { done: 'copied' };
  const file = `${name}.txt`;
  download({ name: file, type: 'text/plain', content: text });
  return { done: 'instead', kind: 'text', what: file };
}

/** A file of its own. */
export function shareFile(name: string, type: string, content: string | Blob): Shared {
  download({ name, type, content });
  return { done: 'downloaded', what: name };
}
