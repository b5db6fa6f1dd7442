import { useState } from 'react';
import { fifths } from '@/core/note/spelled';
import { ORDER_OF_FLATS, ORDER_OF_SHARPS } from '@/core/scale/signature';
import { sayHop } from '@/core/words/say-signature';
import { questionWords } from '@/core/words/screen/questions';
import { signCount } from '@/core/words/vocabulary';
import { useFar } from '@/ui/scene/drawn-at';
import { useWords } from '@/ui/school/use-class';

type Props = {
  /** The signature that is taken, in fifths, and how many of its signs so far. */
  readonly count: number;
  readonly taken: number;
  /** Places of the order the working points at, from 0. */
  readonly pointed: readonly number[];
  /** A sign was pressed: so many signs are wanted. */
  readonly onTake: ((count: number) => void) | null;
};

/** Both orders over one row of letters: sharps from the left, flats from the right, the same backwards. */
export function OrderRows({ count, taken, pointed, onTake }: Props) {
  const w = useWords();
  const say = questionWords(w).orders;
  const [hop, setHop] = useState<Hop | null>(null);
  const far = useFar();
  const row = (kind: 1 | -1) => (
    <Row
      kind={kind}
      title={kind > 0 ? say.sharps : say.flats}
      taken={Math.sign(count) === kind ? taken : 0}
      pointed={Math.sign(count) === kind ? pointed : []}
      onTake={onTake}
      onHop={setHop}
    />
  );
  return (
    <section aria-label={say.title} className={`flex flex-col gap-2 ${far ? '' : 'card px-4 py-3'}`}>
      {row(1)}
      {row(-1)}
      {!far && (
        <p role="status" className="min-h-5 text-small text-quiet">
          {hop ? sayHop(w, hop.kind, hop.at) : say.pointAt}
        </p>
      )}
    </section>
  );
}

/** A sign somebody points at. */
type Hop = { readonly kind: 'sharps' | 'flats'; readonly at: number };

type RowProps = {
  readonly kind: 1 | -1;
  readonly title: string;
  readonly taken: number;
  readonly pointed: readonly number[];
  readonly onTake: Props['onTake'];
  readonly onHop: (hop: Hop | null) => void;
};

function Row({ kind, title, taken, pointed, onTake, onHop }: RowProps) {
  const w = useWords();
  const say = questionWords(w).orders;
  // On a board it is looked at, and nothing can be pressed.
  const far = useFar();
  const Sign = far ? 'div' : 'button';
  const order = kind > 0 ? ORDER_OF_SHARPS : ORDER_OF_FLATS;
  // Flats are read from the right, so that both rows share their letters.
  const places = kind > 0 ? order.map((_, at) => at) : order.map((_, at) => 6 - at);
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <p className="w-40 text-small text-quiet">{title}</p>
      <ol className="grid grow grid-cols-7 gap-1.5">
        {places.map((at) => {
          const sign = order[at];
          if (!sign) return null;
          const on = at < taken;
          const now = pointed.length < 7 && pointed.includes(at);
          return (
            <li key={at}>
              <Sign
                type={far ? undefined : 'button'}
                role={far ? 'img' : undefined}
                className="order-sign"
                data-kind={kind > 0 ? 'sharp' : 'flat'}
                data-on={on ? '' : undefined}
                data-now={now ? '' : undefined}
                aria-pressed={far ? undefined : on}
                aria-label={`${w.spokenNote(sign)}, ${at + 1}${now ? `, ${say.decides}` : ''}`}
                aria-disabled={far ? undefined : !onTake}
                onPointerEnter={() => onHop({ kind: kind > 0 ? 'sharps' : 'flats', at })}
                onPointerLeave={() => onHop(null)}
                onFocus={() => onHop({ kind: kind > 0 ? 'sharps' : 'flats', at })}
                onBlur={() => onHop(null)}
                onClick={() => onTake?.(fifths(kind * (at + 1 === taken ? at : at + 1)))}
                title={say.take(signCount(kind * (at + 1)))}
              >
                <span className="font-serif text-large font-bold">{w.note(sign)}</span>
                <span className="text-small">{at + 1}</span>
              </Sign>
            </li>
          );
        })}
      </ol>
    </div>
  );
}
