import { useEffect, useMemo, useState } from 'react';
import type { MethodId } from '@/core/derive/derivation';
import { methodsFor } from '@/core/derive/methods';
import { sayPlace, saySign } from '@/core/words/say-note';
import { keyNote } from '@/core/words/say-scale';
import type { Scene } from '@/engrave/scene';
import { leastStaffWidth } from '@/engrave/staff-width';
import { deleting, editing, keeping, moving } from '@/store/change';
import { ErrorBoundary } from '@/ui/ErrorBoundary';
import { useKeys } from '@/ui/keys/use-keys';
import { useSetting } from '@/ui/keys/use-setting';
import { useRoom } from '@/ui/scene/use-room';
import { Sentence } from '@/ui/sentence/Sentence';
import { type Lit, litPlaces, sameLit } from '@/ui/surfaces/lit';
import { MoonLegend } from '@/ui/surfaces/MoonLegend';
import { Rail } from '@/ui/surfaces/Rail';
import { Staff } from '@/ui/surfaces/Staff';
import { Stride } from '@/ui/surfaces/Stride';
import { useEngraver } from '@/ui/surfaces/use-engraver';
import { Proof } from '@/ui/working/Proof';
import { Working } from '@/ui/working/Working';
import { writeAddress } from './address';
import { download, type ExportId, exportFile } from './export-files';
import { KeysSheet } from './KeysSheet';
import { Notice } from './Notice';
import { ShelfSheet } from './ShelfSheet';
import { sentenceParts, sentenceText, withWord } from './sentence-words';
import { slideWindow, toRelative } from './slide';
import { Toolbar } from './Toolbar';
import { useSentence } from './use-sentence';
import { useShelf } from './use-shelf';
import { stepDeciding, viewOf } from './view';

type Props = { readonly served: Scene };

