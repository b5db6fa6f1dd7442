import { describe, expect, it } from 'vitest';
import type { Answer } from '@/core/exercise/answer';
import { judge } from '@/core/exercise/judge';
import type { MarkQuestion } from '@/core/exercise/kinds/all';
import { type ScaleQuestion, scaleTask } from '@/core/exercise/kinds/scale/scale-question';
import { answersOf } from '@/core/mark/explain/made';
import { mistakesIn } from '@/core/mark/mistakes/all';
import { asciiName, type SpelledNote } from '@/core/note/spelled';
import { DIRECTIONS } from '@/core/scale/direction';
import { SCALE_IDS } from '@/core/scale/pattern';
import { TONICS } from '@/core/scale/tonic';
import { CHOICES, USUAL_SETTINGS } from '@/core/school/settings';
import { type ClassWords, wordsOf } from '@/core/words/class-words';
import { boxesOf, collision, overlap } from '@/engrave/boxes.test-data';
import { compareScene } from '@/engrave/compare';
import type { Scene } from '@/engrave/scene';
import { compareRows } from './compare-rows';

type Asked = Extract<MarkQuestion, { kind: 'scale' }>;

type Case = {
  readonly name: string;
  readonly w: ClassWords;
  readonly asked: Asked;
  readonly answer: readonly SpelledNote[];
};

const SCHOOLS = CHOICES.noteNames.map((noteNames) => wordsOf({ ...USUAL_SETTINGS, noteNames }));

/** An answer of every habit to every scale, the tonics and the schools taking turns. */
const CASES: readonly Case[] = SCALE_IDS.flatMap((scale, column) =>
  DIRECTIONS.flatMap((direction, third) =>
    mistakesIn('scale').flatMap((habit, place): readonly Case[] => {
      const tonic = TONICS[(5 * place + column + third) % TONICS.length];
      const w = SCHOOLS[(place + third) % SCHOOLS.length];
      if (!tonic || !w) throw new Error('a tonic and a school');
      const question: ScaleQuestion = { tonic, scale, direction, signature: 'none', clef: 'treble' };
      return answersOf(habit, scaleTask(question))
        .flatMap(({ written }) => (written.is === 'notes' ? [written.notes] : []))
        .slice(0, 2)
        .map((answer) => ({
          name: `${asciiName(tonic)} ${scale} ${direction} ${habit.id}: ${answer.map(asciiName).join(' ')}`,
          w,
          asked: { kind: 'scale', question },
          answer,
        }));
    }),
  ),
);

function drawn({ w, asked, answer }: Case, width: number): Scene {
  const given: Answer = {
    is: 'scale',
    notes: answer.map((note) => ({ note, octave: null, printed: undefined })),
  };
  const { rows, marks } = compareRows(w, asked, given, judge(asked, given, w.settings));
  return compareScene({ w, rows, marks, width, height: Math.max(290, rows.length * 112) });
}

const of = (scene: Scene, ...parts: readonly string[]) =>
  scene.groups.filter(({ part }) => parts.includes(part));

describe('what was given above what was expected, drawn', () => {
  it('has its words beside each other and clear of every note, in every school, at three widths', () => {
    const wrong = CASES.flatMap((each) =>
      [340, 560, 860]
        .filter((width) => {
          const scene = drawn(each, width);
          const said = of(scene, 'mark').flatMap((group) => boxesOf(group, ['text']));
          const notes = of(scene, 'note', 'expected').flatMap((group) => boxesOf(group, ['circle']));
          const outside = said.some(({ left, right }) => left < 0 || right > scene.width);
          return outside || collision(said) || said.some((box) => notes.some((note) => overlap(box, note)));
        })
        .map((width) => `${each.name}, ${width} px`),
    );
    expect(wrong).toEqual([]);
  });

  it('has its titles clear of moons and notes, and everything within the drawing', () => {
    const wrong = CASES.flatMap((each) =>
      [340, 860]
        .filter((width) => {
          const scene = drawn(each, width);
          const titles = of(scene, 'title').flatMap((group) => boxesOf(group, ['text']));
          const rest = of(scene, 'arc', 'note', 'expected').flatMap((group) =>
            boxesOf(group, ['glyph', 'circle', 'rect']),
          );
          const outside = rest.some(
            ({ left, right, bottom }) => left < -1 || right > scene.width + 1 || bottom > scene.height + 1,
          );
          return outside || titles.some((title) => rest.some((box) => overlap(title, box)));
        })
        .map((width) => `${each.name}, ${width} px`),
    );
    expect(wrong).toEqual([]);
  });

  it('shows every note it was given: none lies over another', () => {
    const hidden = CASES.filter((each) => {
      const scene = drawn(each, 860);
      return collision(of(scene, 'note', 'expected').flatMap((group) => boxesOf(group, ['circle'])));
    });
    expect(hidden.map(({ name }) => name)).toEqual([]);
    // B sharp and C of a raised seventh that was taken for a sharp both stand there.
    expect(CASES.some(({ name }) => name.includes('raised-is-sharp'))).toBe(true);
  });
});
