import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PLAIN, type Sheet, standingSheet } from '@/core/exercise/sheet/sheet';
import { readItemCode, TASK_IDS } from '@/core/exercise/sheet/task/all';
import { FORMS } from '@/core/exercise/sheet/task/task';
import { TOPIC_IDS } from '@/core/exercise/sheet/topic';
import { CHOICES, USUAL_SETTINGS } from '@/core/school/settings';
import { wordsOf } from '@/core/words/class-words';
import { sayTask } from '@/core/words/say-task';
import { type Box, boxesOf, collision } from '../boxes.test-data';
import { giveLetters } from '../letters';
import { measuresOf, PAPER_IDS, type PageLook, PRINT_SIZES, USUAL_LOOK } from './look';
import { keyPages, type PaperQuestion, type SheetPage, sheetPages } from './sheet-pages';
import { twoUp } from './two-up';
import { FACES, widthOf, wrapped } from './type';

giveLetters();

const SHEET: Sheet = {
  ...{ sort: 'questions', count: 10, topics: ['minors', 'signatures'], maxSigns: 5, version: 'A', seed: 7 },
  ...{ clefs: ['treble', 'bass'], signature: 'either', habits: [], book: 'major', slots: null },
};

const HEAD = { title: 'Minor forms', version: 'Version A', seed: 'seed 7.1', group: 'Tuesday theory' };

function question(sheet: Sheet, look: PageLook, noteNames = USUAL_SETTINGS.noteNames): PaperQuestion {
  const settings = { ...USUAL_SETTINGS, noteNames };
  const { entries } = standingSheet(sheet, settings);
  return { w: wordsOf(settings), head: HEAD, entries, look, crib: true, book: sheet.sort === 'book' };
}

const looks: fc.Arbitrary<PageLook> = fc.record({
  paper: fc.constantFrom(...PAPER_IDS),
  columns: fc.constantFrom(1 as const, 2 as const),
  size: fc.constantFrom(...PRINT_SIZES),
  punch: fc.boolean(),
  grey: fc.boolean(),
});

const sheets: fc.Arbitrary<Sheet> = fc
  .record({
    seed: fc.nat({ max: 100_000 }),
    topics: fc.subarray([...TOPIC_IDS], { minLength: 1, maxLength: 4 }),
    signature: fc.constantFrom('written' as const, 'none' as const, 'either' as const),
    maxSigns: fc.integer({ min: 1, max: 7 }),
  })
  .map((made) => ({ ...SHEET, ...made }));

/** Where everything that is written or drawn in shapes lies on a page; text by the widths of its font. */
function inked({ scene }: SheetPage): readonly Box[] {
  return scene.groups.flatMap((group) => {
    const { scale = 1, x, y } = group;
    const text = group.marks.flatMap((mark): readonly Box[] => {
      if (mark.kind !== 'text') return [];
      const face = mark.face === 'serif' ? 'serif-bold' : mark.bold ? 'sans-bold' : 'sans';
      const width = widthOf(mark.text, face, mark.size);
      const left = mark.x - { start: 0, middle: width / 2, end: width }[mark.anchor];
      return [
        {
          left: x + left * scale,
          right: x + (left + width) * scale,
          top: y + (mark.y - mark.size * 0.75) * scale,
          bottom: y + (mark.y + mark.size * 0.22) * scale,
        },
      ];
    });
    return [...text, ...boxesOf(group, ['glyph', 'circle', 'rect'])];
  });
}

/** Heads, signs, clefs and letters of a page, which must never touch; a tie of a ring round a head is meant. */
const MUSIC = ['clef', 'sign', 'accidental', 'note', 'between'];

function touching({ scene }: SheetPage): readonly [Box, Box] | null {
  const music = scene.groups.filter(({ part }) => MUSIC.includes(part));
  // The glyphs of a group belong together: a name of several letters, a head with its lines.
  const boxes = music.flatMap((group): readonly Box[] => {
    const all = boxesOf(group, ['glyph']);
    if (all.length === 0) return [];
    return [
      {
        left: Math.min(...all.map(({ left }) => left)),
        right: Math.max(...all.map(({ right }) => right)),
        top: Math.min(...all.map(({ top }) => top)),
        bottom: Math.max(...all.map(({ bottom }) => bottom)),
      },
    ];
  });
  return collision(boxes);
}

function all(asked: PaperQuestion): readonly SheetPage[] {
  return [...sheetPages(asked), ...keyPages(asked, 'full')];
}

