import { describe, expect, it } from 'vitest';
import { METHOD_IDS } from '@/core/derive/derivation';
import { derive } from '@/core/derive/methods';
import { nearest } from '@/core/identify/note-entry';
import { signaturePlaces } from '@/core/instrument/signature-place';
import { CLEFS, type Clef, ledgerLines, staffPlace } from '@/core/instrument/staff';
import { noteNamed } from '@/core/note/parse';
import { heightOf, midiOf, type Pitch } from '@/core/note/pitch';
import { fifths, fifthsOf } from '@/core/note/spelled';
import { DIRECTIONS, type Direction } from '@/core/scale/direction';
import type { PlacedNote } from '@/core/scale/line';
import { SCALE_IDS, type ScaleId } from '@/core/scale/pattern';
import { SIGNATURE_CHOICES } from '@/core/scale/printed';
import { scaleNamed } from '@/core/scale/scale';
import { SCALE_TABLE, tableScale } from '@/core/scale/scale-table';
import { writeOut, writtenUnder } from '@/core/scale/written';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH, wordsOf } from '@/core/words/class-words';
import { boxesOf, collision, glyphBoxes } from './boxes.test-data';
import { gathered } from './gather';
import { glyphAt } from './glyphs';
import { stepMoon } from './moon';
import { noteLabel } from './note-label';
import { noteStride } from './note-stride';
import { noteRailScene, RAIL_PLACES, railScene, railStart } from './rail';
import type { Mark, Scene } from './scene';
import { engraveLines, engraveStaff } from './staff';
import { staffAtStep } from './staff-at-step';
import { withDegrees } from './staff-degrees';
import { leastStaffWidth } from './staff-width';
import { strideScene } from './stride';
import { twoOctavesScene } from './two-octaves';

function written(
  tonic: string,
  id: ScaleId,
  direction: Direction,
  clef: Clef,
  signature: 'written' | 'none' = 'written',
) {
  const reading = scaleNamed(noteNamed(tonic), id);
  if (!reading.ok) throw new Error('cannot be spelled');
  return writeOut(reading.scale, { direction, clef, signature });
}

const glyphsOf = (scene: Scene, part: string) =>
  scene.groups
    .filter((group) => group.part === part)
    .flatMap(({ marks, place, key }) =>
      marks.flatMap((mark) => (mark.kind === 'glyph' ? [{ ...mark, place, key }] : [])),
    );

const glyphNames = (marks: readonly Mark[]) =>
  marks.flatMap((mark) => (mark.kind === 'glyph' ? [mark.glyph] : []));

/** Pixels of a staff place above or below the bottom line, as engraved: five a place. */
const TOP_LINE = 46;
const yOf = (place: number) => TOP_LINE + 40 - 5 * place;

describe('the engraved staff', () => {
  it('has every head on its line or space with its ledger lines and its sign, for all scales and clefs', () => {
    for (const { tonic } of SCALE_TABLE) {
      for (const clef of CLEFS) {
        for (const signature of SIGNATURE_CHOICES) {
          const question = written(tonic, 'melodic-minor', 'both', clef, signature);
          const scene = engraveStaff(question, 736);
          const heads = glyphsOf(scene, 'note');
          expect(heads).toHaveLength(15);
          heads.forEach((head, index) => {
            const place = staffPlace((question.line[index] as PlacedNote).pitch, clef);
            expect(head.y).toBeCloseTo(yOf(place), 3);
            const ledgers = scene.groups
              .find(({ key }) => key === `note-${index}`)
              ?.marks.filter(({ kind }) => kind === 'line').length;
            expect(ledgers).toBe(ledgerLines(place));
          });
          const signs = glyphsOf(scene, 'accidental').map(({ place }) => place);
          expect(signs).toEqual(question.printed.flatMap((sign, index) => (sign === null ? [] : [index])));
        }
      }
    }
  });

  it('has every sign of the signature where the core says it stands', () => {
    for (const { tonic } of SCALE_TABLE) {
      for (const clef of CLEFS) {
        const question = written(tonic, 'major', 'up', clef);
        const signs = glyphsOf(engraveStaff(question, 600), 'sign');
        const places = question.atClef === null ? [] : signaturePlaces(question.atClef, clef);
        expect(signs.map(({ y }) => y)).toEqual(places.map((sign) => yOf(staffPlace(sign, clef))));
        expect(signs.map(({ x }) => x)).toEqual(signs.map(({ x }) => x).sort((a, b) => a - b));
      }
    }
  });

  it('lets nothing collide or leave the drawing, up to seven signs and fifteen notes', () => {
    for (const { tonic } of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        for (const direction of DIRECTIONS) {
          for (const signature of SIGNATURE_CHOICES) {
            const question = written(tonic, id, direction, 'treble', signature);
            const width = leastStaffWidth(question);
            const scene = engraveStaff(question, width);
            const boxes = glyphBoxes(scene, ['clef', 'sign', 'accidental', 'note']);
            expect(collision(boxes), `${tonic} ${id} ${direction} ${signature}`).toBeNull();
            for (const box of boxes) {
              expect(box.right).toBeLessThanOrEqual(width);
              expect(box.top).toBeGreaterThanOrEqual(0);
              expect(box.bottom).toBeLessThanOrEqual(scene.height);
            }
          }
        }
      }
    }
  });
});

