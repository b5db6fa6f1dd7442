import type { APIContext, APIRoute } from 'astro';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyJson, anyQuery, anyWord, MANY } from '@/core/any-words.test-data';
import { KIND_IDS } from '@/core/exercise/kinds/all';
import { SCALE_IDS } from '@/core/scale/pattern';
import * as ask from './ask';
import * as frets from './frets';
import * as identify from './identify';
import * as key from './key';
import * as mark from './mark';
import * as route from './route';
import * as scale from './scale';
import * as signature from './signature';

const GETS = {
  ask: ask.GET,
  frets: frets.GET,
  key: key.GET,
  route: route.GET,
  scale: scale.GET,
  signature: signature.GET,
};
const POSTS = { identify: identify.POST, mark: mark.POST };

const BASE = 'http://moon.example/api/v1';

async function answered(endpoint: APIRoute, request: Request): Promise<Response> {
  return endpoint({ request, url: new URL(request.url) } as unknown as APIContext);
}

/** Requests that come close: an endpoint's own names with any words. */
const KEYS = ['Eb major', 'C minor', 'D dorian', 'F# major', 'E harmonic-minor'];
const NEAR: Readonly<Record<keyof typeof GETS, Readonly<Record<string, readonly string[]>>>> = {
  ask: { q: ['E to F', 'chords of F minor', '4 flats', 'C# harmonic minor bass', 'mark B harmonic minor'] },
  key: { name: KEYS },
  route: { from: KEYS, to: KEYS },
  scale: { tonic: ['C', 'F#', 'Eb', 'B##'], scale: SCALE_IDS },
  frets: {
    tonic: ['C', 'Fb'],
    scale: ['major', 'chromatic'],
    steps: ['2,2,3,2,3'],
    tuning: ['guitar', 'E2,A2', 'toString'],
    from: ['0', '24', '-1'],
    to: ['0', '4', '25'],
  },
  signature: { fifths: ['-7', '0', '4', '8'] },
};

const body = fc.oneof(
  anyJson,
  fc.record({ notes: fc.array(anyWord, { maxLength: 40 }) }),
  fc.record({
    question: fc.oneof(
      anyJson,
      fc.record({ kind: fc.constantFrom(...KIND_IDS), tonic: anyWord, scale: anyWord }),
    ),
    answer: anyJson,
    options: fc.oneof(fc.constant(undefined), anyJson),
  }),
  fc.record({ items: fc.array(anyJson, { maxLength: 3 }) }),
);

describe('any request', () => {
  it.each(Object.keys(GETS) as (keyof typeof GETS)[])(
    'to %s is answered or refused with a document, and never fails',
    async (name) => {
      const statuses = new Map<number, number>();
      const near = fc
        .tuple(
          ...Object.entries(NEAR[name]).map(([parameter, good]) =>
            fc
              .oneof({ weight: 2, arbitrary: fc.constantFrom(...good) }, anyWord)
              .map((word): [string, string] => [parameter, word]),
          ),
        )
        .map((pairs) => `?${new URLSearchParams(pairs)}`);
      await fc.assert(
        fc.asyncProperty(fc.oneof(near, anyQuery), async (query) => {
          const { status } = await answered(GETS[name], new Request(`${BASE}/${name}${query}`));
          expect(status).toBeLessThan(500);
          statuses.set(status, (statuses.get(status) ?? 0) + 1);
        }),
        { numRuns: 700 * MANY },
      );
      console.info(`${name}: ${[...statuses].map(([status, count]) => `${count} × ${status}`).join(', ')}`);
    },
    600_000,
  );

  it.each(Object.keys(POSTS) as (keyof typeof POSTS)[])(
    'with any body to %s is answered or refused with a document, and never fails',
    async (name) => {
      const statuses = new Map<number, number>();
      await fc.assert(
        fc.asyncProperty(body, async (sent) => {
          const request = new Request(`${BASE}/${name}`, {
            method: 'POST',
            headers: { 'Content-Type': 'application/json' },
            body: JSON.stringify(sent ?? null),
          });
          const { status } = await answered(POSTS[name], request);
          expect(status, JSON.stringify(sent)).toBeLessThan(500);
          statuses.set(status, (statuses.get(status) ?? 0) + 1);
        }),
        { numRuns: 700 * MANY },
      );
      console.info(`${name}: ${[...statuses].map(([status, count]) => `${count} × ${status}`).join(', ')}`);
    },
    600_000,
  );
});
