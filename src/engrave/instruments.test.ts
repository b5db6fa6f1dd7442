import { describe, expect, it } from 'vitest';
import { derive } from '@/core/derive/methods';
import { overOctaves } from '@/core/derive/over-octaves';
import { TUNING_IDS, TUNINGS } from '@/core/instrument/fretboard';
import type { Clef } from '@/core/instrument/staff';
import { noteNamed } from '@/core/note/parse';
import { midiOf } from '@/core/note/pitch';
import { asciiName } from '@/core/note/spelled';
import { DIRECTIONS, type Direction } from '@/core/scale/direction';
import { SCALE_IDS, type ScaleId } from '@/core/scale/pattern';
import { scaleNamed } from '@/core/scale/scale';
import { SCALE_TABLE, tableScale } from '@/core/scale/scale-table';
import { writeOut } from '@/core/scale/written';
import { ENGLISH } from '@/core/words/class-words';
import { boxesOf, collision, overlap } from './boxes.test-data';
import { fretboardScene } from './fretboard';
import { grandScene, staffWidthIn } from './grand';
import { pianoScene } from './piano';
import { ringScene } from './ring';
import type { Group, Scene } from './scene';
import { engraveStaff } from './staff';
import { movedUp, spareRoom } from './staff-trim';
import { leastStaffWidth } from './staff-width';
import { strideScene } from './stride';
import { wheelScene } from './wheel';

/** Room that a board gives a drawing, in its own pixels: it is shown twice as large. */
const BOARD = { width: 608, height: 276 };

function worked(tonic: string, id: ScaleId, direction: Direction, octaves = 1, clef: Clef = 'treble') {
  const reading = scaleNamed(noteNamed(tonic), id);
  if (!reading.ok) throw new Error('cannot be spelled');
  const one = derive(reading.scale, direction, 'step-pattern');
  if (!one) throw new Error('no working');
  const { steps } = overOctaves(one, octaves);
  const step = steps.at(-1);
  if (!step) throw new Error('no step');
  const written = writeOut(reading.scale, { direction, clef, octaves, signature: 'written' });
  return { w: ENGLISH, written, steps, step };
}

const notesOf = ({ groups }: Scene) => groups.filter(({ part }) => part === 'note');

/** The name in a circle, as it is drawn: its letters and signs. */
const nameOf = ({ marks }: Group) =>
  marks
    .flatMap((mark) => (mark.kind === 'glyph' && !mark.glyph.startsWith('sans') ? [mark.glyph] : []))
    .map((glyph) =>
      glyph
        .replace('serif', '')
        .replace('accidentalSharp', '#')
        .replace('accidentalFlat', 'b')
        .replace('accidentalDoubleSharp', '##')
        .replace('accidentalDoubleFlat', 'bb'),
    )
    .join('');

const circleOf = ({ marks }: Group) => {
  const circle = marks.find((mark) => mark.kind === 'circle');
  if (circle?.kind !== 'circle') throw new Error('no circle');
  return circle;
};

/** Letters from C, and the bottom lines of treble and bass: E4 and G2, in letters from C0. */
const FROM_C = 'CDEFGAB';
const BOTTOM = { treble: 4 * 7 + 2, bass: 2 * 7 + 4 };

/** The lines a head needs outside a staff, by the places it lies above the bottom line, counted by hand. */
function ledgersAt(place: number): number {
  if (place >= -1 && place <= 9) return 0;
  return place < 0 ? Math.floor(-place / 2) : Math.floor((place - 8) / 2);
}

describe('the grand staff', () => {
  it('has every note on its line in both clefs, with its ledger lines, and its letter between them', () => {
    for (const { tonic } of SCALE_TABLE)
      for (const id of SCALE_IDS)
        for (const [direction, octaves] of [
          ['both', 1],
          ['up', 2],
        ] as const) {
          const treble = worked(tonic, id, direction, octaves, 'treble');
          const bass = worked(tonic, id, direction, octaves, 'bass');
          const wide = Math.max(
            staffWidthIn(736),
            leastStaffWidth(treble.written),
            leastStaffWidth(bass.written),
          );
          const { step } = treble;
          const [upper, lower] = [treble, bass].map(({ written }) => engraveStaff(written, wide));
          if (!upper || !lower) throw new Error('no staff');
          const scene = grandScene({ w: ENGLISH, title: '', upper, lower, step });
          const between = scene.groups.filter(({ part }) => part === 'between');
          expect(between.map(nameOf)).toEqual(treble.written.line.map(({ pitch }) => asciiName(pitch.note)));
          for (const [prefix, clef, { written }] of [
            ['up-', 'treble', treble],
            ['low-', 'bass', bass],
          ] as const) {
            const bottomLine = (prefix === 'up-' ? 14 : lowOffset(scene, lower)) + 86;
            for (const [place, { pitch }] of written.line.entries()) {
              const head = scene.groups.find(({ key }) => key === `${prefix}note-${place}`);
              const glyph = head?.marks.find((mark) => mark.kind === 'glyph');
              if (!head || glyph?.kind !== 'glyph') throw new Error('no head');
              const at = pitch.octave * 7 + FROM_C.indexOf(pitch.note.letter) - BOTTOM[clef];
              expect(glyph.y + head.y).toBeCloseTo(bottomLine - 5 * at, 3);
              expect(head.marks.filter(({ kind }) => kind === 'line')).toHaveLength(ledgersAt(at));
              // Its letter stands under or over it.
              const letter = between.find(({ place: of }) => of === place);
              expect(Math.abs((letter?.x ?? 0) - (glyph.x + head.x + 8))).toBeLessThan(1);
            }
          }
        }
  });

  /** How far down the lower staff was moved: by where its first head was, and is. */
  function lowOffset(scene: Scene, lower: Scene): number {
    const moved = scene.groups.find(({ key }) => key === 'low-note-0');
    const there = lower.groups.find(({ key }) => key === 'note-0');
    return (moved?.y ?? 0) - (there?.y ?? 0);
  }
});

