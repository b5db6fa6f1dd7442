import { useMemo, useState } from 'react';
import { fingeringsOf, otherName, type Wind } from '@/core/instrument/wind/winds';
import { pitchCode } from '@/core/note/pitch-code';
import type { Part } from '@/core/play/part';
import { sayFingering, sayUse } from '@/core/words/say-fingering';
import { playWords } from '@/core/words/screen/play';
import { PRACTICE_WORDS } from '@/core/words/screen/practice';
import { fingeringScene } from '@/engrave/fingering';
import { SceneView } from '@/ui/scene/SceneView';
import { useWords } from '@/ui/school/use-class';
import type { Remembers } from './use-practice';

type Props = {
  readonly wind: Wind;
  readonly part: Part;
  /** What is remembered of this instrument on this scale. */
  readonly hand: Remembers;
  /** The place of the note that sounds. */
  readonly sounding: number | null;
};

/** How the note that sounds, or one that is walked to, is fingered: a diagram, its keys, and the other ways. */
export function FingeringCard({ wind, part, hand, sounding }: Props) {
  const w = useWords();
  const say = playWords(w).fingering;
  const own = PRACTICE_WORDS.hand;
  const [walked, setWalked] = useState(0);
  const last = part.notes.length - 1;
  const place = sounding ?? Math.min(walked, last);
  const pitch = part.notes[place]?.pitch;
  const ways = useMemo(() => (pitch ? fingeringsOf(wind, pitch) : []), [wind, pitch]);
  if (!pitch) return null;
  // A way that was chosen for a note is taken for it all through the scale.
  const code = pitchCode(pitch);
  const remembered = ways.findIndex(({ keys }) => keys === hand.is.ways[code]);
  const way = Math.max(0, remembered);
  const fingering = ways[way] ?? ways[0];
  const name = w.note(pitch.note);
  const twin = otherName(pitch.note);
  const walk = (by: 1 | -1) => setWalked(Math.max(0, Math.min(last, place + by)));
  return (
    <section aria-label={say.title} className="card flex flex-col gap-2 px-4 py-3">
      <div className="flex items-center justify-between gap-2">
        <button
          type="button"
          className="control"
          onClick={() => walk(-1)}
          aria-label={say.before}
          disabled={place === 0}
        >
          ←
        </button>
        <h2 className="flex items-baseline gap-2">
          <span className="text-small font-bold text-quiet">{say.title}</span>
          <span className="font-serif text-large">{name}</span>
        </h2>
        <button
          type="button"
          className="control"
          onClick={() => walk(1)}
          aria-label={say.after}
          disabled={place === last}
        >
          →
        </button>
      </div>
      {fingering ? (
        <>
          <div className="flex items-start gap-3">
            <SceneView
              id="fingering"
              scene={fingeringScene(wind, fingering)}
              title={say.of(name)}
              description={sayFingering(w, wind, fingering)}
              style={{ width: 84, flexShrink: 0 }}
            />
            {ways.length > 1 ? (
              <fieldset className="flex min-w-0 flex-col gap-1">
                <legend className="text-small font-bold text-quiet">{say.ways}</legend>
                {ways.map((each, at) => (
                  <label key={each.keys} className="flex min-h-7 items-start gap-2 text-small">
                    <input
                      type="radio"
                      name="fingering"
                      className="size-6 shrink-0"
                      checked={at === way}
                      onChange={() => hand.note({ ways: { ...hand.is.ways, [code]: each.keys } })}
                    />
                    <span>
                      {sayFingering(w, wind, each)}: <span className="text-quiet">{sayUse(w, each)}</span>
                    </span>
                  </label>
                ))}
              </fieldset>
            ) : (
              <p className="text-small">{sayFingering(w, wind, fingering)}</p>
            )}
          </div>
          {twin && <p className="text-small">{say.same(name, w.note(twin))}</p>}
          {remembered > 0 && <p className="text-small">{own.remembered(name)}</p>}
          <p className="text-small text-quiet">{say.checked(wind.checked)}</p>
        </>
      ) : (
        <p className="text-small">{say.none(name)}</p>
      )}
    </section>
  );
}
