/** The registered media type of a WAV file. */
export const WAV_TYPE = 'audio/wav';

const HEAD = 44; // bytes
const BYTES = 2; // of a sample
const FULL = 0x7fff;

/**
 * Samples of one channel as a WAV file of 16 bits, https://www.rfc-editor.org/rfc/rfc2361
 *
 * @param samples between −1 and 1; what lies beyond is cut off
 * @param rate samples a second
 */
export function writeWav(samples: Float32Array, rate: number): Uint8Array {
  const bytes = new Uint8Array(HEAD + samples.length * BYTES);
  const view = new DataView(bytes.buffer);
  const text = (at: number, letters: string) => {
    for (const [index, letter] of [...letters].entries()) bytes[at + index] = letter.charCodeAt(0);
  };
  text(0, 'RIFF');
  view.setUint32(4, bytes.length - 8, true);
  text(8, 'WAVEfmt ');
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true); // plain samples
  view.setUint16(22, 1, true); // one channel
  view.setUint32(24, rate, true);
  view.setUint32(28, rate * BYTES, true);
  view.setUint16(32, BYTES, true);
  view.setUint16(34, 8 * BYTES, true);
  text(36, 'data');
  view.setUint32(40, samples.length * BYTES, true);
  for (const [index, sample] of samples.entries())
    view.setInt16(HEAD + index * BYTES, Math.round(Math.max(-1, Math.min(1, sample)) * FULL), true);
  return bytes;
}
