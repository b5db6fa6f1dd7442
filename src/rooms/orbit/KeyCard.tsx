import { readOff } from '@/core/harmony/circle';
import { chordsOfKey } from '@/core/harmony/family';
import {
  enharmonicKey,
  type Key,
  keyAt,
  keyNotes,
  parallelKey,
  relativeKey,
  signatureOfKey,
} from '@/core/harmony/key';
import { neighbourOf } from '@/core/harmony/neighbour';
import { MODES } from '@/core/scale/mode';
import { scaleOfMode } from '@/core/scale/pattern';
import { isPrintable } from '@/core/scale/signature';
import { chordSymbol } from '@/core/words/say-chord';
import { keyName, roundWord, sayCounted, sayNeighbour, sayReadOff } from '@/core/words/say-key';
import { orbitWords } from '@/core/words/screen/orbit';
import { capital } from '@/core/words/vocabulary';
import { useWords } from '@/ui/school/use-class';
import { writeAddress } from '../address/derive/derive-address';
import { FIRST_SENTENCE } from '../address/derive/derive-sentence';
import { orbitHref } from '../address/orbit/orbit-address';
import { GoLink } from '../shell/GoLink';
import { KeyLink } from './KeyLink';
import { ScaleStaff } from './ScaleStaff';

type Props = {
  readonly it: Key;
  readonly readsOff: boolean;
  readonly onReadOff: (on: boolean) => void;
};

/** Everything a key is: its place, its neighbours with what is new, its relations, its owners, scale and chords. */
export function KeyCard({ it, readsOff, onReadOff }: Props) {
  const w = useWords();
  const { about: say } = orbitWords(w);
  const count = signatureOfKey(it);
  const printed = isPrintable(count);
  const twin = enharmonicKey(it);
  const off = readOff(printed ? count : twin ? signatureOfKey(twin) : 0);
  return (
    <>
      <ScaleStaff id="key" it={it} />
      <p>
        {sayCounted(w, it)} {printed ? '' : say.theoretical}
      </p>
      <dl className="grid grid-cols-[7.5rem_1fr] gap-x-3 gap-y-1.5">
        <Neighbours it={it} />
        <Relations it={it} />
        <dt className="text-small text-quiet">{say.owners}</dt>
        <dd className="flex flex-wrap gap-x-3 gap-y-1">
          {MODES.filter((mode) => mode !== it.mode).map((mode) => {
            const owner = keyAt(count, mode);
            return owner && <KeyLink key={mode} it={owner} />;
          })}
        </dd>
        <dt className="text-small text-quiet">{say.scale}</dt>
        <dd>
          <GoLink
            href={`/derive${writeAddress({ ...FIRST_SENTENCE, tonic: it.tonic, scale: scaleOfMode(it.mode), clef: 'treble', step: null })}`}
          >
            {w.noteList(keyNotes(it) ?? [])}
          </GoLink>
        </dd>
        <dt className="text-small text-quiet">{say.chords}</dt>
        <dd>
          <GoLink href={orbitHref({ kind: 'chords', key: it, size: 'triads', degree: 1 })}>
            {chordsOfKey(it, 'triads', w.settings)
              .map(({ chord }) => chordSymbol(w, chord))
              .join(' ')}
          </GoLink>
        </dd>
      </dl>
      <section
        aria-label={say.readOff}
        className="flex flex-col items-start gap-1.5 border-t border-rule pt-2"
      >
        <h3 className="text-small text-quiet">{say.readOff}</h3>
        <p>
          {!printed && twin ? `${say.readOffTwin(keyName(w, twin))} ` : ''}
          {sayReadOff(w, off)}
        </p>
        {off.count !== 0 && (
          <button
            type="button"
            className="control"
            aria-pressed={readsOff}
            onClick={() => onReadOff(!readsOff)}
          >
            {readsOff ? say.hideReadOff : say.showReadOff}
          </button>
        )}
      </section>
    </>
  );
}

/** What is new one place either way. */
function Neighbours({ it }: { readonly it: Key }) {
  const w = useWords();
  return ([1, -1] as const).map((way) => {
    const next = neighbourOf(it, way);
    if (!next) return null;
    return (
      <div key={way} className="contents">
        <dt className="text-small text-quiet">{capital(roundWord(w, way))}</dt>
        <dd>
          <KeyLink it={next.key} />
          {sayNeighbour(w, next).slice(keyName(w, next.key).length)}
        </dd>
      </div>
    );
  });
}

function Relations({ it }: { readonly it: Key }) {
  const w = useWords();
  const { about: say } = orbitWords(w);
  const related = [
    [say.relative, relativeKey(it)],
    [say.parallel, parallelKey(it)],
    [say.enharmonic, enharmonicKey(it)],
  ] as const;
  return related.map(
    ([name, key]) =>
      key && (
        <div key={name} className="contents">
          <dt className="text-small text-quiet">{name}</dt>
          <dd>
            <KeyLink it={key} />
          </dd>
        </div>
      ),
  );
}
