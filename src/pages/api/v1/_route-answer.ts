import type * as z from 'zod';
import type { Chord, ChordQuality } from '@/core/harmony/chord';
import { journeyOf, type Route } from '@/core/harmony/route';
import { distanceOf, sharedNotes } from '@/core/harmony/shared';
import { asciiName } from '@/core/note/spelled';
import { scaleOfMode } from '@/core/scale/pattern';
import { readKeyText, writeKeyText } from './_key-text';
import { readQuery } from './_query';
import { type Answer, json, refused } from './_respond';
import { type routeAnswer, routeParameters } from './_schemas';

type RouteDocument = z.infer<typeof routeAnswer>;

/** Answers GET /route. */
export function answerRoute(url: URL): Answer {
  const query = readQuery(url, Object.keys(routeParameters), ['from', 'to']);
  if (!query.ok) return query;
  const from = readKeyText(query.values.get('from') ?? '');
  if (!from.ok) return refused('from', from.why);
  const to = readKeyText(query.values.get('to') ?? '');
  if (!to.ok) return refused('to', to.why);
  const [one, other] = [from.read.key, to.read.key];
  const { clockwise, anticlockwise, signatures } = distanceOf(one, other);
  const { spelled, sounding } = sharedNotes(one, other);
  const answer: RouteDocument = {
    from: writeKeyText(from.read.tonic, from.read.scale),
    to: writeKeyText(to.read.tonic, to.read.scale),
    places: { clockwise, anticlockwise },
    distance: signatures,
    shared: { spelled: spelled.map(asciiName), sounding: sounding.map(asciiName) },
    routes: journeyOf(one, other).routes.map(routeDocument),
  };
  return json(answer);
}

const SIGNS: Partial<Readonly<Record<ChordQuality, string>>> = {
  minor: 'm',
  diminished: 'dim',
  augmented: 'aug',
};

function chordText({ root, quality }: Chord): string {
  return asciiName(root) + (SIGNS[quality] ?? '');
}

function routeDocument({ stops }: Route): RouteDocument['routes'][number] {
  return {
    keys: stops.map(({ key }) => writeKeyText(key.tonic, scaleOfMode(key.mode))),
    newNotes: stops.map(({ newNotes }) => newNotes.map(asciiName)),
    pivots: stops.map(({ pivots }) => pivots.map(chordText)),
    respelled: stops.map(({ by }) => by === 'respelling'),
  };
}