const LIGHTS = ['day', 'night'] as const;
const SINGLE_KEYS = ['on', 'off'] as const;

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
  const { ref: staffRef, room } = useRoom<HTMLDivElement>({ width: 736, height: 132 });
  const staff = useEngraver(written, Math.max(room.width, leastStaffWidth(written)), served, search === '');

  useEffect(() => setLive(true), []);
  useEffect(() => {
    document.documentElement.dataset['light'] = light;
  }, [light]);

  const point = (next: Lit | null) => setLit((now) => (sameLit(now, next) ? now : next));
  const toStep = (next: number) => {
    const last = derivation.steps.length - 1;
    const shown = Math.max(0, Math.min(last, next));
    if (shown !== at) say({ ...sentence, step: shown === last ? null : shown + 1 }, 'passing');
  };
  const toMethod = (method: MethodId) =>
    method !== sentence.method && say({ ...sentence, method, step: null }, 'finished');
  const toPlace = (place: number) => {
    const found = stepDeciding(derivation, place);
    if (found !== null) toStep(found);
  };
  const slide = (places: number) => {
    const next = slideWindow(sentence, places);
    if (next !== sentence) say(next, 'passing');
  };
  const keep = async () => {
    const id = crypto.randomUUID();
    const name = sentenceText(sentence)
      .replace(/^Build /u, '')
      .replace(/\.$/u, '');
    const item = { id, name, note: '', address: writeAddress(sentence), keptAt: new Date().toISOString() };
    await shelf.change((items) => keeping(items, item));
    setSaid(`Kept on the shelf: ${name}.`);
  };
  const undo = async () => {
    const undone = await shelf.undo();
    setSaid(undone ? `Taken back: ${undone}.` : 'Nothing on the shelf to take back.');
  };
  const exported = async (id: ExportId) => {
    const file = await exportFile(id, view);
    download(file);
    setSaid(`${file.name} is in your downloads.`);
  };
  const methods = methodsFor(scale);
  const nextMethod = methods[(methods.indexOf(sentence.method) + 1) % methods.length];

  useKeys(
    {
      t: () => setWord('tonic'),
      s: () => setWord('scale'),
      d: () => setWord('direction'),
      c: () => setWord('clef'),
      g: () => setWord('signature'),
      m: () => nextMethod && toMethod(nextMethod),
      k: () => void keep(),
      l: () => setSheet('shelf'),
      x: () => setSheet('export'),
      n: () => setLight(light === 'day' ? 'night' : 'day'),
      '?': () => setSheet('keys'),
      ArrowRight: () => toStep(at + 1),
      ArrowLeft: () => toStep(at - 1),
      Home: () => toStep(0),
      End: () => toStep(derivation.steps.length - 1),
      'mod+z': () => void undo(),
    },
    single === 'on',
  );

  return (
    <div data-live={live ? 'yes' : 'no'} className="flex min-h-dvh grow flex-col room:h-dvh">
      <Toolbar
        kept={shelf.state.items.length}
        night={light === 'night'}
        exporting={sheet === 'export'}
        onExporting={(open) => setSheet(open ? 'export' : null)}
        onKeep={() => void keep()}
        onShelf={() => setSheet('shelf')}
        onExport={(id) => void exported(id)}
        onLight={() => setLight(light === 'day' ? 'night' : 'day')}
        onKeys={() => setSheet('keys')}
      />
      <main className="flex min-h-0 grow flex-col gap-4 px-4 pt-3 pb-5 sm:px-6">
        <Notice problems={problems} saving={shelf.state.saving} />
        <Sentence
          parts={sentenceParts(sentence)}
          open={word}
          onOpen={setWord}
          onPick={(id, value) => {
            setWord(null);
            const next = withWord(sentence, id, value);
            if (next !== sentence) say(next, 'finished');
          }}
        />
        <div className="mt-2 grid min-h-0 grow gap-3 room:grid-cols-[minmax(0,1fr)_22.5rem]">
          <div className="flex min-h-0 min-w-0 flex-col gap-3">
            <section
              aria-label="Stride and keyboard"
              className="card flex min-h-0 grow flex-col px-2 py-2 sm:px-4"
            >
              <Stride
                written={written}
                derivation={derivation}
                step={step}
                lit={lit}
                onLit={point}
                onPlace={toPlace}
              />
              <Caption lit={lit} view={view} />
            </section>
            <section aria-label="Staff" className="card px-2 py-1 sm:px-4">
              <div ref={staffRef} className="overflow-x-auto overflow-y-hidden">
                <Staff
                  scene={staff}
                  written={written}
                  step={step}
                  lit={lit}
                  onLit={point}
                  onPlace={toPlace}
                />
              </div>
            </section>
            <section aria-label="Rail" className="card px-2 py-1 sm:px-4">
              <Rail
                scale={scale}
                step={step}
                lit={lit}
                line={written.line}
                onSlide={slide}
                onRelative={() => say(toRelative(sentence), 'finished')}
                onRest={rest}
              />
            </section>
          </div>
          <div className="card flex min-h-0 flex-col gap-3 p-4">
            <Working derivation={derivation} methods={methods} at={at} onStep={toStep} onMethod={toMethod} />
            <Proof proof={view.proof} />
          </div>
        </div>
      </main>
      <p role="status" className="sr-only">
        {said}
      </p>
      <ShelfSheet
        open={sheet === 'shelf'}
        onOpen={(open) => setSheet(open ? 'shelf' : null)}
        state={shelf.state}
        onEdit={(item, words) => void shelf.change(() => editing(item, words))}
        onMove={(item, way) => void shelf.change((items) => moving(items, item.id, way))}
        onDelete={(item) => void shelf.change(() => deleting(item))}
        onUndo={() => void undo()}
        onKeep={() => void keep()}
        onSay={(next) => {
          setSheet(null);
          say(next, 'finished');
        }}
      />
      <KeysSheet
        open={sheet === 'keys'}
        onOpen={(open) => setSheet(open ? 'keys' : null)}
        single={single === 'on'}
        onSingle={(on) => setSingle(on ? 'on' : 'off')}
      />
    </div>
  );
}

/** Under the stride: what is pointed at, or what the moons mean and what is to be said of the key. */
function Caption({ lit, view }: { readonly lit: Lit | null; readonly view: ReturnType<typeof viewOf> }) {
  const { line } = view.written;
  const text =
    lit === null
      ? keyNote(view.scale)
      : lit.kind === 'place'
        ? line[lit.place] && sayPlace(line, lit.place)
        : saySign(lit.sign, litPlaces(lit, line).size);
  return (
    <div className="flex min-h-10 items-center gap-x-5 text-small text-quiet">
      {lit === null && <MoonLegend />}
      <p>{text}</p>
    </div>
  );
}
