import { Check, Pencil, RotateCcw } from 'lucide-react';
import { type KeyboardEvent, useMemo, useRef } from 'react';
import { placesOf } from '@/core/harmony/circle';
import { sayFilled } from '@/core/words/say-circle';
import { placesWord, roundWord } from '@/core/words/say-key';
import { orbitWords } from '@/core/words/screen/orbit';
import { type RingMark, ringScene, wayOf } from '@/engrave/ring';
import { ringLayout } from '@/engrave/ring-layout';
import { SceneView } from '@/ui/scene/SceneView';
import { useRoom } from '@/ui/scene/use-room';
import { useWords } from '@/ui/school/use-class';
import type { OrbitSentence } from '../address/orbit/orbit-sentence';
import { fillOrder, type Judged, judgeAll, useFill } from './use-fill';

type Props = { readonly sentence: Extract<OrbitSentence, { readonly kind: 'fill' }> };

function clock(milliseconds: number): string {
  const seconds = Math.ceil(milliseconds / 1000);
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

/** The blank circle: a field at every place, judged when it is asked for, with the reason of each mistake. */
export function FillCircle({ sentence }: Props) {
  const w = useWords();
  const { fill: say } = orbitWords(w);
  const places = useMemo(
    () =>
      fillOrder(
        sentence.size,
        placesOf(sentence.size).map(({ count }) => count),
        wayOf(w),
      ),
    [sentence.size, w],
  );
  const fill = useFill(sentence);
  const judged = judgeAll(w, sentence, places, fill.written);
  const right = judged.filter(({ verdict }) => verdict === 'right').length;
  const wrong = judged.filter(
    ({ verdict, unread }) => unread || (verdict !== 'right' && verdict !== 'empty'),
  );
  return (
    <div className="grid min-h-0 grow gap-3 room:grid-cols-[minmax(0,1fr)_22.5rem]">
      <Ring sentence={sentence} places={places} fill={fill} judged={judged} />
      <section aria-labelledby="fill-title" className="card flex min-h-0 flex-col gap-3 overflow-y-auto p-4">
        <h2 id="fill-title" className="font-serif text-large font-bold">
          {say.title}
        </h2>
        <p className="text-small text-quiet">{say.hint}</p>
        <p className="tabular-nums" aria-live="off">
          {fill.left === null ? say.taken(clock(fill.passed)) : say.left(clock(fill.left))}
        </p>
        <div className="flex gap-2">
          {fill.checked && !fill.over ? (
            <button type="button" className="control" onClick={fill.goOn}>
              <Pencil className="size-4" aria-hidden="true" />
              {say.goOn}
            </button>
          ) : (
            <button type="button" className="control" onClick={fill.check} disabled={fill.over}>
              <Check className="size-4" aria-hidden="true" />
              {say.check}
            </button>
          )}
          <button type="button" className="control" onClick={fill.empty}>
            <RotateCcw className="size-4" aria-hidden="true" />
            {say.again}
          </button>
        </div>
        <div role="status" className="flex flex-col gap-2">
          {fill.over && <p>{say.over}</p>}
          {fill.checked && (
            <p className="font-semibold">
              {right === places.length ? say.all(places.length) : say.of(right, places.length)}
            </p>
          )}
          {fill.checked && wrong.length > 0 && (
            <ul aria-label={say.checked} className="flex flex-col gap-2">
              {wrong.map((each) => (
                <li key={each.count}>
                  <span className="font-bold text-wrong">✗ {each.typed}</span>{' '}
                  {each.unread ? say.notRead(each.typed) : sayFilled(w, each)}
                </li>
              ))}
            </ul>
          )}
        </div>
      </section>
    </div>
  );
}

type RingProps = Props & {
  readonly places: readonly number[];
  readonly fill: ReturnType<typeof useFill>;
  readonly judged: readonly Judged[];
};

function Ring({ sentence, places, fill, judged }: RingProps) {
  const w = useWords();
  const { fill: say, ring: ringTitle } = orbitWords(w);
  const { ref, room } = useRoom<HTMLDivElement>({ width: 736, height: 620 });
  const fields = useRef(new Map<number, HTMLInputElement>());
  const size = { width: room.width, height: Math.max(300, room.height) };
  const layout = ringLayout(sentence.size, wayOf(w), size);
  const marks = new Map<number, RingMark>(places.map((count) => [count, { look: 'blank' }]));
  const scene = ringScene({
    w,
    reading: 'keys',
    size: sentence.size,
    mode: sentence.mode,
    minors: false,
    marks,
    minorMarks: new Map(),
    shown: null,
    route: [],
    beyond: null,
    ...size,
  });
  const onward = (event: KeyboardEvent, count: number) => {
    if (event.key !== 'Enter' || event.nativeEvent.isComposing) return;
    event.preventDefault();
    const next = places[(places.indexOf(count) + (event.shiftKey ? places.length - 1 : 1)) % places.length];
    fields.current.get(next ?? 0)?.focus();
  };
  return (
    <div ref={ref} className="card relative aspect-square grow overflow-hidden room:aspect-auto">
      <SceneView
        id="blank-ring"
        scene={scene}
        title={ringTitle}
        description={say.hint}
        style={{ width: '100%', height: scene.height }}
      />
      {places.map((count) => {
        const { x, y } = layout.at(count);
        const mark = judged.find((each) => each.count === count);
        const state =
          !fill.checked || !mark || mark.verdict === 'empty'
            ? undefined
            : mark.verdict === 'right'
              ? 'right'
              : 'wrong';
        const where =
          count === 0 ? say.top : `${placesWord(Math.abs(count))} ${roundWord(w, count > 0 ? 1 : -1)}`;
        return (
          <span key={count} className="contents">
            <input
              ref={(field) => {
                if (field) fields.current.set(count, field);
                else fields.current.delete(count);
              }}
              type="text"
              className="ring-field"
              aria-label={say.place(where)}
              aria-invalid={state === 'wrong' ? true : undefined}
              data-state={state}
              value={fill.written[String(count)] ?? ''}
              maxLength={20}
              spellCheck={false}
              autoComplete="off"
              autoCapitalize="off"
              disabled={fill.over}
              readOnly={fill.checked}
              style={{ left: x, top: y, width: layout.place * 2.05, height: layout.place * 1.5 }}
              onChange={(event) => fill.write(count, event.target.value)}
              onKeyDown={(event) => onward(event, count)}
            />
            {state && (
              <span
                aria-hidden="true"
                className="ring-verdict"
                data-state={state}
                style={{ left: x + layout.place * 0.9, top: y - layout.place * 0.9 }}
              >
                {state === 'right' ? '✓' : '✗'}
              </span>
            )}
          </span>
        );
      })}
    </div>
  );
}
