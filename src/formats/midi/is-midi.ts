/** Whether bytes are a MIDI file (https://midi.org/standard-midi-files). */
export function isMidi([m, t, h, d]: Uint8Array): boolean {
  return m === 0x4d && t === 0x54 && h === 0x68 && d === 0x64;
}
