import { type Part, partAsked } from '@/core/play/part';
import { performed } from '@/core/play/performance';
import type { ClassWords } from '@/core/words/class-words';
import { saySung } from '@/core/words/say-sung';
import { playWords } from '@/core/words/screen/play';
import { loadSound } from '@/devices/sound/load';
import { plainName } from '@/ui/files/download';
import { type PlaySentence, playHref } from '../address/play/play-address';
import { type Shared, SVG_TYPE, shareFile, sharePicture, shareText } from '../shell/share-as';
import type { ShareList } from '../shell/shares';
import { barsText } from './play-lines';
import { playName } from './play-words';

export type PlayWay = 'picture' | 'text' | 'link' | 'svg' | 'midi' | 'abc' | 'musicXml' | 'wav';

/** What can be copied, printed or saved of a pattern. */
export const PLAY_SHARES: ShareList<PlayWay | 'print'> = {
  copies: ['picture', 'text', 'link'],
  prints: ['print'],
  files: ['midi', 'abc', 'musicXml', 'wav', 'svg'],
};

async function drawing(w: ClassWords, sentence: PlaySentence, part: Part): Promise<string> {
  const [{ writeSvg }, { engraveBars, BARS_WIDTH }] = await Promise.all([
    import('@/formats/svg/write'),
    import('@/engrave/bars'),
  ]);
  return writeSvg(
    engraveBars(part, BARS_WIDTH, saySung(w, part, sentence.singing)),
    playName(w, sentence),
    barsText(w, part).join(' | '),
  );
}

/** Copies or saves what stands. */
export async function sharePlay(w: ClassWords, id: PlayWay, sentence: PlaySentence): Promise<Shared> {
  const reading = partAsked(sentence, w.settings);
  const name = playName(w, sentence);
  const file = plainName(name, 'pattern');
  if (id === 'link') return shareText(new URL(playHref(sentence), window.location.origin).href, file);
  if (!reading.ok) return { done: 'not', why: playWords(w).problem(reading.problem) };
  const { part } = reading;
  const sung = saySung(w, part, sentence.singing);
  switch (id) {
    case 'picture':
      return sharePicture(drawing(w, sentence, part), file);
    case 'svg':
      return shareFile(`${file}.svg`, SVG_TYPE, await drawing(w, sentence, part));
    case 'text':
      return shareText(`${name}\n${barsText(w, part).join(' | ')}`, file);
    case 'midi': {
      const { MIDI_TYPE, writeMidiPart } = await import('@/formats/midi/write');
      return shareFile(`${file}.mid`, MIDI_TYPE, blob(writeMidiPart(part, name, sentence.tempo), MIDI_TYPE));
    }
    case 'abc': {
      const [{ ABC_TYPE }, { writeAbc }] = await Promise.all([
        import('@/formats/abc/is-abc'),
        import('@/formats/abc/write'),
      ]);
      return shareFile(`${file}.abc`, ABC_TYPE, writeAbc(part, name, sentence.tempo, sung));
    }
    case 'musicXml': {
      const [{ MUSICXML_TYPE }, { writeMusicXmlPart }] = await Promise.all([
        import('@/formats/musicxml/write'),
        import('@/formats/musicxml/write-part'),
      ]);
      return shareFile(
        `${file}.musicxml`,
        MUSICXML_TYPE,
        writeMusicXmlPart(part, name, sentence.tempo, sung),
      );
    }
    case 'wav': {
      const [{ WAV_TYPE, writeWav }, device] = await Promise.all([
        import('@/formats/wav/write'),
        loadSound(),
      ]);
      const { samples, rate } = await device.record(performed(part, sentence));
      return shareFile(`${file}.wav`, WAV_TYPE, blob(writeWav(samples, rate), WAV_TYPE));
    }
  }
}

const blob = (bytes: Uint8Array, type: string) => new Blob([bytes as BlobPart], { type });
