import { useEffect, useRef, useState } from 'react';
import type { Cue, Sound } from '@/core/play/performance';
import type { Sounding } from '@/devices/sound/device';
import { loadSound } from '@/devices/sound/load';
import { wanted } from '../parts/wanted';
import { useSteady } from '../use-steady';

/** What is heard: nothing, something on its way, or something with the note that sounds. */
export type Heard = {
  readonly is: 'silent' | 'coming' | 'sounding';
  /** The place of the note that sounds. */
  readonly note: number | null;
  /** Whose turn it is, or what else is to be shown. */
  readonly cue: Cue | null;
};

const SILENT: Heard = { is: 'silent', note: null, cue: null };

/**
 * Sound, which comes when it is asked for and goes with the room that asked for it.
 *
 * @param of what is heard, in a word; where another stands, what sounded falls silent
 * @param follows whether it is told which note sounds; else only that something does
 */
export function useSound(of: string | null, follows = true) {
  const [heard, setHeard] = useState<Heard>(SILENT);
  const sounding = useRef<Sounding | null>(null);
  /** Counts what was asked for: what comes after it was stopped is not played. */
  const asked = useRef(0);
  const hands = useSteady({
    /** `onEnd` is told when it has been heard to its end. */
    play: async (sounds: readonly Sound[], onEnd?: () => void) => {
      hands.stop();
      asked.current += 1;
      const nth = asked.current;
      setHeard({ ...SILENT, is: 'coming' });
      const device = await wanted('sound', loadSound);
      if (nth !== asked.current) return;
      const made = await device.play(
        sounds,
        ({ note, cue }) => {
          if (follows && nth === asked.current)
            setHeard((before) => ({ is: 'sounding', note, cue: cue ?? before.cue }));
        },
        () => {
          if (nth !== asked.current) return;
          hands.stop();
          onEnd?.();
        },
      );
      if (nth !== asked.current) return made.stop();
      sounding.current = made;
      setHeard((before) => (before.is === 'coming' ? { ...SILENT, is: 'sounding' } : before));
    },
    stop: () => {
      asked.current += 1;
      sounding.current?.stop();
      sounding.current = null;
      setHeard(SILENT);
    },
  });
  const stood = useRef(of);
  useEffect(() => {
    if (stood.current !== of) hands.stop();
    stood.current = of;
  }, [of, hands]);
  useEffect(() => {
    // A page that is left or hidden for good falls silent, too.
    window.addEventListener('pagehide', hands.stop);
    return () => {
      window.removeEventListener('pagehide', hands.stop);
      hands.stop();
    };
  }, [hands]);
  return { heard, ...hands };
}
