import { accidentalsOf } from '@/core/scale/signature';
import type { ClassWords } from '@/core/words/class-words';
import { readLine, readStaff } from '@/core/words/say-note';
import { scaleName } from '@/core/words/say-scale';
import { stepText } from '@/core/words/say-step';
import { CLEF_WORDS } from '@/core/words/vocabulary';
import type { Scene } from '@/engrave/scene';
import { deriveHref } from '@/rooms/address/derive/derive-address';
import type { DeriveSentence } from '@/rooms/address/derive/derive-sentence';
import { type Shared, SVG_TYPE, shareFile, sharePicture, shareText } from '@/rooms/shell/share-as';
import { type DeriveView, viewOf } from '../working/view';
import type { ShareWay } from './share-list';

type Surface = 'staff' | 'stride' | 'rail';

const WIDTH = 760;
const STRIDE_HEIGHT = 300;

async function sceneOf(
  w: ClassWords,
  surface: Surface,
  { written, derivation, step }: DeriveView,
): Promise<Scene> {
  if (surface === 'staff') {
    const { engraveStaff } = await import('@/engrave/staff');
    return engraveStaff(written, WIDTH);
  }
  if (surface === 'rail') {
    const { railScene } = await import('@/engrave/rail');
    return railScene({ w, scale: written.scale, step, lit: null, width: WIDTH });
  }
  const { strideScene } = await import('@/engrave/stride');
  const size = { width: WIDTH, height: STRIDE_HEIGHT };
  return strideScene({ w, written, step, steps: derivation.steps, lit: null, ...size });
}

async function drawing(w: ClassWords, surface: Surface, view: DeriveView): Promise<string> {
  const { writeSvg } = await import('@/formats/svg/write');
  const { written } = view;
  const description =
    surface === 'staff'
      ? readStaff(w, CLEF_WORDS[written.clef], written.atClef, written.line)
      : readLine(w, written.line);
  return writeSvg(await sceneOf(w, surface, view), scaleName(w, written.scale), description);
}

async function notation(w: ClassWords, { written }: DeriveView): Promise<Shared> {
  const [{ MUSICXML_TYPE, writeMusicXml }, { scoreOfScale }, { fileName }] = await Promise.all([
    import('@/formats/musicxml/write'),
    import('@/formats/musicxml/from-scale'),
    import('@/formats/file-name'),
  ]);
  const content = writeMusicXml(scoreOfScale(w, written));
  return shareFile(`${fileName(written)}.musicxml`, MUSICXML_TYPE, content);
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

const PICTURES: Readonly<Record<string, Surface>> = {
  staffPicture: 'staff',
  stridePicture: 'stride',
  railPicture: 'rail',
};
const DRAWINGS: Readonly<Record<string, Surface>> = {
  staffSvg: 'staff',
  strideSvg: 'stride',
  railSvg: 'rail',
};

/** Copies or saves what is shown. Writers are loaded when the first is asked for. */
export async function shareDerivation(
  w: ClassWords,
  id: ShareWay,
  sentence: DeriveSentence,
): Promise<Shared> {
  const view = viewOf(sentence, w.settings);
  const { fileName } = await import('@/formats/file-name');
  const name = fileName(view.written);
  const picture = PICTURES[id];
  if (picture) return sharePicture(drawing(w, picture, view), `${name}.${picture}`);
  const surface = DRAWINGS[id];
  if (surface) return shareFile(`${name}.${surface}.svg`, SVG_TYPE, await drawing(w, surface, view));
  if (id === 'musicxml') return notation(w, view);
  const text =
    id === 'link'
      ? new URL(deriveHref(sentence), window.location.origin).href
      : id === 'text'
        ? scaleText(w, view)
        : workingText(w, view);
  return shareText(text, name);
}