describe('the staff while it is worked out', () => {
  it('gives every decided note the sign it needs at that step, read back by the reader’s rules', () => {
    for (const { tonic } of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const question = written(tonic, id, 'both', 'treble', 'none');
        const scene = engraveStaff(question, 736);
        for (const method of METHOD_IDS) {
          for (const step of derive(question.scale, 'both', method)?.steps ?? []) {
            const drawn = new Map(
              glyphsOf(staffAtStep(scene, question, step), 'accidental').map(({ place, glyph }) => [
                place,
                glyph,
              ]),
            );
            const held = new Map<number, number>();
            step.line.forEach(({ note, stage }, place) => {
              const height = heightOf((question.line[place] as PlacedNote).pitch);
              const glyph = drawn.get(place);
              if (glyph) held.set(height, SIGNS.indexOf(glyph) - 2);
              if (stage === 'letter') expect(glyph).toBeUndefined();
              else
                expect(held.get(height) ?? 0, `${tonic} ${id} ${method} place ${place}`).toBe(
                  note.alteration,
                );
            });
          }
        }
      }
    }
  });

  it('stands under the signature of the parallel major until sign and natural go together', () => {
    const question = written('D', 'dorian', 'up', 'treble', 'written');
    const steps = derive(question.scale, 'up', 'parallel')?.steps ?? [];
    const seen = steps.map((step) => {
      const now = step.under === null ? question : writtenUnder(question, step.under);
      const drawn = glyphsOf(staffAtStep(engraveStaff(now, 736), now, step), 'accidental');
      return `${now.atClef} ${drawn.map(({ glyph }) => glyph).join(' ')}`.trim();
    });
    expect(seen).toEqual(['2', '2 accidentalNatural', '2 accidentalNatural accidentalNatural', '0']);
  });

  it('puts a signature between clef and time signature, and again on the next line, for every count and clef', () => {
    let signs = 0;
    for (const clef of CLEFS)
      for (let count = -7; count <= 7; count += 1) {
        const { groups } = engraveLines(clef, fifths(count), 300);
        const edges = (part: string, again: boolean) =>
          groups
            .filter(({ part: each, key }) => each === part && key.endsWith('-again') === again)
            .flatMap((each) => boxesOf(each, ['glyph']));
        const [time] = edges('time', false);
        if (!time) throw new Error('the first line has a time signature');
        expect(edges('time', true)).toEqual([]);
        for (const again of [false, true]) {
          const [clefBox] = edges('clef', again);
          const row = edges('sign', again);
          expect(row).toHaveLength(Math.abs(count));
          for (const sign of row) {
            signs += 1;
            expect(sign.left).toBeGreaterThan(clefBox?.right ?? Number.POSITIVE_INFINITY);
            expect(sign.right).toBeLessThan(time.left);
          }
        }
        // A sign stands under itself, on the same line or space of its staff.
        const drop = new Set(
          edges('sign', true).map(({ top }, at) => top - (edges('sign', false)[at]?.top ?? 0)),
        );
        expect(drop.size).toBe(count === 0 ? 0 : 1);
      }
    expect(signs).toBe(2 * 56 * CLEFS.length);
  });

  it('names the degrees beneath the heads as the class does, with the steps between', () => {
    const question = written('A', 'harmonic-minor', 'up', 'treble');
    const last = derive(question.scale, 'up', 'step-pattern')?.steps.at(-1);
    if (!last) throw new Error('a working has steps');
    const textsIn = (settings: Partial<typeof USUAL_SETTINGS>) => {
      const w = wordsOf({ ...USUAL_SETTINGS, ...settings });
      const scene = withDegrees(w, engraveStaff(question, 736), question, last);
      const marks = scene.groups.flatMap((each) => (each.part === 'degree' ? each.marks : []));
      return marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text] : []));
    };
    expect(textsIn({ degrees: 'leading-note', solfege: 'la-minor' })).toEqual([
      'tonic, la',
      'supertonic, ti',
      'mediant, do',
      'subdominant, re',
      'dominant, mi',
      'submediant, fa',
      'leading note, si',
      'tonic, la′',
    ]);
    // Figures are outlines.
    expect(textsIn({ degrees: 'numbers', solfege: 'none' })).toEqual([]);
  });

  it('is the finished staff, the same object, when all is decided', () => {
    const question = written('G#', 'melodic-minor', 'both', 'alto');
    const scene = engraveStaff(question, 736);
    const last = derive(question.scale, 'both', 'signature')?.steps.at(-1);
    expect(last && staffAtStep(scene, question, last)).toBe(scene);
  });
});

