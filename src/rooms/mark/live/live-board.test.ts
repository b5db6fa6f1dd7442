import { describe, expect, it } from 'vitest';
import { readQuestionCode } from '@/core/exercise/code';
import { KIND_IDS } from '@/core/exercise/kinds/all';
import { classGroups } from '@/core/exercise/set/class-groups';
import { codeOf, MINORS, paperOf, SCHOOL, workOf } from '@/core/exercise/set/set.test-data';
import { askingAt, type Desk, heardAt, newDesk } from '@/core/live/desk';
import { LIVE_STAGES } from '@/core/live/live-class';
import { ENGLISH } from '@/core/words/class-words';
import { readPoll } from '../../address/mark/poll-address';
import { pollShow } from '../poll-board';
import { joinLink, onLiveBoard } from './board-address';

const [QUESTION] = MINORS;
if (!QUESTION) throw new Error('there is a first question');
const RIGHT = codeOf(QUESTION) ?? '';
const SEVENTH = codeOf(QUESTION, 'seventh-not-raised') ?? '';
const WORK = workOf(MINORS, [
  paperOf('tove', { q1: RIGHT }),
  paperOf('yusuf', { q1: SEVENTH }),
  paperOf('odile', { q1: SEVENTH }),
]);
const GROUPS = classGroups(WORK, QUESTION, {}, SCHOOL);

const searchOf = (address: string) => address.slice(address.indexOf('?'));

function deskAt(stage: (typeof LIVE_STAGES)[number]): Desk {
  let desk = askingAt(newDesk('s'), { id: 'q1', code: 'scale.E' }, stage, null);
  for (const person of ['a', 'b', 'c']) {
    desk = heardAt(desk, { is: 'joined', person, name: person, listed: false });
    desk = heardAt(desk, { is: 'here', person });
  }
  return heardAt(desk, { is: 'answered', person: 'a', round: 1, late: false, code: RIGHT });
}

describe('the board of a lesson', () => {
  it.each(LIVE_STAGES)('has nothing of an answer before it is shown: %s', (stage) => {
    const address = onLiveBoard(deskAt(stage), { question: QUESTION, groups: GROUPS, nameOf: null });
    const show = pollShow(ENGLISH, searchOf(address));
    const isShown = stage === 'show' || stage === 'closed';
    expect(address.includes('E-F')).toBe(isShown);
    expect(show.lines.length).toBe(isShown ? 2 : 0);
    if (stage === 'answer') expect(show.under).toBe('1 of 3 have answered');
  });

  it('gives out the right answer with its reason, and then each habit with how many have it', () => {
    const address = onLiveBoard(deskAt('show'), { question: QUESTION, groups: GROUPS, nameOf: null });
    const { lines } = pollShow(ENGLISH, searchOf(address));
    expect(lines[0]?.text).toBe('1 had it right: E F♯ G A B C D♯ E.');
    expect(lines[0]?.reason).toMatch(/\S/u);
    expect(lines[1]?.text).toMatch(/^2: Left the 7th as the signature has it\. E F♯ G A B C D E\.$/u);
  });

  it('has names only where they are wanted', () => {
    const given = { question: QUESTION, groups: GROUPS };
    const names = (nameOf: ((id: string) => string) | null) =>
      readPoll(searchOf(onLiveBoard(deskAt('show'), { ...given, nameOf })))?.names;
    expect(names(null)).toEqual([]);
    expect(names((id) => id.toUpperCase())).toEqual(['TOVE', 'YUSUF, ODILE']);
    expect(names(() => 'a|b')).toEqual(['a/b', 'a/b, a/b']);
  });

  it('stands at an address that fits, however many answered what', () => {
    const many = Array.from({ length: 300 }, (_, at) => ({
      ...{
        code: `${RIGHT}-${'C'.repeat(at % 5)}`,
        people: Array.from({ length: 9 }, (__, nth) => `${at} ${nth}`),
      },
      ...{ late: [], called: at, right: false, habits: [] },
    }));
    const address = onLiveBoard(deskAt('show'), {
      question: QUESTION,
      groups: many,
      nameOf: (id) => id.repeat(4),
    });
    expect(address.length).toBeLessThan(6000);
  });

  it('says of every kind of question what is right', () => {
    const codes: Partial<Record<string, string>> = {
      ...{ scale: 'scale.E.harmonic-minor.up.treble.none', signature: 'signature.Eb.major.treble' },
      ...{ 'name-key': 'name-key.3.major', 'name-signature': 'name-signature.B.major', order: 'order.3' },
    };
    for (const kind of KIND_IDS) {
      const code = codes[kind];
      if (!code) continue;
      expect(readQuestionCode(code), code).not.toBeNull();
      const { lines } = pollShow(ENGLISH, `?poll=${encodeURIComponent(code)}&answers=&stage=show&in=0&of=0`);
      expect(lines[0]?.text, kind).toMatch(/^0 had it right: \S/u);
    }
  });
});

describe('the address at which phones join', () => {
  const link = {
    code: 'FHJKLM',
    secret: 's',
    expires: '',
    addresses: ['192.168.1.20', '10.0.0.5'],
    names: [],
  };
  const at = (hostname: string) => ({
    ...{ protocol: 'http:', port: '4760', hostname },
    origin: `http://${hostname}:4760`,
  });

  it('is that of the network, where the desk stands on the server itself', () => {
    expect(joinLink({ link }, null, at('localhost'))).toBe('http://192.168.1.20:4760/join?code=FHJKLM');
    expect(joinLink({ link }, '10.0.0.5', at('127.0.0.1'))).toBe('http://10.0.0.5:4760/join?code=FHJKLM');
    expect(joinLink({ link }, null, at('music.school'))).toBe('http://music.school:4760/join?code=FHJKLM');
    expect(joinLink({ link: { ...link, addresses: [] } }, null, at('localhost'))).toBe(
      'http://localhost:4760/join?code=FHJKLM',
    );
    expect(joinLink({ link: null }, null, at('localhost'))).toBeNull();
  });
});
