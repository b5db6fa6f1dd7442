import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { makeSheet } from './make-sheet';
import { MAKER, type Recipe } from './recipe';
import { itemCode } from './task/all';
import { linesOf, type TopicId } from './topic';

type Sample = {
  readonly maker: string;
  readonly topics: readonly TopicId[];
  readonly recipe: Omit<Recipe, 'lines'>;
  readonly measure: number;
  readonly items: readonly string[];
};

/** Sheets that were made before and are stored. The same recipe must make them for ever; they are never made anew. */
const samples: readonly Sample[] = JSON.parse(
  readFileSync(new URL('./sheet-samples.json', import.meta.url), 'utf8'),
);

it.each(samples.map((sample) => [`${sample.topics.join(' ')} ${sample.recipe.version}`, sample] as const))(
  'a sheet that was stored is made again: %s',
  (_, { maker, topics, recipe, measure, items }) => {
    expect(maker).toBe(MAKER);
    const made = makeSheet({ ...recipe, lines: linesOf(topics) });
    expect(made.items.map(({ item }) => itemCode(item))).toEqual(items);
    expect(made.measure).toBe(measure);
  },
);

it('the stored sheets have every topic and every version among them', () => {
  expect(new Set(samples.map(({ recipe }) => recipe.version)).size).toBe(6);
  expect(new Set(samples.flatMap(({ topics }) => topics)).size).toBe(18);
});
