import { describe, expect, it } from 'vitest';
import { noteNamed, pitchNamed } from '@/core/note/parse';
import { dictationOf } from '@/core/play/dictation-of';
import { type PlayAsked, partAsked } from '@/core/play/part';
import { PLAY_PATTERNS } from '@/core/play/pattern';
import { TUNE_IDS } from '@/core/play/tunes';
import { USUAL_SETTINGS } from '@/core/school/settings';
import { ENGLISH } from '@/core/words/class-words';
import { sayMarkProblem } from '@/core/words/say-mark-problem';
import { answering, asking } from '../../every-question.test-data';
import { judge } from '../../judge';
import { markProblem, rightAnswer } from '../all';
import { octavesOff, pitchesHeard } from './dictation-question';

const ASKED: PlayAsked = {
  ...{ tonic: noteNamed('E'), scale: 'major', pattern: 'scale', degree: 1, range: 'one', rhythm: 'quarters' },
  ...{ player: 'concert', named: 'written', signature: 'written', articulation: 'tongued' },
  tune: 'gulls-and-ropes',
};

const judged = (asked: string, answer: string) => {
  const question = asking(asked);
  return judge(question, answering(question, answer), USUAL_SETTINGS);
};

describe('a line written down by ear', () => {
  it('is judged note by note: one left out does not make those after it wrong', () => {
    const missing = judged('dictation.1-2-3-5-3-1.E.major.treble.none', 'E-G#-B-G#-E');
    expect(missing?.correct).toBe(false);
    expect(missing?.findings.map(({ code }) => code)).toEqual(['note-missing']);
    const extra = judged('dictation.1-2-3-5-3-1.E.major.treble.none', 'E-F#-G#-B-B-G#-E');
    expect(extra?.findings.map(({ code }) => code)).toEqual(['note-extra']);
    const right = judged('dictation.1-2-3-5-3-1.E.major.treble.none', 'E-F#-G#-B-G#-E');
    expect(right?.correct).toBe(true);
    // Letters that a line leaves out, and that stand twice, are no mistake of it.
    expect(right?.findings).toEqual([]);
  });

  it('shows the habit behind it, worked out by hand', () => {
    const habit = (asked: string, answer: string) => judged(asked, answer)?.causes[0]?.habits;
    expect(habit('dictation.1-2-3-5-3-1.E.major.treble.none', 'E-F-G-B-G-E')).toEqual(['signature-ignored']);
    expect(habit('dictation.5-6-7-1h.E.harmonic-minor.treble.none', 'B-C-D-E')).toEqual([
      'seventh-not-raised',
    ]);
    expect(habit('dictation.1-4-3-1.F.major.treble.none', 'F-A#-A-F')).toEqual(['respelled']);
  });

  it('knows an octave that was heard lower or higher, where octaves were written', () => {
    const heard = ['E4', 'B4', 'G#4'].map(pitchNamed);
    expect(octavesOff(heard, heard)).toEqual([]);
    // All an octave lower is where the pen began, and no mistake.
    expect(octavesOff(heard, ['E3', 'B3', 'G#3'].map(pitchNamed))).toEqual([]);
    expect(octavesOff(heard, ['E4', 'B3', 'G#3'].map(pitchNamed)).map(({ at }) => at)).toEqual([1]);
    expect(octavesOff(heard, ['E4', 'B4'].map(pitchNamed))).toEqual([]);
  });

  it('that cannot be asked says why, and what can be', () => {
    const of = (line: string) => ({
      ...asking('dictation.1-2.E.major.treble.none').question,
      ...{
        line,
        tonic: noteNamed('E'),
        scale: 'major' as const,
        clef: 'treble' as const,
        signature: 'none' as const,
      },
    });
    const problem = (line: string) => markProblem({ kind: 'dictation', question: of(line) });
    expect(problem('1 2 3')).toBeNull();
    for (const line of ['', '1', 'x y', '1 9', '1 2 '.repeat(20)]) {
      const found = problem(line);
      expect(found?.code, line).toBe('line-unread');
      if (found) expect(sayMarkProblem(found)).toContain('Write 2 to 24 figures');
    }
    const sharp = { ...of('#7 1'), tonic: noteNamed('G#') };
    expect(markProblem({ kind: 'dictation', question: sharp })).toEqual({ code: 'line-not-set' });
  });
});

describe('what is played, as a line to be written down', () => {
  it('has the notes that are on the stand, in every pattern and tune, for players who read another key too', () => {
    for (const pattern of [...PLAY_PATTERNS, 'tune'] as const)
      for (const tune of TUNE_IDS)
        for (const scale of ['major', 'harmonic-minor', 'melodic-minor'] as const)
          for (const player of ['concert', 'alto-saxophone', 'bass']) {
            const asked = { ...ASKED, pattern, tune, scale, player };
            const reading = partAsked(asked, USUAL_SETTINGS);
            if (!reading.ok) continue;
            const { part } = reading;
            const of = dictationOf(part, asked, USUAL_SETTINGS);
            if (part.notes.length > 24) {
              expect(of).toEqual({ ok: false, why: 'long', most: 24 });
              continue;
            }
            if (!of.ok) throw new Error(of.why);
            const question = { kind: 'dictation', question: of.question } as const;
            expect(markProblem(question)).toBeNull();
            expect(pitchesHeard(of.question).map(({ note }) => note)).toEqual(
              part.notes.map(({ pitch }) => pitch.note),
            );
            expect(judge(question, rightAnswer(question, ENGLISH.settings), ENGLISH.settings)?.correct).toBe(
              true,
            );
          }
    const chromatic = partAsked({ ...ASKED, scale: 'chromatic', pattern: 'scale' }, USUAL_SETTINGS);
    if (!chromatic.ok) throw new Error('chromatic');
    expect(dictationOf(chromatic.part, ASKED, USUAL_SETTINGS)).toMatchObject({ ok: false, why: 'scale' });
  });
});
