import { useEffect, useMemo, useState } from 'react';
import { methodsFor } from '@/core/derive/methods';
import { scaleName } from '@/core/words/say-scale';
import type { Scene } from '@/engrave/scene';
import { leastStaffWidth } from '@/engrave/staff-width';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { useKeys } from '@/ui/keys/use-keys';
import { useSetting } from '@/ui/keys/use-setting';
import { useRoom } from '@/ui/scene/use-room';
import { Sentence } from '@/ui/sentence/Sentence';
import { type Lit, sameLit } from '@/ui/surfaces/lit';
import { Rail } from '@/ui/surfaces/Rail';
import { Staff } from '@/ui/surfaces/Staff';
import { Stride } from '@/ui/surfaces/Stride';
import { useEngraver } from '@/ui/surfaces/use-engraver';
import { useSteady } from '@/ui/use-steady';
import { Proof } from '@/ui/working/Proof';
import { Working } from '@/ui/working/Working';
import { Caption } from './Caption';
import { KeysSheet } from './KeysSheet';
import { Notice } from './Notice';
import { ShelfSheet } from './ShelfSheet';
import type { DeriveSentence } from './sentence';
import { sentenceParts } from './sentence-words';
import { Toolbar } from './Toolbar';
import { useActions } from './use-actions';
import { useSentence } from './use-sentence';
import { useShelf } from './use-shelf';
import { viewOf } from './view';

type Props = { readonly served: Scene };

const LIGHTS = ['day', 'night'] as const;
const SINGLE_KEYS = ['on', 'off'] as const;
const STAFF_GUESS = { width: 736, height: 132 };

/** The Derive room: one sentence, its derivation on every surface, and what becomes of it. */
export function Derive(props: Props) {
  return (
    <ErrorBoundary room="Derive">
      <Room {...props} />
    </ErrorBoundary>
  );
}

type Sheet = 'shelf' | 'keys' | 'export' | null;

function Room({ served }: Props) {
  const { sentence, problems, search, say, rest } = useSentence();
  const view = useMemo(() => viewOf(sentence), [sentence]);
  const { written, derivation, step, scale, at } = view;
  const [word, setWord] = useState<string | null>(null);
  const [sheet, setSheet] = useState<Sheet>(null);
  const [lit, setLit] = useState<Lit | null>(null);
  const [live, setLive] = useState(false);
  const [said, setSaid] = useState('');
  const [light, setLight] = useSetting('moon-step:light', LIGHTS);
  const [single, setSingle] = useSetting('moon-step:single-keys', SINGLE_KEYS);
  const shelf = useShelf();
  const actions = useActions({ sentence, view, shelf, say, tell: setSaid });
  const parts = useMemo(() => sentenceParts(sentence), [sentence]);
  const methods = useMemo(() => methodsFor(scale), [scale]);
  const { ref: staffRef, room } = useRoom<HTMLDivElement>(STAFF_GUESS);
  const staffWidth = Math.max(room.width, leastStaffWidth(written));
  const staff = useEngraver(written, staffWidth, served, search === '');

  useEffect(() => setLive(true), []);
  useEffect(() => {
    document.documentElement.dataset['light'] = light;
  }, [light]);
  useEffect(() => {
    document.title = `${scaleName(scale)} – Derive – Moon Step`;
  }, [scale]);

  const hands = useSteady({
    point: (next: Lit | null) => setLit((now) => (sameLit(now, next) ? now : next)),
    pick: (id: string, value: string) => {
      setWord(null);
      actions.pick(id, value);
    },
    otherLight: () => setLight(light === 'day' ? 'night' : 'day'),
    showShelf: () => setSheet('shelf'),
    showKeys: () => setSheet('keys'),
    onShelf: (open: boolean) => setSheet(open ? 'shelf' : null),
    onKeys: (open: boolean) => setSheet(open ? 'keys' : null),
    onExporting: (open: boolean) => setSheet(open ? 'export' : null),
    onSingle: (on: boolean) => setSingle(on ? 'on' : 'off'),
    sayAgain: (next: DeriveSentence) => {
      setSheet(null);
      say(next, 'finished');
    },
  });

  useKeys(
    {
      t: () => setWord('tonic'),
      s: () => setWord('scale'),
      d: () => setWord('direction'),
      c: () => setWord('clef'),
      g: () => setWord('signature'),
      m: actions.nextMethod,
      k: actions.keep,
      l: hands.showShelf,
      x: () => setSheet('export'),
      n: hands.otherLight,
      '?': hands.showKeys,
      ArrowRight: actions.stepOn,
      ArrowLeft: actions.stepBack,
      Home: actions.firstStep,
      End: actions.lastStep,
      'mod+z': actions.undo,
    },
    single === 'on',
  );

  const pointing = { step, lit, onLit: hands.point };
  return (
    <div data-live={live ? 'yes' : 'no'} className="flex min-h-dvh grow flex-col room:h-dvh">
      <Toolbar
        said={said}
        kept={shelf.state.items.length}
        night={light === 'night'}
        exporting={sheet === 'export'}
        onExporting={hands.onExporting}
        onKeep={actions.keep}
        onShelf={hands.showShelf}
        onExport={actions.exportAs}
        onLight={hands.otherLight}
        onKeys={hands.showKeys}
      />
      <main className="flex min-h-0 grow flex-col gap-4 px-4 pt-3 pb-5 sm:px-6">
        <Notice problems={problems} saving={shelf.state.saving} />
        <Sentence parts={parts} open={word} onOpen={setWord} onPick={hands.pick} />
        <div className="grid min-h-0 grow gap-3 room:grid-cols-[minmax(0,1fr)_22.5rem]">
          <div className="flex min-h-0 min-w-0 flex-col gap-3">
            <section
              aria-label="Stride and keyboard"
              className="card flex min-h-0 grow flex-col px-2 py-2 sm:px-4"
            >
              <Stride {...pointing} written={written} derivation={derivation} onPlace={actions.toPlace} />
              <Caption lit={lit} view={view} />
            </section>
            <section aria-label="Staff" className="card px-2 py-1 sm:px-4">
              <div ref={staffRef} className="overflow-x-auto overflow-y-hidden">
                <Staff
                  {...pointing}
                  scene={staff}
                  written={written}
                  onPlace={actions.toPlace}
                  room={room.width}
                />
              </div>
            </section>
            <section aria-label="Rail" className="card px-2 py-1 sm:px-4">
              <Rail
                {...pointing}
                scale={scale}
                line={written.line}
                onSlide={actions.slide}
                onRelative={actions.relative}
                onRest={rest}
              />
            </section>
          </div>
          <div className="card flex min-h-0 flex-col gap-3 p-4">
            <Working
              derivation={derivation}
              methods={methods}
              at={at}
              onStep={actions.toStep}
              onMethod={actions.toMethod}
            />
            <Proof proof={view.proof} />
          </div>
        </div>
      </main>
      <ShelfSheet
        open={sheet === 'shelf'}
        onOpen={hands.onShelf}
        state={shelf.state}
        actions={actions}
        onSay={hands.sayAgain}
      />
      <KeysSheet
        open={sheet === 'keys'}
        onOpen={hands.onKeys}
        single={single === 'on'}
        onSingle={hands.onSingle}
      />
    </div>
  );
}
