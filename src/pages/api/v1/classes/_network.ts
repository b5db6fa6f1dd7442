import { networkInterfaces } from 'node:os';

/** What stands for every address of a computer. */
const EVERY = ['0.0.0.0', '::'];

/**
 * The hosts under which others on the network reach this server; none where it is open to this computer alone. Addresses
 * of version 4 come first, since they are short enough to be typed.
 */
export function addressesHere(host = process.env['HOST'] ?? '127.0.0.1'): readonly string[] {
  if (!EVERY.includes(host)) return /^(?:localhost$|127\.|::1$)/u.test(host) ? [] : [host];
  return Object.values(networkInterfaces())
    .flatMap((each) => each ?? [])
    .filter(({ internal, family }) => !internal && family === 'IPv4')
    .map(({ address }) => address);
}