const SIGNS = [
  'accidentalDoubleFlat',
  'accidentalFlat',
  'accidentalNatural',
  'accidentalSharp',
  'accidentalDoubleSharp',
];

function stride(tonic: string, id: ScaleId, direction: Direction, stepAt: number, lit: number | null = null) {
  const question = written(tonic, id, direction, 'treble');
  const derivation = derive(question.scale, direction, 'step-pattern');
  const step = derivation?.steps.at(stepAt);
  if (!derivation || !step) throw new Error('no such step');
  const scene = strideScene({
    w: ENGLISH,
    written: question,
    step,
    steps: derivation.steps,
    lit,
    width: 736,
    height: 320,
  });
  return { question, scene };
}

describe('the stride', () => {
  it('stands every note as many columns over the tonic as it sounds half steps over it', () => {
    for (const { tonic } of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const { question, scene } = stride(tonic, id, 'both', -1);
        const low = Math.min(...question.line.map(({ pitch }) => midiOf(pitch)));
        const notes = scene.groups.filter(({ part }) => part === 'note');
        const first = notes.find(({ place }) => place === 0)?.x ?? 0;
        const octave = (notes.find(({ place }) => place === 7)?.x ?? 0) - first;
        for (const { place, x } of notes) {
          const semitones = midiOf((question.line[place ?? 0] as PlacedNote).pitch) - low;
          expect(x - first).toBeCloseTo((octave / 12) * semitones, 3);
        }
      }
    }
  });

  it('leaves letters on their keys until they are decided, and strikes out what only sounds right', () => {
    const { scene } = stride('F', 'major', 'up', 3);
    const parts = scene.groups.filter(({ key }) => key.startsWith('note-')).map(({ part }) => part);
    expect(parts.join(' ')).toBe('note note note note ghost ghost ghost ghost');
    const refused = scene.groups.find(({ part }) => part === 'refused')?.marks ?? [];
    expect(glyphNames(refused)).toEqual(['serifA', 'accidentalSharp']);
    expect(refused.some(({ kind }) => kind === 'line')).toBe(true);
  });

  it('numbers the half steps to the note pointed at, from 1', () => {
    const { scene } = stride('F', 'major', 'up', -1, 4);
    const hops = scene.groups.find(({ part }) => part === 'hops')?.marks ?? [];
    expect(glyphNames(hops)).toEqual(['sans1', 'sans2', 'sans3', 'sans4', 'sans5', 'sans6', 'sans7']);
  });

  it('keeps its notes inside at any width and does not let neighbours touch', () => {
    for (const width of [240, 326, 486, 736, 1100]) {
      for (const direction of DIRECTIONS) {
        const question = written('B', 'harmonic-minor', direction, 'bass');
        const derivation = derive(question.scale, direction, 'signature');
        const step = derivation?.steps.at(-1);
        if (!derivation || !step) throw new Error('no working');
        const scene = strideScene({
          w: ENGLISH,
          written: question,
          step,
          steps: derivation.steps,
          lit: null,
          width,
          height: 320,
        });
        for (const { marks, x } of scene.groups.filter(({ part }) => part === 'note')) {
          const circle = marks.find((mark) => mark.kind === 'circle');
          if (circle?.kind !== 'circle') throw new Error('no circle');
          expect(x - circle.r).toBeGreaterThanOrEqual(0);
          expect(x + circle.r).toBeLessThanOrEqual(width);
        }
      }
    }
  });
});

