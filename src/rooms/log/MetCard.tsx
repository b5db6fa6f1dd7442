import { useMemo } from 'react';
import { placeFor } from '@/core/harmony/circle';
import { signatureOfKey } from '@/core/harmony/key';
import { keysMet, keysNeverMet } from '@/core/practice/log-look';
import { keyName } from '@/core/words/say-key';
import { logWords } from '@/core/words/screen/log';
import { type RingMark, ringScene } from '@/engrave/ring';
import type { LogEntry } from '@/store/log';
import { BarsView } from '@/ui/chart/BarsView';
import { SceneView } from '@/ui/scene/SceneView';
import { useWords } from '@/ui/school/use-class';
import { sizeTaught } from '../address/orbit/orbit-sentence';
import { keyOfCode } from '../address/read/read-address';
import { logKeyText } from './log-cells';

type Props = { readonly entries: readonly LogEntry[]; readonly onFind: (text: string) => void };

const SIZE = 300;

/** Keys that were met, on the circle and by how often, and those that never were. */
export function MetCard({ entries, onFind }: Props) {
  const w = useWords();
  const say = logWords(w).charts;
  const met = useMemo(() => keysMet(entries), [entries]);
  const never = useMemo(() => keysNeverMet(met), [met]);
  const scene = useMemo(() => {
    const size = sizeTaught(w.settings);
    const marks = new Map<number, RingMark>();
    const minorMarks = new Map<number, RingMark>();
    for (const code of met.keys()) {
      const key = keyOfCode(code) ?? keyOfCode(code.replace(/ (harmonic|melodic|natural)-minor$/u, ' minor'));
      if (!key) continue;
      const at = placeFor(size, signatureOfKey(key));
      (key.mode === 'minor' ? minorMarks : marks).set(at, { look: 'right' });
    }
    const question = { ...{ width: SIZE, height: SIZE, minors: true, shown: null, route: [], beyond: null } };
    return ringScene({ ...question, ...{ w, reading: 'keys', size, mode: 'major', marks, minorMarks } });
  }, [w, met]);
  const rows = [...met]
    .toSorted((a, b) => b[1] - a[1])
    .slice(0, 12)
    .map(([code, count]) => ({
      id: code,
      name: logKeyText(w, code),
      full: count,
      hollow: 0,
      text: say.times(count),
    }));
  const names = never.map((key) => keyName(w, key)).join(', ');
  const neverSaid = never.length === 0 ? say.all : say.never(names);
  return (
    <>
      <section aria-label={say.ring} className="card flex flex-col items-center gap-2 p-3">
        <SceneView
          id="met-ring"
          scene={scene}
          title={say.ring}
          description={neverSaid}
          style={{ width: '100%', maxWidth: SIZE }}
        />
        <p className="text-small">{neverSaid}</p>
      </section>
      <BarsView
        title={say.met}
        asTable={say.asTable}
        asChart={say.asChart}
        rows={rows}
        most={Math.max(1, ...rows.map(({ full }) => full))}
        empty={say.noneMet}
        onPick={(id) => onFind(id)}
        table={
          <table>
            <tbody>
              {rows.map(({ id, name, text }) => (
                <tr key={id}>
                  <th scope="row" className="pr-3 text-left font-normal">
                    {name}
                  </th>
                  <td>{text}</td>
                </tr>
              ))}
            </tbody>
          </table>
        }
      />
    </>
  );
}
