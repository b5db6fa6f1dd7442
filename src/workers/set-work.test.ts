import { Midi } from '@tonejs/midi';
import { describe, expect, it } from 'vitest';
import { codeOf, MINORS, paperOf, SCHOOL, workOf } from '@/core/exercise/set/set.test-data';
import { givenAnswers, judgedSet } from '@/core/exercise/set/verdict';
import { noteNamed } from '@/core/note/parse';
import { scaleNamed } from '@/core/scale/scale';
import { writeOut } from '@/core/scale/written';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH } from '@/core/words/class-words';
import { USUAL_LOOK } from '@/engrave/page/look';
import { textsIn } from '@/engrave/texts-in';
import { handedInCode, writeHandedIn } from '@/formats/handed-in/handed-in';
import { scoreOfScale } from '@/formats/musicxml/from-scale';
import { writeMusicXml } from '@/formats/musicxml/write';
import { type JudgedPart, judgedPart, judgeSet } from './judge-set';
import { readSetFiles } from './set-files';
import { setFilesAnswer } from './set-files-answer';
import { slipsFor } from './slips';

const stored = MINORS.map(({ id, code, marks }) => ({ id, code, marks }));
const HABITS = [null, 'seventh-not-raised', 'one-too-few', 'respelled'];
const papers = HABITS.map((habit, at) =>
  paperOf(
    `p${at}`,
    Object.fromEntries(
      MINORS.map((question) => [question.id, codeOf(question, habit) ?? codeOf(question) ?? '']),
    ),
  ),
);

describe('judging beside the page', () => {
  it('tells in parts what judging at once comes to, and each part goes over as it is', () => {
    const given = givenAnswers(MINORS, papers);
    let time = 0;
    const parts: JudgedPart[] = [];
    const done: number[] = [];
    const count = judgeSet(
      { questions: stored, given, settings: USUAL_SETTINGS },
      (part, so) => {
        parts.push(judgedPart(JSON.parse(JSON.stringify(part))) ?? []);
        done.push(so);
      },
      // Every look at the clock is a while later.
      () => (time += 30),
    );
    expect(count).toBe(given.length);
    expect(parts.length).toBeGreaterThan(3);
    expect(done.at(-1)).toBe(given.length);
    const whole = judgedSet(MINORS, given, SCHOOL);
    expect(parts.flat().map(([question, code, verdict]) => [question, code, verdict])).toEqual(
      given.map(([question, code]) => [question, code, whole[question]?.[code]]),
    );
    expect(judgedPart([['q1', 'C', { correct: 'yes' }]])).toBeNull();
  });
});

const bytesOf = (text: string) => new TextEncoder().encode(text);

function score(name: string): string {
  const reading = scaleNamed(noteNamed('E'), 'natural-minor');
  if (!reading.ok) throw new Error('cannot be spelled');
  const written = writeOut(reading.scale, { direction: 'up', clef: 'treble', signature: 'none' });
  return writeMusicXml(scoreOfScale(ENGLISH, written)).replace(
    '<part-list>',
    `<credit><credit-words>${name} &amp; E minor</credit-words></credit><part-list>`,
  );
}

function midiFile(): Uint8Array {
  const midi = new Midi();
  const track = midi.addTrack();
  track.name = 'Odile';
  const runs = [
    [64, 66, 67, 69],
    [72, 71, 69],
  ];
  for (const [at, run] of runs.entries())
    for (const [place, note] of run.entries())
      track.addNote({ midi: note, time: at * 10 + place * 0.5, duration: 0.4 });
  return midi.toArray();
}

describe('files with answers', () => {
  it('are read by what is in them: handed in, as a code, as a score, as played; the others are told', async () => {
    const handedIn = {
      name: 'Ines',
      sheet: '?make=questions&n=2',
      answers: ['F#', null],
      at: '2026-11-28T18:00:00.000Z',
    };
    const files = [
      { name: 'a.json', bytes: bytesOf(writeHandedIn(handedIn)) },
      { name: 'code', bytes: bytesOf(`${handedInCode(handedIn)}\n`) },
      { name: 'b.musicxml', bytes: bytesOf(score('Tove')) },
      { name: 'c.mid', bytes: midiFile() },
      { name: 'd.json', bytes: bytesOf(writeHandedIn(handedIn).replace('F#', 'G#')) },
      { name: 'e.mid', bytes: bytesOf('MThd and nothing') },
      { name: 'f.txt', bytes: bytesOf('') },
    ];
    const told: number[] = [];
    const read = await readSetFiles({ files, settings: USUAL_SETTINGS }, (done) => told.push(done));
    expect(told).toEqual([1, 2, 3, 4, 5, 6, 7]);
    expect(setFilesAnswer(JSON.parse(JSON.stringify(read)))).toEqual(read);
    const { at: _, name: student, ...same } = handedIn;
    expect(read.slice(0, 2)).toEqual([
      { name: 'a.json', is: 'handed-in', student, ...same },
      { name: 'code', is: 'handed-in', student, ...same },
    ]);
    expect(read[2]).toMatchObject({ is: 'score', texts: expect.arrayContaining(['Tove & E minor']) });
    expect(read[2]?.is === 'score' && read[2].rows[0]?.startsWith('E4')).toBe(true);
    expect(read[3]).toEqual({
      name: 'c.mid',
      is: 'played',
      texts: ['Odile'],
      runs: [
        [64, 66, 67, 69],
        [72, 71, 69],
      ],
    });
    expect(read.slice(4).map((each) => each.is === 'problem' && each.problem.code)).toEqual([
      'handed-in-changed',
      'file-unreadable',
      'file-empty',
    ]);
  });
});

describe('slips', () => {
  it('say of everybody what was wrong and why, name what is right, and end with one exercise', () => {
    const work = workOf(MINORS, [...papers, paperOf('absent', {}, { absent: true })]);
    const people = work.papers.map(({ person }) => ({ id: person, name: `Name of ${person}` }));
    const head = {
      ...{ about: 'Minors', practise: 'To practise', given: 'You wrote', expected: 'Expected' },
      ...{ brackets: 'In brackets', allRight: 'All of it is right.' },
    };
    const { verdicts, decisions } = work;
    const slips = slipsFor({
      ...{ people, questions: stored, papers: work.papers, verdicts, decisions, head },
      ...{ settings: USUAL_SETTINGS, look: USUAL_LOOK },
    });
    expect(slips.map(({ person }) => person)).toEqual(['p0', 'p1', 'p2', 'p3']);
    const texts = slips.map(({ pages }) => pages.map(textsIn).join(' '));
    expect(texts[0]).toContain('All of it is right.');
    expect(texts[0]).not.toContain('To practise');
    expect(texts[1]).toContain('E F♯ G A B C [D♮] E');
    expect(texts[1]).toContain('Left the 7th as the signature has it.');
    expect(texts[1]).toContain('To practise');
    // Questions in which the habit cannot show are right.
    expect(texts[1]).toMatch(/Right: questions 5, 6 and 7/u);
    for (const [at, { name }] of slips.entries()) expect(texts[at]).toContain(name);
  });
});