describe('two octaves of the parent', () => {
  const notes = 'C D E F G A B C D E F G A B C'.split(' ').map(noteNamed);
  const scene = (degree: number) =>
    twoOctavesScene({
      w: ENGLISH,
      notes,
      degree,
      name: 'D dorian',
      parent: 'C major',
      width: 700,
      height: 320,
    });
  const at = (drawn: Scene, part: string) =>
    drawn.groups.flatMap((each) => (each.part === part ? [`${each.x} ${each.y}`] : []));

  it('keep notes, steps and chords where they are while the window slides along them', () => {
    for (let degree = 2; degree <= 7; degree += 1) {
      for (const part of ['octaves-note', 'octaves-step']) {
        expect(at(scene(degree), part)).toEqual(at(scene(1), part));
      }
      const [before, after] = [scene(1), scene(degree)].map(
        (drawn) => drawn.groups.find(({ part }) => part === 'rail-window')?.x ?? 0,
      );
      const moved = notes
        .slice(0, degree)
        .map((note) => [0, 2, 4, 5, 7, 9, 11]['CDEFGAB'.indexOf(note.letter)] ?? 0);
      expect(((after ?? 0) - (before ?? 0)) / (700 / 25)).toBeCloseTo(moved.at(-1) ?? 0);
    }
  });

  it('have the window round eight notes, and everything within the drawing', () => {
    const drawn = scene(7);
    const window = drawn.groups.find(({ part }) => part === 'rail-window');
    const rect = window?.marks[0];
    if (window === undefined || rect?.kind !== 'rect') throw new Error('a window');
    const inside = drawn.groups.filter(
      ({ part, x }) => part === 'octaves-note' && x > window.x && x < window.x + rect.w,
    );
    expect(inside).toHaveLength(8);
    expect(window.x + rect.w).toBeLessThanOrEqual(drawn.width);
    expect(rect.y + rect.h).toBeLessThanOrEqual(drawn.height);
  });
});

describe('the change of the parallel major', () => {
  it('draws an arrow from each lowered degree to its new place, and moves the window by three', () => {
    const question = written('C', 'natural-minor', 'up', 'treble');
    const steps = derive(question.scale, 'up', 'parallel')?.steps ?? [];
    const arrows = steps.map((step) => {
      const drawn = strideScene({
        w: ENGLISH,
        written: question,
        step,
        steps,
        lit: null,
        width: 736,
        height: 320,
      });
      return drawn.groups.filter(({ part }) => part === 'arrow').map(({ place, key }) => place ?? key);
    });
    expect(arrows.map((each) => each.length)).toEqual([0, 1, 2, 3, 3]);
    const windows = steps.map((step) => {
      const drawn = railScene({ w: ENGLISH, scale: question.scale, step, lit: null, width: 735 });
      return (drawn.groups.find(({ part }) => part === 'rail-window')?.x ?? 0) / (735 / RAIL_PLACES);
    });
    expect(windows.map((place) => Math.round(place - (windows[0] ?? 0)))).toEqual([0, 0, 0, 0, -3]);
  });
});

describe('gathered marks', () => {
  it('are one path for each paint, and leave glyphs and words alone', () => {
    const line = { kind: 'line', x1: 0, y1: 0, x2: 1, y2: 1, stroke: 'ink', width: 1 } as const;
    const circle = { kind: 'circle', cx: 5, cy: 5, r: 2, fill: 'moon' } as const;
    const glyph = { kind: 'glyph', glyph: 'gClef', x: 0, y: 0, size: 40, fill: 'ink' } as const;
    expect(gathered([line, circle, line, glyph])).toEqual([
      { kind: 'path', d: 'M0 0L1 1M0 0L1 1', fill: 'none', stroke: 'ink', width: 1 },
      { kind: 'path', d: 'M3 5a2 2 0 1 1 4 0a2 2 0 1 1 -4 0z', fill: 'moon' },
      glyph,
    ]);
  });
});

describe('step moons', () => {
  it('differ in shape, not only in colour', () => {
    const shape = (marks: readonly Mark[]) => marks.map(({ kind }) => kind).join(' ');
    expect([1, 2, 3, 4].map((size) => shape(stepMoon(size, 0, 0, 8)))).toEqual([
      'circle path',
      'circle',
      'circle circle path',
      'circle circle',
    ]);
    expect(() => stepMoon(5, 0, 0, 8)).toThrow(RangeError);
  });
});

