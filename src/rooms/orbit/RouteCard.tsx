import { signatureOfKey } from '@/core/harmony/key';
import type { Route } from '@/core/harmony/route';
import { journeyOf } from '@/core/harmony/route';
import { sharedNotes } from '@/core/harmony/shared';
import { chordSymbol } from '@/core/words/say-chord';
import { keyName, sayJar, sayNearness } from '@/core/words/say-key';
import { routeTitle, routeWarning, sayJourney, sayStop } from '@/core/words/say-route';
import { orbitWords } from '@/core/words/screen/orbit';
import { countFigure } from '@/engrave/ring';
import { useWords } from '@/ui/school/use-class';
import type { OrbitSentence } from '../address/orbit/orbit-sentence';
import { KeyLink } from './KeyLink';
import { waysOf } from './ring-of';
import { ScaleStaff } from './ScaleStaff';

type Props = {
  readonly sentence: Extract<OrbitSentence, { readonly kind: 'route' }>;
  readonly at: number;
  readonly onWay: (way: number) => void;
  readonly onStep: (step: number) => void;
};

/** Two keys: how far apart, what they share, what changes; and the ways from one to the other. */
export function RouteCard({ sentence, at, onWay, onStep }: Props) {
  const w = useWords();
  const { route: say } = orbitWords(w);
  const { from, to, way } = sentence;
  const journey = journeyOf(from, to);
  const ways = waysOf(from, to);
  const shown = ways[way - 1] ?? ways[0];
  const { changed } = sharedNotes(from, to);
  if (!shown) return <p>{say.none}</p>;
  const now = shown.stops[at]?.key ?? to;
  const warning = routeWarning(w, shown);
  return (
    <>
      <div className="flex flex-col gap-1">
        {sayNearness(w, from, to).map((line) => (
          <p key={line}>{line}</p>
        ))}
        <p>{sayJar(from, to)}</p>
        <p className="text-small text-quiet">
          {say.changes}:{' '}
          {changed.map((each) => `${w.noteWithSign(each.from)} → ${w.noteWithSign(each.to)}`).join(', ') ||
            '–'}
        </p>
      </div>
      <div role="group" aria-label={say.ways} className="flex flex-wrap gap-1.5">
        {ways.map((each, index) => (
          <button
            key={index}
            type="button"
            className="control"
            aria-pressed={each === shown}
            onClick={() => onWay(index + 1)}
          >
            {routeTitle(w, each)}
          </button>
        ))}
      </div>
      <p className="font-semibold">{shown.shortest ? sayJourney(w, journey) : ''}</p>
      <Stops route={shown} at={at} onStep={onStep} />
      {warning && (
        <p className="text-small text-wrong" role="note">
          ⚠ {warning}
        </p>
      )}
      <ScaleStaff id="route" it={now} />
    </>
  );
}

type StopsProps = { readonly route: Route; readonly at: number; readonly onStep: (step: number) => void };

function Stops({ route, at, onStep }: StopsProps) {
  const w = useWords();
  const { route: say } = orbitWords(w);
  return (
    <div className="shrink-0 overflow-x-auto">
      <table className="w-full border-collapse text-left">
        <thead className="text-small text-quiet">
          <tr>
            {[say.through, say.signature, say.newNote, say.pivots].map((head) => (
              <th key={head} className="py-1 pr-2 font-normal">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {route.stops.map((stop, index) => (
            <tr
              key={index}
              data-now={index === at ? '' : undefined}
              data-later={index > at ? '' : undefined}
              className="row cursor-pointer border-t border-rule"
              onClick={() => onStep(index)}
            >
              <td
                className="py-1 pr-2 font-serif font-bold whitespace-nowrap"
                aria-current={index === at ? 'step' : undefined}
              >
                <KeyLink it={stop.key} title={keyName(w, stop.key)} />
              </td>
              <td className="py-1 pr-2">{countFigure(signatureOfKey(stop.key))}</td>
              <td className="py-1 pr-2 whitespace-nowrap">{sayStop(w, stop)}</td>
              <td className="py-1 text-small">
                {stop.pivots.map((chord) => chordSymbol(w, chord)).join(' ') || (index === 0 ? '' : '–')}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
