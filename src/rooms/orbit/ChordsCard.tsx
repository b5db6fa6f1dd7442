import { scalesFor } from '@/core/harmony/chord-scales';
import {
  type ChordSize,
  chordsOfKey,
  chordsOfScale,
  dominantOf,
  hasDominant,
  type KeyChord,
  twoFiveOne,
} from '@/core/harmony/family';
import { type Key, relativeKey, signatureOfKey } from '@/core/harmony/key';
import type { SpelledNote } from '@/core/note/spelled';
import { scaleNamed } from '@/core/scale/scale';
import { chordName, chordSymbol, sayFamily, sayTwoFiveOne } from '@/core/words/say-chord';
import { keyName } from '@/core/words/say-key';
import { orbitWords } from '@/core/words/screen/orbit';
import { capital, signCount } from '@/core/words/vocabulary';
import { useWords } from '@/ui/school/use-class';
import { writeAddress } from '../address/derive/derive-address';
import { FIRST_SENTENCE } from '../address/derive/derive-sentence';
import { orbitHref } from '../address/orbit/orbit-address';
import type { OrbitSentence } from '../address/orbit/orbit-sentence';
import { GoLink } from '../shell/GoLink';

type Chords = Extract<OrbitSentence, { readonly kind: 'chords' }>;

type Props = {
  readonly sentence: Chords;
  readonly onDegree: (degree: number) => void;
};

/** How many scales of a chord are named before the rest is only counted. */
const SCALES_NAMED = 8;

/** The seven chords of a key, with the numbers they have in its relative, and what belongs to the one in hand. */
export function ChordsCard({ sentence, onDegree }: Props) {
  const w = useWords();
  const { chords: say } = orbitWords(w);
  const { key, size, degree } = sentence;
  const chords = chordsOfKey(key, size, w.settings);
  const relative = relativeKey(key);
  const others = relative ? chordsOfKey(relative, size, w.settings) : [];
  const numberThere = (chord: KeyChord) =>
    others.find(
      ({ chord: other }) => other.root === chord.chord.root && other.quality === chord.chord.quality,
    )?.numeral ?? '–';
  return (
    <>
      <div className="shrink-0 overflow-x-auto">
        <table className="w-full border-collapse text-left">
          <thead className="text-small text-quiet">
            <tr>
              <th className="py-1 pr-2 font-normal">{say.numeral}</th>
              <th className="py-1 pr-2 font-normal">{say.chord}</th>
              <th className="py-1 pr-2 font-normal">{say.notes}</th>
              <th className="py-1 font-normal">{relative && say.inRelative(keyName(w, relative))}</th>
            </tr>
          </thead>
          <tbody>
            {chords.map((each) => (
              <tr
                key={each.degree}
                data-now={each.degree === degree ? '' : undefined}
                className="row border-t border-rule"
              >
                <td className="py-1 pr-2">
                  <button
                    type="button"
                    className="font-serif text-large font-bold underline decoration-rule underline-offset-4"
                    aria-pressed={each.degree === degree}
                    aria-label={`${each.numeral}, ${chordName(w, each.chord)}`}
                    onClick={() => onDegree(each.degree)}
                  >
                    {each.numeral}
                  </button>
                </td>
                <td className="py-1 pr-2">{chordSymbol(w, each.chord)}</td>
                <td className="py-1 pr-2 whitespace-nowrap">
                  {w.noteList(each.chord.notes)}
                  {each.raised && <span className="block text-small text-plum">{say.raised}</span>}
                </td>
                <td className="py-1 font-serif text-quiet">{numberThere(each)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {key.mode === 'minor' && <MinorForms tonic={key.tonic} size={size} />}
      <ChordInHand it={chords[degree - 1] ?? chords[0]} home={key} />
    </>
  );
}

/** The chords of minor's other forms, which its raised degrees make. */
function MinorForms({ tonic, size }: { readonly tonic: SpelledNote; readonly size: ChordSize }) {
  const w = useWords();
  return (
    <ul className="flex flex-col gap-1">
      {(['harmonic-minor', 'melodic-minor'] as const).map((form) => {
        const reading = scaleNamed(tonic, form);
        if (!reading.ok) return null;
        const chords = chordsOfScale(reading.scale.ascending.slice(0, 7), size, w.settings);
        return (
          <li key={form}>
            <span className="text-small text-quiet">{w.scaleWord(form)}</span>{' '}
            {chords.map(({ numeral, chord }) => (
              <span
                key={numeral}
                className="mr-2 inline-block whitespace-nowrap"
                title={w.noteList(chord.notes)}
              >
                <span className="font-serif font-bold">{numeral}</span> {chordSymbol(w, chord)}
              </span>
            ))}
          </li>
        );
      })}
    </ul>
  );
}

/** What belongs to one chord: its dominant, the scales that hold it; and the moves of the key. */
function ChordInHand({ it, home }: { readonly it: KeyChord | undefined; readonly home: Key }) {
  const w = useWords();
  const { chords: say } = orbitWords(w);
  if (!it) return null;
  const triads = chordsOfKey(home, 'triads', w.settings);
  const dominant = hasDominant(it.chord) ? dominantOf(it.chord.root, true) : null;
  const moves = twoFiveOne(home);
  const family = sayFamily(w, triads);
  const scales = scalesFor(it.chord);
  return (
    <div className="flex flex-col gap-2">
      <div>
        <h3 className="text-small text-quiet">{chordName(w, it.chord)}</h3>
        <div className="flex flex-wrap gap-x-4">
          <GoLink
            href={orbitHref({ kind: 'spell', root: it.chord.root, quality: it.chord.quality, step: null })}
          >
            {w.noteList(it.chord.notes)}
          </GoLink>
          {dominant && (
            <span>
              {say.dominant(chordSymbol(w, it.chord))}: {chordSymbol(w, dominant)}
            </span>
          )}
        </div>
      </div>
      {family && <p className="text-small">{family}</p>}
      {moves && (
        <div className="flex flex-wrap items-baseline gap-x-3">
          <h3 className="text-small text-quiet">{say.twoFiveOne}</h3>
          <div>{sayTwoFiveOne(w, moves)}</div>
        </div>
      )}
      <div>
        <h3 className="text-small text-quiet">{say.scales(chordSymbol(w, it.chord))}</h3>
        <div className="flex flex-wrap gap-x-3 gap-y-1">
          {scales.slice(0, SCALES_NAMED).map(({ tonic, scale }) => (
            <GoLink
              key={`${w.note(tonic)}${scale}`}
              href={`/derive${writeAddress({ ...FIRST_SENTENCE, tonic, scale, clef: 'treble', step: null })}`}
            >
              {w.scale(tonic, scale)}
            </GoLink>
          ))}
          {scales.length > SCALES_NAMED && (
            <span className="text-quiet">{say.more(scales.length - SCALES_NAMED)}</span>
          )}
        </div>
      </div>
      <p className="text-small text-quiet">
        {capital(signCount(signatureOfKey(home)))}. {say.byEar}
      </p>
    </div>
  );
}
