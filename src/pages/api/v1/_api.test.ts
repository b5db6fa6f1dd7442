import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { NAMED_SCALE_IDS, SCALE_IDS } from '@/core/scale/pattern';
import { SCALE_TABLE, tableScale } from '@/core/scale/scale-table';
import { answerAsk } from './_ask-answer';
import { answerIdentify } from './_identify-answer';
import { openApiDocument } from './_openapi';
import { onlyPost, posted } from './_posted';
import type { ProblemDocument } from './_problem';
import { type Answer, endpoint, notAllowed } from './_respond';
import { answerScale } from './_scale-answer';
import { askAnswer, identifyAnswer, problemAnswer, scaleAnswer, signatureAnswer } from './_schemas';
import { answerSignature } from './_signature-answer';

const at = (path: string) => new URL(`http://moon.example/api/v1/${path}`);
const query = (values: Readonly<Record<string, string>>) => at(`scale?${new URLSearchParams(values)}`);

function body(answer: Answer): Record<string, unknown> {
  if (!answer.ok) throw new Error(answer.problem.detail);
  return JSON.parse(answer.text) as Record<string, unknown>;
}

function refusal(answer: Answer): ProblemDocument {
  if (answer.ok) throw new Error(`answered ${answer.text}`);
  return problemAnswer.parse(answer.problem) as ProblemDocument;
}

