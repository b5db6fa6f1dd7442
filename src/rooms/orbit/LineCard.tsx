import { carryLine } from '@/core/harmony/fifth-line';
import { sayCarried } from '@/core/words/say-fifth';
import { orbitWords } from '@/core/words/screen/orbit';
import { useWords } from '@/ui/school/use-class';
import type { OrbitSentence } from '../address/orbit/orbit-sentence';
import { LineStaves } from './LineStaves';

type Props = { readonly sentence: Extract<OrbitSentence, { readonly kind: 'line' }> };

/** A line and the one a fifth higher, note under note; where the key's own fifth is not perfect, it is marked. */
export function LineCard({ sentence }: Props) {
  const w = useWords();
  const { line: say } = orbitWords(w);
  const line = carryLine(sentence.notes, sentence.key);
  if (line.length === 0) return <p>{say.few}</p>;
  const rows = [
    { title: say.perfect, cells: line.map(({ perfect }) => (perfect ? w.note(perfect) : '–')) },
    { title: say.note, cells: line.map(({ note }) => w.note(note)) },
    { title: say.own, cells: line.map(({ own }) => (own ? w.note(own) : '–')) },
  ];
  const remarks = new Set(line.flatMap((each) => sayCarried(w, each) ?? []));
  return (
    <>
      <div className="shrink-0 overflow-x-auto pb-1">
        <table className="border-collapse">
          <tbody>
            {rows.map(({ title, cells }) => (
              <tr key={title} className="border-t border-rule first:border-t-0">
                <th className="py-1.5 pr-3 text-left text-small font-normal whitespace-nowrap text-quiet">
                  {title}
                </th>
                {cells.map((cell, at) => {
                  const apart = line[at]?.own !== line[at]?.perfect;
                  return (
                    <td
                      key={at}
                      data-apart={apart ? '' : undefined}
                      className="note-cell px-1.5 py-1.5 text-center font-serif text-large font-bold"
                    >
                      {cell}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <LineStaves line={line} />
      <ul className="flex flex-col gap-1.5">
        {[...remarks].map((remark) => (
          <li key={remark}>{remark}</li>
        ))}
      </ul>
    </>
  );
}
