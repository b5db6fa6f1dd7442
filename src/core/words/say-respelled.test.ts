import { describe, expect, it } from 'vitest';
import { noteNamed } from '../note/parse';
import { asciiName, pitchClass } from '../note/spelled';
import { SCALE_IDS } from '../scale/pattern';
import { scaleNamed } from '../scale/scale';
import { SCALE_TABLE, tableScale } from '../scale/scale-table';
import { ENGLISH } from './class-words';
import { respelled, sayRespelled } from './say-respelled';

const said = (name: string) => ENGLISH.note(noteNamed(name));

describe('a note spelled the other way', () => {
  it('is the same key, and the scale calls for its own spelling, as the table has it', () => {
    let claims = 0;
    for (const row of SCALE_TABLE)
      for (const id of SCALE_IDS) {
        const reading = scaleNamed(noteNamed(row.tonic), id);
        if (!reading.ok) continue;
        const { up, down } = tableScale(row, id);
        for (const name of new Set([...up, ...down])) {
          const text = sayRespelled(ENGLISH, reading.scale, noteNamed(name));
          const other = respelled(noteNamed(name));
          if (!other) {
            expect(text).toBe('');
            continue;
          }
          const [, spelled, own, taken, letter, missing] =
            /^Spelled (\S+) it would be the same key, fret and fingering; .+ calls for (\S+): there is (\S+) on the letter (\S+) already, and (\S+) would be missing\.$/u.exec(
              text,
            ) ?? [];
          expect(spelled, text).toBe(said(asciiName(other)));
          expect(pitchClass(other)).toBe(pitchClass(noteNamed(name)));
          expect(own).toBe(said(name));
          // By the table: the row that holds the note holds what is said to be taken, and no other note on the letter.
          const notes = up.includes(name) ? up : down;
          expect(notes.map(said)).toContain(taken);
          expect(taken?.[0]).toBe(letter);
          expect(asciiName(other)[0]).toBe(letter);
          expect(new Set(notes.filter((each) => each[0] === missing))).toEqual(new Set([name]));
          claims += 1;
        }
      }
    expect(claims).toBeGreaterThan(800);
  });

  it('says no more than holds where letters repeat, and nothing where both spellings stand', () => {
    const chromatic = scaleNamed(noteNamed('C'), 'chromatic');
    if (!chromatic.ok) throw chromatic.problem;
    expect(sayRespelled(ENGLISH, chromatic.scale, noteNamed('E'))).toBe(
      'Spelled F♭ it would be the same key, fret and fingering.',
    );
    expect(['D', 'G', 'A'].map((name) => respelled(noteNamed(name)))).toEqual([null, null, null]);
    expect(
      ['B', 'C', 'E', 'F'].map((name) => asciiName(respelled(noteNamed(name)) ?? noteNamed('D'))),
    ).toEqual(['Cb', 'B#', 'Fb', 'E#']);
  });
});
