import { heightOf, type Pitch } from '@/core/note/pitch';
import { asciiName, fifths, type SpelledNote } from '@/core/note/spelled';
import { QUARTER } from '@/core/play/rhythm';
import { METERS, readTune, SINGLE_LENGTHS, type Tune, type TuneNote, writeTune } from '@/core/play/tune';
import { tonesOf } from '@/core/play/tune-part';
import { PATTERNS, type ScaleId } from '@/core/scale/pattern';
import { type Scale, scaleNamed } from '@/core/scale/scale';
import { ownerOf } from '@/core/scale/signature';
import type { MelodyWhy } from '@/core/words/say-file';
import type { Melody, MelodyNote } from './melody';

/** A tune as a file offers it, in plain words that can be sent. */
export type OfferedTune = {
  readonly name: string;
  /** Its text in degrees. */
  readonly code: string;
  readonly tonic: string;
  readonly scale: ScaleId;
  readonly notes: number;
};

export type TuneOfMelody =
  | { readonly ok: true; readonly tune: OfferedTune }
  | { readonly ok: false; readonly why: MelodyWhy };

const no = (why: MelodyWhy): TuneOfMelody => ({ ok: false, why });

/** Scales that signs alone can stand for: the major key, or a form of its minor. */
const BY_SIGNS: readonly ScaleId[] = ['major', 'natural-minor', 'harmonic-minor', 'melodic-minor'];

/** The scales a file can mean by what it says of its key; minor has three forms. */
function scalesMeant({ scale }: Melody): readonly ScaleId[] {
  if (scale === null) return BY_SIGNS;
  return scale === 'natural-minor' ? BY_SIGNS.slice(1) : [scale];
}

function scaleOf(count: number, id: ScaleId): Scale | null {
  const tonic = ownerOf(fifths(count), PATTERNS[id].mode);
  const reading = tonic && scaleNamed(tonic, id);
  return reading?.ok ? reading.scale : null;
}

type Toned = { readonly notes: readonly TuneNote[]; readonly altered: number };

/** Notes in degrees of a scale; null where one has a sign too many for a degree. */
function inDegrees(scale: Scale, { notes }: Melody): Toned | null {
  const pitches = notes.flatMap(({ pitch }) => pitch ?? []);
  const home = homeHeight(scale.tonic, pitches);
  const line = pitches.map((pitch) => ({ pitch, place: heightOf(pitch) - home }));
  const tones = tonesOf(line, scale, 0);
  if (!tones) return null;
  const left = tones.values();
  const toned = notes.map(({ pitch, ticks }) => ({
    tone: pitch ? (left.next().value ?? null) : null,
    length: ticks,
  }));
  return { notes: toned, altered: tones.filter(({ alter }) => alter !== 0).length };
}

/** The height of the tonic that most of the notes lie in the octave over. */
function homeHeight(tonic: SpelledNote, pitches: readonly Pitch[]): number {
  const first = heightOf({ note: tonic, octave: 0 });
  const counts = new Map<number, number>();
  for (const each of pitches) {
    const octave = Math.floor((heightOf(each) - first) / 7);
    counts.set(octave, (counts.get(octave) ?? 0) + 1);
  }
  const [best] = [...counts].toSorted((a, b) => b[1] - a[1] || a[0] - b[0]);
  return first + 7 * (best?.[0] ?? 4);
}

/** A rest in lengths that single values have; what is left is too short for one. */
function restsOf(ticks: number): readonly MelodyNote[] {
  const longest = SINGLE_LENGTHS.findLast((each) => each <= ticks);
  if (longest === undefined) return ticks > 0 ? [{ pitch: null, ticks }] : [];
  return [{ pitch: null, ticks: longest }, ...restsOf(ticks - longest)];
}

/** The same with rests parted at bar lines, and the last bar filled up with them. */
function withRests({ notes, upbeat }: Melody, whole: number): readonly MelodyNote[] {
  let at = (whole - upbeat) % whole;
  const parted = notes.flatMap((note): readonly MelodyNote[] => {
    const from = at;
    at += note.ticks;
    if (note.pitch) return [note];
    const first = Math.min(note.ticks, whole - (from % whole));
    const bars = Math.floor((note.ticks - first) / whole);
    const last = note.ticks - first - bars * whole;
    return [first, ...Array.from({ length: bars }, () => whole), last].flatMap(restsOf);
  });
  const left = (whole - (at % whole)) % whole;
  return [...parted, ...(left === upbeat ? [] : restsOf(left))];
}

/** A line of a file as a tune in degrees, in the scale of its key in which it needs the fewest signs of its own. */
export function tuneOfMelody(given: Melody): TuneOfMelody {
  const { title, quarters, upbeat, words } = given;
  const sounding = given.notes.filter(({ pitch }) => pitch).length;
  if (sounding < 2) return no('no-notes');
  const meter = METERS.find((each) => each === quarters);
  if (!meter) return no('meter');
  const melody = { ...given, notes: withRests(given, meter * QUARTER) };
  if (melody.notes.some(({ ticks }) => !Number.isInteger(ticks) || ticks <= 0)) return no('lengths');
  const count = melody.fifths ?? 0;
  const last = melody.notes.findLast(({ pitch }) => pitch)?.pitch?.note;
  const found = scalesMeant(melody)
    .flatMap((id) => {
      const scale = scaleOf(count, id);
      const toned = scale && inDegrees(scale, melody);
      // Of two that need as many signs, the one that ends at home.
      return scale && toned ? [{ id, scale, toned, away: scale.tonic === last ? 0 : 1 }] : [];
    })
    .toSorted((a, b) => a.away - b.away || a.toned.altered - b.toned.altered);
  const [best] = found;
  if (!best) return no(scalesMeant(melody).some((id) => scaleOf(count, id)) ? 'signs' : 'key');
  const tune: Tune = {
    name: title.replace(/[:;]/gu, ' ').slice(0, 60),
    ...{ meter, upbeat, notes: best.toned.notes },
    words: words.length === sounding ? words : [],
  };
  const code = writeTune(tune);
  const reading = readTune(code);
  if (!reading.ok) return no(reading.problem.code === 'tune-length' ? 'lengths' : 'bars');
  const { tonic } = best.scale;
  return {
    ok: true,
    tune: { name: tune.name, code, tonic: asciiName(tonic), scale: best.id, notes: sounding },
  };
}
