import { memo, useEffect, useMemo, useRef, useState } from 'react';
import { noteNamed } from '@/core/note/parse';
import { readWords } from '@/core/words/screen/read';
import type { ScoreHead, ScorePage } from '@/engrave/score/score-page';
import { SceneView } from '@/ui/scene/SceneView';
import { useWords } from '@/ui/school/use-class';
import { Hits } from '@/ui/surfaces/Hits';
import type { ReadMarks } from '../../address/read/read-address';
import type { PieceClient } from '../piece-client';
import type { Pressed } from './pressed';

type Props = {
  readonly client: PieceClient;
  /** Of which reading it is a page. */
  readonly turn: number;
  readonly part: number | null;
  readonly page: number;
  readonly width: number;
  /** The printed numbers of its bars, and which bar of the piece is its first, from 0. */
  readonly numbers: readonly number[];
  readonly from: number;
  readonly all: number;
  readonly marks: ReadMarks;
  readonly pressed: Pressed | null;
  /** The bar that is pointed at, from 0. */
  readonly pointed: number | null;
  /** Counts up at every press that points. */
  readonly press: number;
  /** Pixels of a page that was not drawn yet, as far as others tell. */
  readonly guess: number;
  /** Told how high the page is when it has been drawn. */
  readonly onDrawn: (height: number) => void;
  readonly onPress: (head: { readonly part: number; readonly tone: number }) => void;
};

/** How far off a page is drawn before it comes into view, and is put away again. */
const AHEAD = '900px 0px';

/** Groups that show a mark, by what is marked. */
const SHOWN: Readonly<Record<ReadMarks, readonly string[]>> = {
  signature: ['by-signature'],
  against: ['against-signature'],
  both: ['by-signature', 'against-signature'],
  none: [],
};

const idOf = ({ part, tone }: Pick<ScoreHead, 'part' | 'tone'>) => `${part}-${tone}`;

/** What is pointed at comes into view, and nothing moves where it is in view already. */
function intoView(element: SVGRectElement | null): void {
  element?.scrollIntoView({ block: 'nearest' });
}

/** A page of a score: drawn by the worker when it comes near, and put away when it is far. */
export const PageView = memo(function PageView(props: Props) {
  const { client, turn, part, page, width, numbers, from, all } = props;
  const { marks, pressed, pointed, press, guess, onPress, onDrawn } = props;
  const w = useWords();
  const say = readWords(w);
  const box = useRef<HTMLDivElement>(null);
  const [near, setNear] = useState(page === 0);
  const [drawn, setDrawn] = useState<{ readonly of: string; readonly page: ScorePage } | null>(null);
  const [height, setHeight] = useState<number | null>(null);
  const of = `${turn} ${part} ${page} ${width}`;
  useEffect(() => {
    const element = box.current;
    if (!element) return;
    const root = element.closest('[data-score]');
    const observer = new IntersectionObserver(([entry]) => setNear(entry?.isIntersecting ?? false), {
      ...{ root, rootMargin: AHEAD },
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  useEffect(() => {
    if (!near) return;
    let gone = false;
    void client.page(part, page, width).then((found) => {
      if (gone || !found) return;
      setDrawn({ of, page: found });
      setHeight(found.scene.height);
      onDrawn(found.scene.height);
    });
    return () => {
      gone = true;
    };
  }, [client, near, part, page, width, of, onDrawn]);
  const shown = near ? (drawn?.page ?? null) : null;
  const scene = useMemo(() => {
    if (!shown) return null;
    const marked = SHOWN[marks];
    const groups = shown.scene.groups.filter(
      ({ part: what }) => !what.endsWith('-signature') || marked.includes(what),
    );
    return { ...shown.scene, groups };
  }, [shown, marks]);
  const hits = useMemo(
    () =>
      shown?.heads.map((head) => {
        const label = say.head(w.spokenNote(noteNamed(head.note)), numbers[head.bar - from] ?? head.bar + 1);
        return { id: idOf(head), x: head.x, y: head.y, r: 11, label };
      }) ?? [],
    [shown, numbers, from, say, w],
  );
  const title = say.page(numbers[0] ?? 1, numbers.at(-1) ?? 1, all);
  const bar = pointed === null ? undefined : shown?.bars.find((each) => each.bar === pointed);
  const lit =
    pressed && shown?.heads.find((each) => each.part === pressed.part && each.tone === pressed.tone);
  const reached = pressed
    ? (shown?.heads.filter((each) => each.part === pressed.part && pressed.reaches.includes(each.tone)) ?? [])
    : [];
  return (
    <div
      ref={box}
      data-page={page}
      style={{ minHeight: height ?? guess }}
      {...(near && !shown ? { 'data-coming': '' } : {})}
    >
      {scene && (
        <SceneView
          id={`score-${page}`}
          scene={scene}
          title={title}
          description={title}
          style={{ width: scene.width, maxWidth: '100%' }}
          under={
            <>
              {bar && (
                <rect
                  key={press}
                  ref={intoView}
                  className="scene-bar"
                  x={bar.x}
                  y={bar.y}
                  width={bar.w}
                  height={bar.h}
                  rx={6}
                />
              )}
              {lit && <circle className="scene-halo" data-lit="" cx={lit.x} cy={lit.y} r={14} />}
              {reached.map((each) => (
                <rect
                  key={idOf(each)}
                  className="scene-reach"
                  x={each.x - 13}
                  y={each.y - 13}
                  width={26}
                  height={26}
                  rx={5}
                />
              ))}
            </>
          }
        >
          <Hits
            label={title}
            hits={hits}
            onPoint={() => {}}
            onPress={(id) => {
              const [own = 0, tone = 0] = id.split('-').map(Number);
              onPress({ part: own, tone });
            }}
          />
        </SceneView>
      )}
    </div>
  );
});