describe('GET /scale', () => {
  it('answers every tonic and scale as the table written by hand, by agreeing methods', () => {
    for (const row of SCALE_TABLE) {
      for (const scale of SCALE_IDS) {
        const answer = body(answerScale(query({ tonic: row.tonic, scale, direction: 'both' })));
        const { up, down } = tableScale(row, scale);
        expect(answer).toMatchObject({ tonic: row.tonic, scale, ascending: up, descending: down });
        expect(scaleAnswer.parse(answer)).toEqual(answer);
        expect(answer['printed']).toHaveLength(15);
        const methods = answer['methods'] as { agrees: boolean }[];
        expect(methods).toHaveLength(scale === 'major' ? 5 : 7);
        expect(methods.every(({ agrees }) => agrees)).toBe(true);
      }
    }
  });

  it('answers as the document promises', () => {
    expect(body(answerScale(query({ tonic: 'B-flat', scale: 'harmonic-minor' })))).toMatchObject({
      tonic: 'Bb',
      name: 'Bb harmonic minor',
      steps: { ascending: [2, 1, 2, 2, 1, 3, 1], descending: [1, 3, 1, 2, 2, 1, 2] },
      signature: { fifths: -5, accidentals: ['Bb', 'Eb', 'Ab', 'Db', 'Gb'] },
      theoretical: false,
      enharmonic: 'A#',
      printed: [null, null, null, null, null, null, 'n', null],
    });
    expect(body(answerScale(query({ tonic: 'G#', scale: 'major' })))).toMatchObject({
      theoretical: true,
      enharmonic: 'Ab',
      signature: { fifths: 8, accidentals: ['C#', 'G#', 'D#', 'A#', 'E#', 'B#', 'F##'] },
      printed: ['#', '#', '#', '#', '#', '#', '##', '#'],
    });
  });

  it('repeats an alias as it was sent, and reads typed steps', () => {
    expect(body(answerScale(query({ tonic: 'D', scale: 'aeolian' })))).toMatchObject({
      scale: 'aeolian',
      name: 'D natural minor',
    });
    expect(body(answerScale(query({ tonic: 'D', steps: '2,1,2,2,1,2,2' })))).toMatchObject({
      scale: 'natural-minor',
    });
    expect(body(answerScale(query({ tonic: 'D', steps: '1,3,1,2,1,2,2' })))['name']).toBe(
      'D 1 3 1 2 1 2 2 (harmonic minor from its 5th note)',
    );
    expect(body(answerScale(query({ tonic: 'D', steps: '1,3,1,2,1,3,1' })))).toMatchObject({
      scale: null,
      signature: null,
      enharmonic: null,
      ascending: ['D', 'Eb', 'F#', 'G', 'A', 'Bb', 'C#', 'D'],
      printed: [null, 'b', '#', null, null, 'b', '#', null],
    });
  });

  it('answers beginnings of scales, the chromatic scale and steps of any number', () => {
    expect(body(answerScale(query({ tonic: 'Eb', steps: '2,1,2,2' })))).toMatchObject({
      scale: 'minor-pentachord',
      name: 'Eb minor pentachord',
      ascending: ['Eb', 'F', 'Gb', 'Ab', 'Bb'],
      descending: ['Bb', 'Ab', 'Gb', 'F', 'Eb'],
    });
    const chromatic = body(answerScale(query({ tonic: 'G', scale: 'chromatic', direction: 'both' })));
    expect(chromatic['printed']).toHaveLength(25);
    expect(chromatic['descending']).toEqual('G F# F E Eb D Db C B Bb A Ab G'.split(' '));
    expect(body(answerScale(query({ tonic: 'F#', steps: '2,2,3,2,3' })))).toMatchObject({
      scale: null,
      signature: null,
      name: 'F# 2 2 3 2 3',
      ascending: ['F#', 'G#', 'A#', 'C#', 'D#', 'F#'],
    });
    for (const row of SCALE_TABLE) {
      for (const scale of NAMED_SCALE_IDS) {
        const answer = answerScale(query({ tonic: row.tonic, scale, direction: 'both' }));
        if (answer.ok) expect(scaleAnswer.parse(body(answer))).toEqual(body(answer));
        else expect(refusal(answer).status).toBe(422);
      }
    }
  });

  it('writes a mode under the signature of its parent or of its tonic, in every part of the answer', () => {
    const dorian = (modesWritten: string) =>
      body(answerScale(query({ tonic: 'D', scale: 'dorian', modesWritten })));
    const [parent, tonic] = [dorian('parent'), dorian('tonic')];
    expect(parent['signature']).toEqual({ fifths: 0, accidentals: [] });
    expect(tonic['signature']).toEqual({ fifths: -1, accidentals: ['Bb'] });
    expect(parent['printed']).toEqual([null, null, null, null, null, null, null, null]);
    expect(tonic['printed']).toEqual([null, null, null, null, null, 'n', null, null]);
    const said = JSON.stringify(tonic['methods']);
    expect(said).toContain('one flat');
    expect(JSON.stringify(parent['methods'])).not.toBe(said);
    expect(tonic['ascending']).toEqual(parent['ascending']);
  });

  it('takes an octave, and writes MusicXML', () => {
    expect(body(answerScale(query({ tonic: 'C', scale: 'major', octave: '2' })))['pitches']).toContain('C3');
    const answer = answerScale(query({ tonic: 'C#', scale: 'major', format: 'musicxml' }));
    expect(answer.ok && answer.type).toBe('application/vnd.recordare.musicxml+xml');
    expect(answer.ok && answer.text).toContain('<fifths>7</fifths>');
  });

  it.each([
    ['scale?scale=major', 400, 'tonic'],
    ['scale?tonic=&scale=major', 400, 'tonic'],
    ['scale?tonic=C', 400, 'scale'],
    ['scale?tonic=C&scale=major&steps=2,2,1,2,2,2,1', 400, 'scale'],
    ['scale?tonic=C&scale=major&scale=major', 400, 'scale'],
    ['scale?tonic=C&scale=major&colour=red', 400, 'colour'],
    ['scale?tonic=C&scale=major&octave=high', 400, 'octave'],
    ['scale?tonic=C&scale=major&octave=12', 422, 'octave'],
    ['scale?tonic=C&scale=major&octave=-1', 422, 'octave'],
    ['scale?tonic=H&scale=major', 422, 'tonic'],
    ['scale?tonic=C&scale=Major', 422, 'scale'],
    ['scale?tonic=C&scale=major&clef=soprano', 422, 'clef'],
    ['scale?tonic=C&scale=major&direction=sideways', 422, 'direction'],
    ['scale?tonic=C&scale=major&signature=maybe', 422, 'signature'],
    ['scale?tonic=C&scale=major&format=pdf', 422, 'format'],
    ['scale?tonic=C&steps=2,2,1,2,2,2', 422, 'steps'],
    ['scale?tonic=C&steps=2,2,1,2,2,2,2', 422, 'steps'],
    ['scale?tonic=C&steps=5,2,1,1,1,1,1', 422, 'steps'],
    ['scale?tonic=G%23%23&scale=major', 422, 'tonic'],
    [`scale?tonic=${'C'.repeat(2001)}&scale=major`, 413, 'tonic'],
  ])('%s is refused with %i at %s', (path, status, field) => {
    const found = refusal(answerScale(at(path)));
    expect(found.status).toBe(status);
    expect(found.errors?.map(({ pointer }) => pointer)).toEqual([`#/${field}`]);
    expect(found.detail).toMatch(/\.$/u);
  });

  it('never throws, whatever is sent', () => {
    const word = fc.oneof(
      fc.string({ unit: 'binary', maxLength: 20 }),
      fc.constantFrom('C', 'Bb', 'major', 'both', '2,2,1,2,2,2,1', 'G##', 'Fbb'),
    );
    const name = fc.constantFrom(
      'tonic',
      'scale',
      'steps',
      'clef',
      'direction',
      'octave',
      'format',
      'signature',
      'fifths',
    );
    fc.assert(
      fc.property(fc.array(fc.tuple(name, word), { maxLength: 5 }), (pairs) => {
        const sent = at(`any?${new URLSearchParams(pairs.map((pair) => [...pair]))}`);
        for (const answer of [answerScale(sent), answerSignature(sent)]) {
          if (!answer.ok) expect([400, 413, 422]).toContain(refusal(answer).status);
        }
      }),
    );
  });
});

