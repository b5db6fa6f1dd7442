/** A keyboard that can be listened to. */
export type MidiDevice = {
  readonly id: string;
  readonly name: string;
  /**
   * Listens from now on.
   *
   * @param heard told the MIDI number of every key that goes down, 0 to 127
   * @returns stops listening
   */
  readonly listen: (heard: (midi: number) => void) => () => void;
};

/** The keyboards that are there, or why none can be. */
export type MidiDevices =
  | { readonly ok: true; readonly devices: readonly MidiDevice[] }
  /** The browser has none to offer here, or somebody said no. */
  | { readonly ok: false; readonly why: 'not-here' | 'refused' };