describe('the keyboard', () => {
  it('has every note of every scale on its own key, black on black and white on white, each key once', () => {
    for (const { tonic } of SCALE_TABLE)
      for (const id of SCALE_IDS)
        for (const octaves of [1, 2]) {
          const question = worked(tonic, id, 'both', octaves);
          const scene = pianoScene({ ...question, hands: null, width: 736, height: 240 });
          const keys = notesOf(scene);
          const sounds = question.written.line.map(({ pitch }) => midiOf(pitch));
          expect(keys).toHaveLength(new Set(sounds).size);
          const black = (sound: number) => [1, 3, 6, 8, 10].includes(sound % 12);
          const lowest = Math.max(...keys.map(({ y }) => y));
          for (const key of keys) {
            const sound = sounds[key.place ?? -1] as number;
            // On the far part of the keys are black ones alone.
            expect(key.y === lowest).toBe(!black(sound));
            expect(key.x - circleOf(key).r).toBeGreaterThanOrEqual(0);
            expect(key.x + circleOf(key).r).toBeLessThanOrEqual(736);
          }
          // The higher a note sounds, the further right its key lies.
          const bySound = keys.toSorted((a, b) => (sounds[a.place ?? 0] ?? 0) - (sounds[b.place ?? 0] ?? 0));
          for (const [at, key] of bySound.slice(1).entries())
            expect(key.x).toBeGreaterThan(bySound[at]?.x ?? 0);
        }
  });

  it('shows the fingers of both hands under one octave, and none under two', () => {
    const hands = { left: 'left', right: 'right' };
    const fingers = (octaves: number) =>
      pianoScene({ ...worked('E', 'major', 'up', octaves), hands, width: 736, height: 240 }).groups.find(
        ({ part }) => part === 'fingers',
      );
    const numbers = fingers(1)?.marks.flatMap((mark) =>
      mark.kind === 'glyph' ? [mark.glyph.replace('sans', '')] : [],
    );
    expect(numbers?.join(' ')).toBe('5 4 3 2 2 3 4 5');
    expect(fingers(2)).toBeUndefined();
  });
});

describe('the letter wheel', () => {
  it('has seven letters from A round, each note at its own, and the steps of the table between them', () => {
    for (const row of SCALE_TABLE)
      for (const id of SCALE_IDS) {
        const question = worked(row.tonic, id, 'up');
        const walk = { from: question.written.scale.tonic, unit: 'letters', count: 0 } as const;
        const scene = wheelScene({ ...question, walk, width: 500, height: 400 });
        const { up } = tableScale(row, id);
        const nodes = notesOf(scene);
        expect(nodes.map(nameOf).sort()).toEqual([...new Set(up)].sort());
        // Clockwise from the top in the order of the alphabet.
        const turn = ({ x, y }: Group) => (Math.atan2(x - 250, 200 - y) + 2 * Math.PI + 0.01) % (2 * Math.PI);
        const round = nodes.toSorted((a, b) => turn(a) - turn(b)).map((node) => nameOf(node)[0]);
        expect(round.join('')).toBe('ABCDEFG');
        expect(scene.groups.filter(({ part }) => part === 'wheel-step')).toHaveLength(7);
      }
  });
});

describe('the fretboard', () => {
  it('lies with its lowest string below, higher frets further from the nut, and turned round for the left hand', () => {
    for (const id of TUNING_IDS) {
      const tuning = TUNINGS[id];
      const draw = (leftHanded: boolean) =>
        fretboardScene({
          ...worked('E', 'major', 'up'),
          ...{ tuning, leftHanded, width: 736, height: 260 },
          frets: { is: 'span', from: 0, to: 12 },
        });
      const [right, left] = [draw(false), draw(true)];
      const at = (group: Group) => group.key.split('-').slice(1).map(Number) as [number, number];
      for (const note of notesOf(right)) {
        const [string, fret] = at(note);
        for (const other of notesOf(right)) {
          const [across, along] = at(other);
          if (string > across) expect(note.y).toBeGreaterThan(other.y);
          if (fret > along) expect(note.x).toBeGreaterThan(other.x);
        }
        const mirrored = notesOf(left).find(({ key }) => key === note.key);
        expect(mirrored?.x).toBeCloseTo(736 - note.x, 3);
        expect(mirrored?.y).toBe(note.y);
      }
    }
  });
});