describe('GET /signature', () => {
  it('answers the fifteen, each with its owners and places', () => {
    for (let count = -7; count <= 7; count += 1) {
      const answer = body(answerSignature(at(`signature?fifths=${count}`)));
      expect(signatureAnswer.parse(answer)).toEqual(answer);
      expect(answer['accidentals']).toHaveLength(Math.abs(count));
    }
    expect(body(answerSignature(at('signature?fifths=-3')))).toMatchObject({
      fifths: -3,
      accidentals: ['Bb', 'Eb', 'Ab'],
      major: 'Eb',
      minor: 'C',
      modes: { lydian: 'Ab', mixolydian: 'Bb', dorian: 'F', phrygian: 'G', locrian: 'D' },
      places: { treble: ['Bb4', 'Eb5', 'Ab4'], bass: ['Bb2', 'Eb3', 'Ab2'] },
    });
    expect(body(answerSignature(at('signature?fifths=-0')))).toMatchObject({
      fifths: 0,
      major: 'C',
      minor: 'A',
    });
  });

  it.each([
    ['signature', 400],
    ['signature?fifths=three', 400],
    ['signature?fifths=2.5', 400],
    ['signature?fifths=8', 422],
    ['signature?fifths=-8', 422],
    ['signature?fifths=3&fifths=3', 400],
  ])('%s is refused with %i', (path, status) => {
    expect(refusal(answerSignature(at(path))).status).toBe(status);
  });
});

describe('GET /ask', () => {
  const asked = (q: string) => body(answerAsk(at(`ask?${new URLSearchParams({ q })}`)));

  it('answers with the resulting tonic and scale, or the signature', () => {
    expect(asked('c# harm min')['readings']).toEqual([
      {
        kind: 'scale',
        text: 'C♯ harmonic minor',
        href: '/derive?tonic=C%23&scale=harmonic-minor&direction=up&clef=bass&signature=written&method=step-pattern',
        tonic: 'C#',
        scale: 'harmonic-minor',
      },
    ]);
    const first = (q: string) => (asked(q)['readings'] as Record<string, unknown>[])[0];
    expect(first('rel minor of Db')).toMatchObject({ tonic: 'Bb', scale: 'natural-minor' });
    expect(first('W W H W W W H from E')).toMatchObject({ tonic: 'E', scale: 'major' });
    expect(first('2 2 3 2 3 from C')).toMatchObject({ tonic: 'C', scale: null, steps: '2,2,3,2,3' });
    expect(first('F G Ab Bb C Db E F')).toMatchObject({ kind: 'name', tonic: 'F', scale: 'harmonic-minor' });
    expect(first('5 flats minor')).toMatchObject({ fifths: -5, tonic: 'Bb', scale: 'natural-minor' });
    expect(first('last sharp is G#')).toMatchObject({ fifths: 3 });
    expect(asked('parallel of B')['readings']).toHaveLength(2);
  });

  it('says what was not understood, with 200', () => {
    const answer = asked('bebop in C');
    expect(answer['readings']).toEqual([]);
    expect(answer['notUnderstood']).toContain("'bebop'");
    expect(asked('C major')).not.toHaveProperty('notUnderstood');
    for (const q of ['C major vs chain', 'class', '4 flats', 'signature of E major', 'bebop'])
      expect(askAnswer.parse(asked(q))).toEqual(asked(q));
  });

  it('is refused without a line, or with one that is too long', () => {
    expect(refusal(answerAsk(at('ask'))).status).toBe(400);
    expect(refusal(answerAsk(at(`ask?q=${'c'.repeat(2001)}`))).status).toBe(413);
  });
});

