import type { MidiDevices } from './device';

/** The keyboards that the browser knows; it may ask whether they can be used. They cannot be over plain HTTP on a network. */
export async function realKeyboards(): Promise<MidiDevices> {
  if (!('requestMIDIAccess' in navigator)) return { ok: false, why: 'not-here' };
  const { WebMidi } = await import('webmidi');
  try {
    await WebMidi.enable();
  } catch {
    return { ok: false, why: 'refused' };
  }
  const devices = WebMidi.inputs.map((input) => ({
    id: input.id,
    name: input.name,
    listen: (heard: (midi: number) => void) => {
      const on = ({ note }: { readonly note: { readonly number: number } }) => heard(note.number);
      input.addListener('noteon', on);
      return () => {
        input.removeListener('noteon', on);
      };
    },
  }));
  return { ok: true, devices };
}
