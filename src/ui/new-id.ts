/** The id of a new record: 128 random bits. Also made over plain HTTP, where browsers give out no UUID. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}
