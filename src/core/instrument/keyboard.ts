const BLACK_KEYS: ReadonlySet<number> = new Set([1, 3, 6, 8, 10]);

/** Whether the key of a MIDI number is black. The two white neighbours without a black key between are E–F and B–C. */
export function isBlackKey(midi: number): boolean {
  return BLACK_KEYS.has(((midi % 12) + 12) % 12);
}
