import { Piano } from 'lucide-react';
import { useEffect, useState } from 'react';
import { MIDI_KEYS_WORDS as SAY } from '@/core/words/screen/midi-keys';
import { KeyStrip } from '../entry/KeyStrip';
import { useSteady } from '../use-steady';
import { useKeyboards } from './use-keyboards';

type Props = {
  /** The C on which the keys on the screen begin, as a MIDI number. */
  readonly from: number;
  /** Told the MIDI number of every key that goes down, on a real keyboard or on the screen. */
  readonly onKey: (midi: number) => void;
};

/**
 * A keyboard that plays into a note entry: the pretend one, played by the keys on the screen, and what is plugged in,
 * listened to from a press on.
 */
export function MidiKeys({ from, onKey }: Props) {
  const { pretend, real, why, look } = useKeyboards(SAY.pretend);
  const [on, setOn] = useState(false);
  const { hear } = useSteady({ hear: onKey });
  useEffect(() => {
    if (!on) return;
    const stops = [pretend, ...real].map((device) => device.listen(hear));
    return () => {
      for (const stop of stops) stop();
    };
  }, [on, pretend, real, hear]);
  const toggle = () => {
    setOn(!on);
    if (!on) void look();
  };
  const names = real.map(({ name }) => name);
  const said =
    names.length > 0 ? SAY.hears(names) : why === 'none' ? SAY.none : why === null ? '' : SAY.notHere;
  return (
    <div className="flex min-w-0 flex-col gap-1.5">
      <div className="flex flex-wrap items-center gap-2">
        <button type="button" className="control" aria-pressed={on} onClick={toggle}>
          <Piano className="size-4" aria-hidden="true" />
          {SAY.button}
        </button>
        <p role="status" className="text-small text-quiet">
          {on ? said : ''}
        </p>
      </div>
      {on && (
        <div className="overflow-x-auto">
          <KeyStrip from={from} onKey={(midi) => pretend.play([midi], 0)} />
        </div>
      )}
    </div>
  );
}
