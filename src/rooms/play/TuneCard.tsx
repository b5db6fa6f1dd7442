import { useMemo } from 'react';
import { placeFor } from '@/core/harmony/circle';
import { signatureOfKey } from '@/core/harmony/key';
import { asciiName, type SpelledNote } from '@/core/note/spelled';
import { LONGEST_TUNE, type TuneTexts, tuneOfTexts, tuneTexts } from '@/core/play/tune';
import { nextKey, tuneKeys } from '@/core/play/tune-keys';
import { isShipped, type TuneCode, tuneText } from '@/core/play/tunes';
import type { Mode } from '@/core/scale/mode';
import { PRACTICE_WORDS } from '@/core/words/screen/practice';
import { type RingMark, ringScene, wayOf } from '@/engrave/ring';
import { ringLayout } from '@/engrave/ring-layout';
import { SceneView } from '@/ui/scene/SceneView';
import { useWords } from '@/ui/school/use-class';
import { Hits } from '@/ui/surfaces/Hits';
import { TypedField } from '@/ui/TypedField';
import { sizeTaught } from '../address/orbit/orbit-sentence';
import type { Remembers } from './use-practice';

type Props = {
  readonly code: TuneCode;
  readonly tonic: SpelledNote;
  /** The mode of the scale it is set in; null where a scale has none. */
  readonly mode: Mode | null;
  readonly tune: Remembers;
  readonly onTune: (code: TuneCode) => void;
  readonly onKeep: () => void;
  readonly onTonic: (tonic: SpelledNote) => void;
};

const SIZE = 300;

/** A tune in degrees, to be read and changed, and the keys it was played in. */
export function TuneCard({ code, tonic, mode, tune, onTune, onKeep, onTonic }: Props) {
  const say = PRACTICE_WORDS.tune;
  const texts = tuneTexts(tuneText(code));
  const own = !isShipped(code);
  const type = (more: Partial<TuneTexts>) => onTune(tuneOfTexts({ ...texts, ...more }));
  const isKept = tune.is.text === code;
  return (
    <section aria-label={say.title} className="card flex flex-col gap-2 px-4 py-3">
      <h2 className="font-bold">{say.title}</h2>
      <TypedField
        label={say.name}
        value={texts.name}
        limit={60}
        className="field"
        onType={(name) => type({ name })}
      />
      <TypedField
        long
        label={say.degrees}
        value={texts.degrees}
        limit={LONGEST_TUNE}
        className="field font-mono"
        describedBy="tune-help"
        onType={(degrees) => type({ degrees })}
      />
      <p id="tune-help" className="text-small text-quiet">
        {say.help}
      </p>
      <TypedField
        long
        label={say.words}
        value={texts.words}
        limit={LONGEST_TUNE}
        placeholder={say.words}
        className="field"
        onType={(words) => type({ words })}
      />
      {own && (
        <button
          type="button"
          className="control self-start"
          disabled={isKept || texts.name === ''}
          onClick={onKeep}
        >
          {isKept ? say.kept : say.keep}
        </button>
      )}
      {mode && <TuneRing tonic={tonic} mode={mode} tune={tune} onTonic={onTonic} />}
    </section>
  );
}

type RingProps = Pick<Props, 'tonic' | 'tune' | 'onTonic'> & { readonly mode: Mode };

/** The keys of a tune on the circle: those that are done, the one that stands, and the next. */
function TuneRing({ tonic, mode, tune, onTonic }: RingProps) {
  const w = useWords();
  const say = PRACTICE_WORDS.tune;
  const size = sizeTaught(w.settings);
  const { done } = tune.is;
  const code = (note: SpelledNote) => `${asciiName(note)}-${mode}`;
  const isDone = (note: SpelledNote) => done.includes(code(note));
  const keys = useMemo(() => tuneKeys(size, mode), [size, mode]);
  const stands = { tonic, mode };
  const home = placeFor(size, signatureOfKey(stands));
  const name = (note: SpelledNote) => (mode === 'minor' ? w.keyTonic(note, 'minor') : w.note(note));
  const marks = new Map<number, RingMark>(
    keys.flatMap(({ place, key }) => (isDone(key.tonic) ? [[place.count, { look: 'right' }] as const] : [])),
  );
  if (!marks.has(home)) marks.set(home, { look: 'home' });
  const question = { ...{ width: SIZE, height: SIZE, minors: false, shown: null, route: [], beyond: null } };
  const scene = ringScene({
    ...question,
    ...{ w, reading: 'keys', size, mode, marks, minorMarks: new Map() },
  });
  const layout = ringLayout(size, wayOf(w), question);
  const hits = keys.map(({ place, key }) => ({
    ...layout.at(place.count),
    id: String(place.count),
    r: layout.place + 2,
    label: isDone(key.tonic)
      ? say.was(name(key.tonic))
      : place.count === home
        ? say.here(name(key.tonic))
        : name(key.tonic),
  }));
  const doneKeys = keys.filter(({ key }) => isDone(key.tonic)).map(({ key }) => name(key.tonic));
  const next = nextKey(keys, size, stands, isDone);
  return (
    <>
      <h3 className="text-small font-bold text-quiet">{say.keys}</h3>
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="control"
          aria-pressed={isDone(tonic)}
          onClick={() =>
            tune.note({
              done: isDone(tonic) ? done.filter((one) => one !== code(tonic)) : [...done, code(tonic)],
            })
          }
        >
          {say.thisDone(name(tonic))}
        </button>
        {next && (
          <button type="button" className="control" onClick={() => onTonic(next.tonic)}>
            {say.next(name(next.tonic))}
          </button>
        )}
      </div>
      <p role="status" className="text-small">
        {doneKeys.length === keys.length
          ? say.all
          : say.done(doneKeys.length, keys.length, doneKeys.join(', '))}
      </p>
      <SceneView
        id="tune-ring"
        scene={scene}
        title={say.ring}
        description={say.done(doneKeys.length, keys.length, doneKeys.join(', '))}
        style={{ width: '100%', maxWidth: SIZE }}
      >
        <Hits
          label={say.ring}
          hits={hits}
          onPoint={() => undefined}
          onPress={(id) => {
            const found = keys.find(({ place }) => String(place.count) === id);
            if (found) onTonic(found.key.tonic);
          }}
        />
      </SceneView>
    </>
  );
}