describe('POST /identify', () => {
  const post = (text: string, type = 'application/json') =>
    posted(answerIdentify)({
      request: new Request(at('identify'), { method: 'POST', body: text, headers: { 'Content-Type': type } }),
    } as never) as Promise<Response>;

  it('names what fits, best first, and tells the way', async () => {
    const response = await post(JSON.stringify({ notes: 'G A B C D E F# G'.split(' ') }));
    expect(response.status).toBe(200);
    const answer = identifyAnswer.parse(await response.json());
    expect(answer.names[0]).toEqual({ tonic: 'G', scale: 'major', because: 'It is the whole row from G.' });
    expect(answer.trace.length).toBeGreaterThan(3);
    const none = identifyAnswer.parse(
      await (await post('{"notes":["C","D","E","F#","G","Ab","B","C"]}')).json(),
    );
    expect(none.names).toEqual([]);
  });

  it.each([
    ['not json', 'application/json', 400],
    ['[]', 'application/json', 400],
    ['{"notes":"C D E"}', 'application/json', 400],
    ['{"notes":["C","D","E"],"more":1}', 'application/json', 400],
    ['{"notes":["C","D"]}', 'application/json', 422],
    ['{"notes":["C","D","H"]}', 'application/json', 422],
    ['{"notes":["C","D","E"]}', 'text/plain', 415],
  ])('%s as %s is refused with %i', async (text, type, status) => {
    const response = await post(text, type);
    expect(response.status).toBe(status);
    expect(problemAnswer.parse(await response.json()).status).toBe(status);
  });

  it('reads no body over a megabyte, and takes POST only', async () => {
    expect((await post(`{"notes":["${'C'.repeat(1024 * 1024)}"]}`)).status).toBe(413);
    const refusedGet = onlyPost({ request: new Request(at('identify')) } as never) as Response;
    expect(refusedGet.status).toBe(405);
    expect(refusedGet.headers.get('allow')).toBe('POST');
  });

  it('never fails, whatever notes are sent', async () => {
    const name = fc.oneof(fc.constantFrom('C', 'F#', 'Bb', 'G##', 'Ebb'), fc.string({ maxLength: 6 }));
    await fc.assert(
      fc.asyncProperty(fc.array(name, { maxLength: 40 }), async (notes) => {
        expect([200, 422]).toContain((await post(JSON.stringify({ notes }))).status);
      }),
    );
  });
});

describe('answers over HTTP', () => {
  const ask = (headers: Readonly<Record<string, string>> = {}, path = 'scale?tonic=C&scale=major') =>
    endpoint(answerScale)({ request: new Request(at(path), { headers }) } as never) as Response;

  it('can be cached: the same ETag for the same answer, and 304 for it', async () => {
    const first = ask();
    const etag = first.headers.get('etag') ?? '';
    expect(etag).toMatch(/^"[\w-]{22}"$/u);
    expect(first.headers.get('content-type')).toBe('application/json; charset=utf-8');
    expect(ask({ 'If-None-Match': etag }).status).toBe(304);
    expect(ask({ 'If-None-Match': '"another"' }).status).toBe(200);
  });

  it('are problem documents when they are problems', async () => {
    const response = ask({}, 'scale?tonic=H&scale=major');
    expect(response.status).toBe(422);
    expect(response.headers.get('content-type')).toBe('application/problem+json');
    expect(await response.json()).toMatchObject({ status: 422 });
  });

  it('allow reading only', () => {
    const response = notAllowed({
      request: new Request(at('scale'), { method: 'POST' }),
    } as never) as Response;
    expect(response.status).toBe(405);
    expect(response.headers.get('allow')).toBe('GET, HEAD');
  });
});

describe('the OpenAPI document', () => {
  it('names every parameter, and every reference in it has its schema', () => {
    const text = JSON.stringify(openApiDocument());
    const document = JSON.parse(text) as {
      components: { schemas: object };
      paths: Record<string, { get: { parameters: { name: string; required: boolean }[] } }>;
    };
    const references = [...text.matchAll(/#\/components\/schemas\/(\w+)/gu)].map(([, name]) => name);
    expect(new Set(references)).toEqual(new Set(Object.keys(document.components.schemas)));
    const named = document.paths['/scale']?.get.parameters.map(
      ({ name, required }) => `${name}${required ? '!' : ''}`,
    );
    expect(named).toEqual([
      'tonic!',
      'scale',
      'steps',
      'clef',
      'direction',
      'signature',
      'modesWritten',
      'octave',
      'instrument',
      'format',
    ]);
    expect(
      document.paths['/signature']?.get.parameters.map(
        ({ name, required }) => `${name}${required ? '!' : ''}`,
      ),
    ).toEqual(['fifths!']);
    expect(text).toContain('%23');
  });
});
