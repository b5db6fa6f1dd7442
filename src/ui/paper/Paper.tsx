import { useEffect } from 'react';
import { createPortal } from 'react-dom';
import { PAPER_WORDS as SAY } from '@/core/words/screen/paper';
import type { Scene } from '@/engrave/scene';
import { textsIn } from '@/engrave/texts-in';
import { SceneView } from '../scene/SceneView';

/** One derivation as it is printed: with its working, or blank for the class to fill in. */
export type PaperItem = {
  readonly title: string;
  readonly task: string;
  /** Its drawings; in a handout of several items only the first, unless all of them are wanted. */
  readonly scenes: readonly Scene[];
  readonly whole?: boolean;
  /** What stands over the lines; null where there are none. */
  readonly method: string | null;
  /** Lines of the working; on a blank sheet only their number matters. */
  readonly lines: readonly string[];
  /** The last line, such as the proof; a handout of several items leaves it out. */
  readonly closing: string | null;
  /** The teacher's own note, on a sheet that is printed with them. */
  readonly note?: string;
  /** A table in place of a working. */
  readonly table?: PaperTable;
};

/** A table on paper; a cell holds text or a drawing. */
export type PaperTable = {
  readonly heads: readonly string[];
  readonly rows: readonly (readonly { readonly text: string; readonly scene: Scene | null }[])[];
};

export type PaperSheet = {
  readonly head: string;
  readonly title: string | null;
  readonly blank: boolean;
  readonly items: readonly PaperItem[];
  /** Pages that were laid out to the point, printed as they stand; there is nothing else on the sheet then. */
  readonly exact?: {
    readonly paper: 'a4' | 'letter';
    readonly across: boolean;
    readonly pages: readonly Scene[];
  };
};

type Props = { readonly sheet: PaperSheet; readonly onDone: () => void };

/**
 * The sheet for the printer, in place of the page, by day colours. It is taken away again when the browser has
 * printed, or was told not to.
 */
export function Paper({ sheet, onDone }: Props) {
  useEffect(() => {
    const { dataset } = document.documentElement;
    const light = dataset['light'];
    dataset['light'] = 'day';
    dataset['paper'] = '';
    window.addEventListener('afterprint', onDone, { once: true });
    let gone = false;
    void laidOut().then(() => {
      if (!gone) window.print();
    });
    return () => {
      gone = true;
      window.removeEventListener('afterprint', onDone);
      if (light !== undefined) dataset['light'] = light;
      delete dataset['paper'];
    };
  }, [onDone]);
  return createPortal(sheet.exact ? <ExactPages {...sheet.exact} /> : <Sheet sheet={sheet} />, document.body);
}

/** Pages as they were laid out, one on each side of the paper, without a margin of the printer's own. */
function ExactPages({ paper, across, pages }: NonNullable<PaperSheet['exact']>) {
  return (
    <div className="paper paper-exact" data-size={across ? `${paper}-across` : paper}>
      {pages.map((scene, at) => (
        <SceneView
          key={at}
          id={`exact-${at}`}
          scene={scene}
          title={SAY.page(at + 1, pages.length)}
          description={textsIn(scene)}
          style={{ width: `${scene.width}pt`, height: `${scene.height}pt` }}
        />
      ))}
    </div>
  );
}

/** A table of more columns lies across the paper. */
const WIDE_TABLE = 7;

const LONGEST_WAIT = 3000; // ms

/** Until the sheet has been drawn once with its fonts, or they have kept it waiting long enough. */
async function laidOut(): Promise<void> {
  const frame = () => new Promise((resolve) => requestAnimationFrame(resolve));
  await frame();
  await Promise.race([
    document.fonts.ready,
    new Promise((resolve) => {
      setTimeout(resolve, LONGEST_WAIT);
    }),
  ]);
  await frame();
}

function Sheet({ sheet: { head, title, blank, items } }: { readonly sheet: PaperSheet }) {
  const wide = items.some(({ table }) => (table?.heads.length ?? 0) > WIDE_TABLE);
  return (
    <div className="paper" data-blank={blank ? '' : undefined} data-wide={wide ? '' : undefined}>
      <header className="paper-head">
        <span>{head}</span>
        {blank && (
          <>
            <span className="paper-line">{SAY.name}</span>
            <span className="paper-line paper-date">{SAY.date}</span>
          </>
        )}
      </header>
      {title && <h1>{title}</h1>}
      {items.map((item, index) => (
        <section key={index} aria-label={item.title}>
          {items.length > 1 && <h2>{item.title}</h2>}
          <p className="paper-task">{item.task}</p>
          {item.note && <p className="paper-note">{item.note}</p>}
          {item.scenes.slice(0, items.length === 1 || item.whole ? undefined : 1).map((scene, drawing) => (
            <SceneView
              key={drawing}
              id={`paper-${index}-${drawing}`}
              scene={scene}
              title={SAY.drawing}
              description={item.task}
              style={{ width: '100%' }}
            />
          ))}
          {item.method !== null && <h3>{blank ? SAY.blankWorking : item.method}</h3>}
          {item.lines.length > 0 && (
            <ol className={blank ? 'paper-lines paper-empty' : 'paper-lines'}>
              {item.lines.map((line, at) => (
                <li key={at}>{blank ? '' : line}</li>
              ))}
            </ol>
          )}
          {item.table && <Table table={item.table} id={`paper-table-${index}`} />}
          {!blank && items.length === 1 && item.closing && <p className="paper-proof">{item.closing}</p>}
        </section>
      ))}
    </div>
  );
}

/** From so many characters on a cell is broken into lines. */
const LONG_CELL = 40;

function Table({ table: { heads, rows }, id }: { readonly table: PaperTable; readonly id: string }) {
  return (
    <table className="paper-table">
      <thead>
        <tr>
          {heads.map((head) => (
            <th key={head} scope="col">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, at) => (
          <tr key={at}>
            {row.map(({ text, scene }, column) => (
              <td key={column} className={text.length > LONG_CELL ? 'paper-long' : undefined}>
                {scene ? (
                  <SceneView
                    id={`${id}-${at}`}
                    scene={scene}
                    title={SAY.drawing}
                    description={row.map((cell) => cell.text).join(' ')}
                  />
                ) : (
                  text
                )}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