describe('what is drawn for the back row', () => {
  /** The type size of a name, by its letter. */
  const size = ({ marks }: Group) => {
    const letter = marks.find((mark) => mark.kind === 'glyph' && mark.glyph.startsWith('serif'));
    return letter?.kind === 'glyph' ? letter.size : 0;
  };

  it('names every note of every key in 22 pixels or more, and nothing leaves the drawing or touches', () => {
    for (const { tonic } of SCALE_TABLE)
      for (const id of SCALE_IDS)
        for (const direction of ['up', 'both'] as const) {
          const question = worked(tonic, id, direction);
          // Beside a staff there is room for one row; two rows stand alone.
          for (const height of direction === 'both' ? [276] : [276, 158]) {
            const scene = strideScene({ ...question, lit: null, far: true, width: 608, height });
            const notes = notesOf(scene);
            for (const note of notes) {
              // Two signs at a letter are wide.
              const least = nameOf(note).length > 2 ? 17 : 21.9;
              expect(size(note), `${tonic} ${id} ${nameOf(note)}`).toBeGreaterThanOrEqual(least);
              expect(note.x - circleOf(note).r).toBeGreaterThanOrEqual(0);
              expect(note.x + circleOf(note).r).toBeLessThanOrEqual(608);
              const [first, ...letters] = boxesOf(note, ['circle', 'glyph']).slice(0, 3);
              for (const box of letters)
                expect(box.right - (first?.right ?? 0), 'a name stays in its circle').toBeLessThan(2);
            }
            expect(scene.height).toBeLessThanOrEqual(height + 12);
          }
        }
  });

  it('has no name on another one on the circle', () => {
    for (const size of ['fifteen', 'twelve'] as const) {
      const scene = ringScene({
        ...{ w: ENGLISH, reading: 'keys', size, mode: 'major', minors: true, far: true },
        ...{ marks: new Map(), minorMarks: new Map(), shown: null, route: [], beyond: null },
        ...{ width: 376, height: 376 },
      });
      const circles = scene.groups
        .filter(({ part }) => part === 'place')
        .flatMap((group) => boxesOf(group, ['circle']));
      // Circles are rounder than their boxes.
      for (const [at, box] of circles.entries())
        expect(circles.slice(at + 1).filter((other) => overlap(box, other, 14))).toEqual([]);
      const words = scene.groups
        .filter(({ part }) => part === 'ring-minor' || part === 'ring-count')
        .flatMap((group) => boxesOf(group, ['text']));
      expect(collision(words), size).toBeNull();
    }
  });

  it('cuts of a staff only what nothing needs', () => {
    for (const { tonic } of SCALE_TABLE)
      for (const direction of DIRECTIONS)
        for (const clef of ['treble', 'bass', 'alto', 'tenor'] as const) {
          const { written } = worked(tonic, 'melodic-minor', direction, 1, clef);
          const scene = engraveStaff(written, 608);
          const { above, below } = spareRoom(scene);
          const cut = movedUp({ ...scene, height: scene.height - below }, above);
          expect(cut.height).toBe(scene.height - above - below);
          for (const group of cut.groups)
            for (const box of boxesOf(group, ['glyph'])) {
              expect(box.top, `${tonic} ${clef} ${group.key}`).toBeGreaterThanOrEqual(-0.5);
              expect(box.bottom).toBeLessThanOrEqual(cut.height + 0.5);
            }
        }
  });

  it('keeps the board’s other drawings inside', () => {
    const question = worked('B', 'harmonic-minor', 'up');
    const walk = { from: noteNamed('B'), unit: 'letters', count: 0 } as const;
    const hands = { left: 'left hand', right: 'right hand' };
    const scenes: readonly (readonly [string, Scene])[] = [
      ['keyboard', pianoScene({ ...question, ...BOARD, hands, far: true })],
      ['wheel', wheelScene({ ...question, ...BOARD, walk, far: true })],
      [
        'fretboard',
        fretboardScene({
          ...{ ...question, ...BOARD, far: true, leftHanded: false },
          ...{ tuning: TUNINGS.guitar, frets: { is: 'span', from: 0, to: 4 } },
        }),
      ],
    ];
    for (const [name, scene] of scenes)
      for (const group of scene.groups)
        for (const { left, right, top, bottom } of boxesOf(group)) {
          expect(left, `${name} ${group.key}`).toBeGreaterThanOrEqual(-1);
          expect(right, `${name} ${group.key}`).toBeLessThanOrEqual(scene.width + 1);
          expect(top, `${name} ${group.key}`).toBeGreaterThanOrEqual(-1);
          expect(bottom, `${name} ${group.key}`).toBeLessThanOrEqual(scene.height + 2);
        }
  });
});