describe('the rail', () => {
  it('holds every note of every scale in view, and the window where the signature is', () => {
    for (const { tonic } of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const { scale } = written(tonic, id, 'up', 'treble');
        const start = railStart([...scale.ascending, ...scale.descending]);
        for (const note of [...scale.ascending, ...scale.descending]) {
          expect(fifthsOf(note)).toBeGreaterThanOrEqual(start);
          expect(fifthsOf(note)).toBeLessThan(start + RAIL_PLACES);
        }
        const step = derive(scale, 'up', 'step-pattern')?.steps.at(-1);
        if (!step || scale.signature === null) throw new Error('no working');
        const scene = railScene({ w: ENGLISH, scale, step, lit: null, width: 21 * 30 });
        const window = scene.groups.find(({ part }) => part === 'rail-window');
        expect(window?.x).toBeCloseTo((scale.signature - 1 - start) * 30, 3);
        const jumps = scene.groups.filter(({ part }) => part === 'rail-jump');
        expect(jumps).toHaveLength(scale.raised.length);
        // A raised note moves seven places, the 6th to one past the window and the 7th to three past.
        const past = jumps.map(({ x }) => Math.round((x - 15) / 30) + start - (scale.signature ?? 0) - 5);
        expect(past).toEqual(scale.raised.map((degree) => (degree === 6 ? 1 : 3)));
      }
    }
  });
});

describe('entered notes', () => {
  const shown = (names: string) => {
    const pitches = nearest(names.split(' ').map(noteNamed));
    return { pitches, ...noteStride({ w: ENGLISH, pitches, lit: [], width: 720, height: 240 }) };
  };

  it('stand each over its own key, with the moons of every scale between them', () => {
    for (const row of SCALE_TABLE) {
      for (const id of SCALE_IDS) {
        const notes = tableScale(row, id).up;
        const { pitches, notes: drawn, lanes, scene } = shown(notes.join(' '));
        for (const { place, x } of drawn) {
          const lane = lanes.find(({ midi }) => midi === midiOf(pitches[place] as Pitch));
          expect(x).toBeCloseTo((lane?.x ?? 0) + (lane?.w ?? 0) / 2, 3);
        }
        expect(scene.groups.filter(({ part }) => part === 'arc')).toHaveLength(notes.length - 1);
      }
    }
  });

  it('stand once each, two spellings of a key one under the other, and no leap has a moon', () => {
    const { scene, notes } = shown('C G# Ab C F#');
    expect(notes.map(({ place }) => place)).toEqual([0, 1, 2, 4]);
    expect(notes[1]?.x).toBe(notes[2]?.x);
    expect(notes[1]?.y).toBeLessThan(notes[2]?.y ?? 0);
    expect(scene.groups.filter(({ part }) => part === 'arc').map(({ key }) => key)).toEqual(['arc--4-0']);
  });

  it('lie on the rail in the window of the scale they are', () => {
    const notes = 'F G Ab Bb C Db Eb'.split(' ').map(noteNamed);
    const reading = scaleNamed(noteNamed('F'), 'natural-minor');
    const scene = noteRailScene({
      w: ENGLISH,
      notes,
      scale: reading.ok ? reading.scale : null,
      lit: [],
      width: 21 * 30,
    });
    const window = scene.groups.find(({ part }) => part === 'rail-window');
    const inside = scene.groups.filter(({ part }) => part === 'rail-note').map(({ x }) => x);
    expect(inside).toHaveLength(7);
    expect(Math.min(...inside) - 15).toBeCloseTo(window?.x ?? -1, 3);
    const bare = noteRailScene({ w: ENGLISH, notes, scale: null, lit: [], width: 21 * 30 });
    expect(bare.groups.some(({ part }) => part === 'rail-window')).toBe(false);
  });
});

describe('glyphs', () => {
  it('are found by code point, and a label needs no font for its sign', () => {
    expect(glyphAt(0xe262)).toBe('accidentalSharp');
    expect(glyphAt(0x41)).toBeNull();
    expect(noteLabel('F𝄪', 0, 0, 20, 'ink').map(({ kind }) => kind)).toEqual(['glyph', 'glyph']);
    expect(noteLabel('F', 0, 0, 20, 'ink').map(({ kind }) => kind)).toEqual(['glyph']);
  });
});
