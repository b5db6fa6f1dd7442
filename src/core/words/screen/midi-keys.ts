/** The words of keyboards that are played into a note entry. */
export const MIDI_KEYS_WORDS = {
  button: 'Keyboard',
  hears: (names: readonly string[]) => `Listening to ${names.join(', ')}, too.`,
  none: 'No MIDI keyboard is connected; press the keys here.',
  notHere: 'This browser cannot hear MIDI keyboards here; press the keys.',
  pretend: 'the keys on the screen',
} as const;
