import { readLine, readStaff } from '@/core/words/say-note';
import { scaleName } from '@/core/words/say-scale';
import { CLEF_WORDS } from '@/core/words/vocabulary';
import type { DeriveView } from './view';

/** A file ready to be handed to the browser. */
export type ExportedFile = { readonly name: string; readonly type: string; readonly text: string };

export const EXPORTS = [
  { id: 'musicxml', label: 'Notation as MusicXML', detail: '.musicxml' },
  { id: 'staff-svg', label: 'Staff as a drawing', detail: '.svg' },
  { id: 'stride-svg', label: 'Stride as a drawing', detail: '.svg' },
] as const;

export type ExportId = (typeof EXPORTS)[number]['id'];

const SVG_TYPE = 'image/svg+xml';
const STAFF_WIDTH = 760;

/** Makes a file of what is shown. Writers are loaded when the first file is asked for. */
export async function exportFile(
  id: ExportId,
  { written, derivation, step }: DeriveView,
): Promise<ExportedFile> {
  const { fileName } = await import('@/formats/file-name');
  const title = scaleName(written.scale);
  if (id === 'musicxml') {
    const [{ MUSICXML_TYPE, writeMusicXml }, { scoreOfScale }] = await Promise.all([
      import('@/formats/musicxml/write'),
      import('@/formats/musicxml/from-scale'),
    ]);
    return {
      name: fileName(written, 'musicxml'),
      type: MUSICXML_TYPE,
      text: writeMusicXml(scoreOfScale(written)),
    };
  }
  const { writeSvg } = await import('@/formats/svg/write');
  if (id === 'staff-svg') {
    const { engraveStaff } = await import('@/engrave/staff');
    const text = writeSvg(
      engraveStaff(written, STAFF_WIDTH),
      title,
      readStaff(CLEF_WORDS[written.clef], written.atClef, written.line),
    );
    return { name: fileName(written, 'staff.svg'), type: SVG_TYPE, text };
  }
  const { strideScene } = await import('@/engrave/stride');
  const scene = strideScene({
    written,
    step,
    steps: derivation.steps,
    lit: null,
    width: STAFF_WIDTH,
    height: 300,
  });
  return {
    name: fileName(written, 'stride.svg'),
    type: SVG_TYPE,
    text: writeSvg(scene, title, readLine(written.line)),
  };
}

/** Hands a file to the browser's downloads. */
export function download({ name, type, text }: ExportedFile): void {
  const address = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}
