import { known } from '@/core/known';
import { accidentalsOf } from '@/core/scale/signature';
import type { ClassWords } from '@/core/words/class-words';
import { scaleName } from '@/core/words/say-scale';
import { stepText } from '@/core/words/say-step';
import { deriveHref } from '@/rooms/address/derive/derive-address';
import type { DeriveSentence } from '@/rooms/address/derive/derive-sentence';
import { type Shared, SVG_TYPE, shareFile, sharePicture, shareText } from '@/rooms/shell/share-as';
import { SURFACES } from '@/ui/surfaces/all';
import type { Surface } from '@/ui/surfaces/surface';
import { FORMATS } from '@/workers/formats';
import { type DeriveView, viewOf } from '../working/view';
import { drawingOf, pictureOf } from './share-list';

const WIDTH = 760;

async function drawn(w: ClassWords, { kit }: Surface, view: DeriveView): Promise<string> {
  const [{ writeSvg }, { speech, scene }] = await Promise.all([import('@/formats/svg/write'), kit()]);
  // Whatever step stands, what is shared is under the signature that was asked for.
  const whole = { ...view, onStaff: view.written };
  return writeSvg(await scene(w, whole, WIDTH), scaleName(w, view.scale), speech(w, whole));
}

/** The scale as plain text for a slide: name, notes, steps, signature. */
function scaleText(w: ClassWords, { written, scale }: DeriveView): string {
  const notes = written.line.map(({ pitch }) => w.note(pitch.note)).join(' ');
  const steps = scale.rising.map(w.stepLetters).join(' ');
  const signs = scale.signature === null ? '' : accidentalsOf(scale.signature).map(w.note).join(' ');
  return [scaleName(w, scale), notes, steps, signs].filter(Boolean).join('\n');
}

/** The working as plain text, one numbered line a step. */
function workingText(w: ClassWords, { scale, derivation }: DeriveView): string {
  const lines = derivation.steps.map(({ fact }, index) => `${index + 1}. ${stepText(w, fact)}`);
  return [`${scaleName(w, scale)}. ${w.method(derivation.method)}`, ...lines].join('\n');
}

const TEXTS: Readonly<Record<string, (w: ClassWords, view: DeriveView, sentence: DeriveSentence) => string>> =
  {
    link: (_, __, sentence) => new URL(deriveHref(sentence), window.location.origin).href,
    text: scaleText,
    workingText,
  };

/** Copies or saves what is shown, in one of the ways of the list. Writers are loaded when the first is asked for. */
export async function shareDerivation(w: ClassWords, id: string, sentence: DeriveSentence): Promise<Shared> {
  const view = viewOf(sentence, w.settings);
  const { fileName } = await import('@/formats/file-name');
  const name = fileName(view.written);
  for (const surface of SURFACES) {
    const { code } = surface;
    if (id === pictureOf(code)) return sharePicture(drawn(w, surface, view), `${name}.${code}`);
    if (id === drawingOf(code))
      return shareFile(`${name}.${code}.svg`, SVG_TYPE, await drawn(w, surface, view));
  }
  const format = FORMATS.find(({ code }) => code === id);
  if (format?.write)
    return shareFile(`${name}${format.endings[0]}`, format.type, format.write(w, view.written));
  const text = known(TEXTS, id);
  if (!text) throw new RangeError(`${id} is no way of sharing a derivation`);
  return shareText(text(w, view, sentence), name);
}
