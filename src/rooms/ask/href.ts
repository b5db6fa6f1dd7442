import type { AskPlace, AskReading } from '@/core/ask/reading';
import type { SheetPhrase } from '@/core/ask/sheet-said';
import { adding } from '@/core/exercise/sheet/change';
import { asMade } from '@/core/exercise/sheet/sheet';
import { fittingWays } from '@/core/instrument/ways';
import { asciiName, fifths } from '@/core/note/spelled';
import { SCALE_IDS } from '@/core/scale/pattern';
import { DERIVE_PATH, writeAddress } from '../address/derive/derive-address';
import { type DeriveSentence, FIRST_SENTENCE, fitting } from '../address/derive/derive-sentence';
import { surfacesShown, withFirst } from '../address/derive/shown';
import { FIRST_QUESTIONS, writeQuestion } from '../address/derive/write-question';
import { MARK_PATH } from '../address/mark/mark-address';
import { orbitHref } from '../address/orbit/orbit-address';
import { FIRST } from '../address/orbit/orbit-sentence';
import { FIRST_PLAY, type PlaySentence, playHref } from '../address/play/play-address';
import { sheetsHref } from '../address/sheets/sheets-address';
import { FIRST_SHEET, type SheetsSentence } from '../address/sheets/sheets-sentence';
import type { Room } from '../shell/room';

/** The sentence a reading builds; what it leaves open is as in the sentence that stands. */
function sentenceOf(
  reading: Extract<AskReading, { readonly kind: 'scale' | 'compare' }>,
  now: DeriveSentence,
): DeriveSentence {
  const { tonic, scale } = reading;
  const { on, frets, tuning, instrument, octaves, ...options } = reading.options;
  const beside = reading.kind === 'scale' ? null : reading.beside;
  const ways = {
    ...now.ways,
    ...(frets ? { frets } : {}),
    ...(tuning ? { tuning } : {}),
    ...(instrument ? { instrument } : {}),
    ...(octaves ? { octaves } : {}),
  };
  const shown = { ...now, ways: fittingWays(ways) };
  return fitting({
    ...(on ? { ...shown, on: withFirst(surfacesShown(shown), on) } : shown),
    ...options,
    tonic,
    scale,
    step: null,
    beside:
      beside === null
        ? null
        : typeof beside === 'string'
          ? { kind: 'method', method: beside }
          : { kind: 'scale', ...beside },
  });
}

/** A sheet as it was said; what was left open is as in the one that stands, and its questions are made anew. */
function sheetSaid(said: SheetPhrase, now: SheetsSentence | null): SheetsSentence {
  const usual = now ?? FIRST_SHEET;
  return {
    ...usual,
    sort: 'questions',
    count: said.count ?? usual.count,
    topics: said.topics.length > 0 ? said.topics : usual.topics,
    maxSigns: said.maxSigns ?? usual.maxSigns,
    clefs: said.clefs.length > 0 ? said.clefs : usual.clefs,
    signature: said.signature ?? usual.signature,
    version: said.version ?? usual.version,
    habits: [],
    slots: null,
  };
}

/** The sheet that stands with a question more; where none stands, a sheet of that question. */
function sheetWith(
  { tonic, scale, options }: Extract<AskReading, { readonly kind: 'sheet-question' }>,
  now: SheetsSentence | null,
): SheetsSentence {
  const id = SCALE_IDS.find((each) => each === scale) ?? 'major';
  const { direction = 'up', clef = 'treble', signature = 'none' } = options;
  const question = { tonic, scale: id, direction, clef, signature };
  const there = now?.slots ?? asMade(now?.count ?? 0);
  const own = { task: 'answer', question: { kind: 'scale', question } } as const;
  return { ...(now ?? FIRST_SHEET), slots: adding(there, [own]) };
}

/** What is to be played as it was said; what was left open is as it usually is. */
function playSaid({
  tonic,
  scale,
  options,
  said,
}: Extract<AskReading, { readonly kind: 'play' }>): PlaySentence {
  const { pattern, tune, range, player, tempo } = said;
  return {
    ...FIRST_PLAY,
    ...{ tonic, scale, pattern: pattern ?? 'scale', tune: tune ?? FIRST_PLAY.tune },
    range: range ?? options.octaves ?? FIRST_PLAY.range,
    player: player ?? options.instrument ?? FIRST_PLAY.player,
    tempo: tempo ?? FIRST_PLAY.tempo,
    signature: options.signature ?? FIRST_PLAY.signature,
  };
}

/** The place of a room that was asked for by name; the room knows where it lies. Where none does, the first room. */
function placeOf(place: AskPlace, rooms: readonly Room[]): string {
  const found = rooms.find(({ places }) => Object.hasOwn(places, place));
  return found?.places[place] ?? rooms[0]?.path ?? '/';
}

/** The address that answers a reading. */
export function hrefOfReading(
  reading: AskReading,
  rooms: readonly Room[],
  now: DeriveSentence = FIRST_SENTENCE,
  sheet: SheetsSentence | null = null,
): string {
  switch (reading.kind) {
    case 'scale':
    case 'compare':
      return `${DERIVE_PATH}${writeAddress(sentenceOf(reading, now))}`;
    case 'key':
      return `${DERIVE_PATH}${writeQuestion({ ...FIRST_QUESTIONS.key, fifths: reading.fifths, asked: reading.mode ?? 'every' })}`;
    case 'signature':
      return `${DERIVE_PATH}${writeQuestion({ ...FIRST_QUESTIONS.signature, tonic: reading.tonic, scale: reading.scale })}`;
    case 'name':
      return `${DERIVE_PATH}${writeQuestion({ ...FIRST_QUESTIONS.name, notes: reading.notes })}`;
    case 'route':
      return orbitHref({ ...FIRST.route, from: reading.from, to: reading.to });
    case 'chords':
      return orbitHref({ ...FIRST.chords, key: reading.key, size: reading.size });
    case 'chord':
      return orbitHref({ ...FIRST.spell, root: reading.root, quality: reading.quality });
    case 'note':
      return orbitHref({ kind: 'notes', note: reading.note });
    case 'order':
      return `${DERIVE_PATH}${writeQuestion({ ...FIRST_QUESTIONS.key, fifths: fifths(reading.of === 'sharps' ? 7 : -7), asked: 'every' })}`;
    case 'degree':
      return `${DERIVE_PATH}${writeAddress(fitting({ ...now, tonic: reading.tonic, scale: reading.scale, step: null, beside: null }))}`;
    case 'interval':
      return orbitHref({ kind: 'notes', note: reading.to });
    case 'circle':
      return orbitHref({ kind: 'keys', key: reading.key });
    case 'mark': {
      const { direction, clef, signature } = reading.options;
      const asked = { tonic: asciiName(reading.tonic), scale: String(reading.scale) };
      const options = Object.entries({ direction, clef, signature }).flatMap(([name, value]) =>
        value ? [[name, value]] : [],
      );
      return `${MARK_PATH}?${new URLSearchParams({ kind: 'scale', ...asked, ...Object.fromEntries(options) })}`;
    }
    case 'sheet':
      return sheetsHref(sheetSaid(reading.sheet, sheet));
    case 'sheet-question':
      return sheetsHref(sheetWith(reading, sheet));
    case 'play':
      return playHref(playSaid(reading));
    case 'place':
      return placeOf(reading.place, rooms);
  }
}