describe('pages of a sheet', () => {
  it('hold everything within their margins, part no question, and let no notes or signs touch', () => {
    fc.assert(
      fc.property(sheets, looks, fc.constantFrom(...CHOICES.noteNames), (sheet, look, names) => {
        const asked = question(sheet, look, names);
        const { width, height, left, right, top, bottom } = measuresOf(look);
        for (const page of all(asked)) {
          expect([page.scene.width, page.scene.height]).toEqual([width, height]);
          for (const box of inked(page)) {
            expect(box.left).toBeGreaterThanOrEqual(left - 1.5);
            expect(box.right).toBeLessThanOrEqual(width - right + 1.5);
            expect(box.top).toBeGreaterThanOrEqual(top - 1.5);
            expect(box.bottom).toBeLessThanOrEqual(height - bottom + 4);
          }
          expect(touching(page), JSON.stringify([sheet.seed, look])).toBeNull();
          for (const [at, one] of page.places.entries()) {
            expect(one.y + one.height).toBeLessThanOrEqual(height - bottom);
            for (const other of page.places.slice(at + 1)) {
              const apart =
                one.x + one.width <= other.x ||
                other.x + other.width <= one.x ||
                one.y + one.height <= other.y + 0.01 ||
                other.y + other.height <= one.y + 0.01;
              expect(apart).toBe(true);
            }
          }
        }
      }),
      { numRuns: 25 },
    );
  }, 120_000);

  it('hold every question once, in order, with its task and its number', () => {
    fc.assert(
      fc.property(sheets, looks, (sheet, look) => {
        const asked = question(sheet, look);
        const pages = sheetPages(asked);
        expect(pages.flatMap(({ places }) => places.map(({ at }) => at))).toEqual(
          asked.entries.map((_, at) => at),
        );
        const texts = pages.flatMap(({ scene }) =>
          scene.groups.flatMap(({ marks }) =>
            marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text] : [])),
          ),
        );
        for (const [at, { item }] of asked.entries.entries()) {
          expect(texts).toContain(String(at + 1));
          const [first = ''] = sayTask(asked.w, item).split(/[,:?]/u);
          expect(texts.join(' ')).toContain(first.slice(0, 20));
        }
      }),
      { numRuns: 20 },
    );
  }, 60_000);

  it('draw every task in every form, and its key', () => {
    const codes: Readonly<Record<(typeof TASK_IDS)[number], string>> = {
      answer: 'answer*chord.numeral.4.7.C.harmonic-minor',
      'find-mistake':
        'find-mistake*scale.E.harmonic-minor.up.treble.written*seventh-not-raised.E4!0-F#4!0-G4!0-A4!0-B4!0-C5!0-D5!0-E5!0',
      'which-note':
        'which-note*scale.E.harmonic-minor.up.treble.written*seventh-not-raised.E4!0-F#4!0-G4!0-A4!0-B4!0-C5!0-D5!0-E5!0',
      gaps: 'gaps*scale.B.harmonic-minor.both.bass.none*2-5-9',
      complete: 'complete*signature.Eb.major.alto*1',
      label: 'label*steps.melodic-minor.down*C.bass',
      path: 'path*name-scale.E-F#-G-A-B-C#-D#-E',
      grand: 'grand*scale.C#.harmonic-minor.both.treble.none',
      circle: 'circle**both',
      staff: 'staff**grand.2',
    };
    for (const id of TASK_IDS) {
      for (const form of FORMS) {
        const item = readItemCode(codes[id]);
        if (!item) throw new Error(codes[id]);
        const entries = [{ item, slot: { ...PLAIN, from: { is: 'own' as const, item }, form }, measure: 0 }];
        const asked = { ...question(SHEET, USUAL_LOOK), entries, crib: false };
        const pages = all(asked);
        expect(pages.length, id).toBeGreaterThan(1);
        // The circle's own places lie close on purpose.
        if (id !== 'circle') for (const page of pages) expect(touching(page), `${id} ${form}`).toBeNull();
        const drawn = JSON.stringify(pages.map(({ scene }) => scene));
        expect(drawn).not.toMatch(/undefined|NaN|null"/u);
      }
    }
  });

  it('have three scales of a project book each, fifteen notes up and down, and a list of checks', () => {
    for (const signature of ['written', 'none'] as const) {
      for (const book of ['major', 'harmonic-minor', 'melodic-minor'] as const) {
        for (const paper of PAPER_IDS) {
          const asked = question({ ...SHEET, sort: 'book', book, signature }, { ...USUAL_LOOK, paper });
          const pages = sheetPages({ ...asked, crib: false });
          const counts = pages.map(({ places }) => places.length).filter((count) => count > 0);
          expect(counts).toEqual([3, 3, 3, 3, 3]);
          expect(JSON.stringify(pages.at(-1)?.scene)).toContain('All seven letters are there.');
          for (const page of keyPages(asked, 'short')) expect(touching(page)).toBeNull();
        }
      }
    }
  });

  it('stand two on a side of the same paper, one of them twice where it is alone', () => {
    const one = sheetPages({ ...question({ ...SHEET, count: 2 }, USUAL_LOOK), crib: false });
    expect(one).toHaveLength(1);
    const [side, ...more] = twoUp(one);
    expect(more).toEqual([]);
    expect([side?.scene.width, side?.scene.height]).toEqual([one[0]?.scene.height, one[0]?.scene.width]);
    expect(side?.places.map(({ at }) => at)).toEqual([0, 1, 0, 1]);
    for (const box of side ? inked(side) : []) {
      expect(box.left).toBeGreaterThan(20);
      expect(box.right).toBeLessThan((side?.scene.width ?? 0) - 20);
    }
  });
});

describe('lines of type', () => {
  it('are never wider than they may be, and lose nothing', () => {
    const texts = fc.string({ unit: fc.constantFrom(...'aB ♯ .wideWords'), maxLength: 120 });
    fc.assert(
      fc.property(
        texts,
        fc.constantFrom(...FACES),
        fc.integer({ min: 30, max: 300 }),
        (text, face, width) => {
          const lines = wrapped(text, face, 11, width);
          for (const line of lines) expect(widthOf(line, face, 11)).toBeLessThanOrEqual(width + 0.001);
          expect(lines.join('').replace(/\s/gu, '')).toBe(text.replace(/\s/gu, ''));
        },
      ),
    );
  });
});
