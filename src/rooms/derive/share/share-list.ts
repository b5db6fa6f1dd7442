import { DERIVE_SHEETS } from '@/core/words/screen/derive-sheets';
import type { Shares } from '@/rooms/shell/shares';
import type { Surface } from '@/ui/surfaces/surface';
import { FORMATS } from '@/workers/formats';

/** A way of sharing and what it is called. */
type Way = readonly [id: string, name: string];

export const pictureOf = (code: string) => `${code}-picture`;
export const drawingOf = (code: string) => `${code}-drawing`;

/** What can be copied, printed or saved of a derivation: the surfaces it is shown on, and every format a scale is written in. */
export function derivationShares(surfaces: readonly Surface[]): Shares {
  const say = DERIVE_SHEETS.share;
  const copies: readonly Way[] = [
    ...surfaces.map(({ code, name }): Way => [pictureOf(code), say.picture(name)]),
    ['text', say.text],
    ['workingText', say.workingText],
    ['link', say.link],
  ];
  const prints: readonly Way[] = [
    ['print', say.print],
    ['printBlank', say.printBlank],
  ];
  const files: readonly Way[] = [
    ...FORMATS.filter(({ write }) => write).map(({ code, name }): Way => [code, say.notation(name)]),
    ...surfaces.map(({ code, name }): Way => [drawingOf(code), say.drawing(name)]),
  ];
  const ids = (ways: readonly Way[]) => ways.map(([id]) => id);
  return {
    list: { copies: ids(copies), prints: ids(prints), files: ids(files) },
    names: Object.fromEntries([...copies, ...prints, ...files]),
  };
}
