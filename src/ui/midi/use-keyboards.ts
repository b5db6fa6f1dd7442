import { useState } from 'react';
import type { MidiDevice } from '@/devices/midi/device';
import { pretendKeyboard } from '@/devices/midi/pretend';

/** The keyboards one can listen to: those that are plugged in, and the pretend one. */
export function useKeyboards(name: string) {
  const [pretend] = useState(() => pretendKeyboard(name));
  const [real, setReal] = useState<readonly MidiDevice[]>([]);
  const [why, setWhy] = useState<'none' | 'not-here' | null>(null);
  const look = async () => {
    const { realKeyboards } = await import('@/devices/midi/real');
    const found = await realKeyboards();
    setReal(found.ok ? found.devices : []);
    setWhy(found.ok ? (found.devices.length === 0 ? 'none' : null) : 'not-here');
    return found.ok ? found.devices : [];
  };
  return { pretend, real, why, look };
}
