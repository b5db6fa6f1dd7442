import { type CSSProperties, memo } from 'react';
import { sheetsWords } from '@/core/words/screen/sheets';
import type { SheetPage } from '@/engrave/page/sheet-pages';
import { textsIn } from '@/engrave/texts-in';
import { SceneView } from '@/ui/scene/SceneView';
import { useWords } from '@/ui/school/use-class';
import type { SheetRow } from '@/workers/sheet';

type Props = {
  readonly kind: 'sheet' | 'key';
  readonly pages: readonly SheetPage[];
  readonly rows: readonly SheetRow[];
  /** The place that is chosen, from 0. */
  readonly at: number;
  readonly grey: boolean;
  readonly onChoose: (at: number) => void;
};

/** Where a question lies on its page, in per cent of the page. */
function boxOf({ scene }: SheetPage, place: SheetPage['places'][number]): CSSProperties {
  const part = (value: number, whole: number) => `${(100 * value) / whole}%`;
  return {
    left: part(place.x - 6, scene.width),
    top: part(place.y - 4, scene.height),
    width: part(place.width + 12, scene.width),
    height: part(place.height - 2, scene.height),
  };
}

/** Pages as they are printed, one below the other; a press on a question chooses it. */
export const SheetPages = memo(function SheetPages({ kind, pages, rows, at, grey, onChoose }: Props) {
  const w = useWords();
  const { panel: say } = sheetsWords(w);
  const name = kind === 'sheet' ? say.page : say.keyPage;
  return (
    <ol className="grid content-start gap-3 max-sm:flex" data-pages={kind}>
      {pages.map((page, index) => (
        <li key={index} className={`sheet-page ${grey ? 'grayscale' : ''}`}>
          <SceneView
            id={`${kind}-page-${index}`}
            scene={page.scene}
            title={name(index + 1, pages.length)}
            description={textsIn(page.scene)}
          />
          {kind === 'sheet' &&
            page.places.map((place) => {
              const row = rows[place.at];
              if (!row) return null;
              return (
                <button
                  key={`${place.at}-${place.x}`}
                  type="button"
                  tabIndex={-1}
                  className="sheet-place"
                  aria-pressed={place.at === at}
                  aria-label={row.number === null ? row.name : say.pick(row.number, row.name)}
                  style={boxOf(page, place)}
                  onClick={() => onChoose(place.at)}
                />
              );
            })}
        </li>
      ))}
    </ol>
  );
});
