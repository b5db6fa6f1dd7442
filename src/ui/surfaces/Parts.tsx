import { useMemo } from 'react';
import { stepInPart } from '@/core/derive/step-in-part';
import { transposingInstrument } from '@/core/instrument/transposing';
import { type PartForInstrument, partForInstrument } from '@/core/scale/for-instrument';
import type { WrittenScale } from '@/core/scale/written';
import type { ClassWords } from '@/core/words/class-words';
import { instrumentNames } from '@/core/words/say-instrument';
import { readStaff } from '@/core/words/say-note';
import { sayPart } from '@/core/words/say-part';
import { scaleName } from '@/core/words/say-scale';
import { surfaceWords } from '@/core/words/screen/surfaces';
import { CLEF_WORDS } from '@/core/words/vocabulary';
import { belowEachOther } from '@/engrave/below-each-other';
import { leastStaffWidth } from '@/engrave/staff-width';
import { drawnAt } from '../scene/drawn-at';
import { useRoom } from '../scene/use-room';
import { useWords } from '../school/use-class';
import type { Lit } from './lit';
import { Staff } from './Staff';
import type { SurfaceKit, SurfaceProps, SurfaceView } from './surface';
import { useEngraver } from './use-engraver';

/** The part of the instrument that the sentence names; null at concert pitch, and where it cannot be spelled. */
function partOf(w: ClassWords, { written, ways }: SurfaceView): PartForInstrument | null {
  const instrument = transposingInstrument(ways.instrument);
  return instrument && partForInstrument(written, instrument, w.settings.modesWritten);
}

/** What the two staves are called: where the scale sounds, and who reads it. */
function titles(w: ClassWords, view: SurfaceView, found: PartForInstrument | null): readonly string[] {
  const say = surfaceWords(w).parts;
  const name = instrumentNames(w)[view.ways.instrument] ?? '';
  return [
    say.concert(scaleName(w, view.written.scale)),
    ...(found ? [say.reads(name, scaleName(w, found.written))] : []),
  ];
}

/** The same pointing in the other staff: the same place, or the sign that stands for the same notes. */
function litAcross(lit: Lit | null, from: WrittenScale, to: WrittenScale): Lit | null {
  if (lit?.kind !== 'sign') return lit;
  const place = from.line.findIndex(({ pitch }) => pitch.note === lit.sign);
  const sign = to.line[place]?.pitch.note;
  return sign ? { kind: 'sign', sign } : null;
}

/** A scale as it sounds beside what an instrument reads, and why it reads so. */
function Parts({ id = '', view, lit, onLit, hands }: SurfaceProps) {
  const w = useWords();
  const say = surfaceWords(w).parts;
  const { written, step } = view;
  const found = useMemo(() => partOf(w, view), [w, view]);
  const instrument = transposingInstrument(view.ways.instrument);
  const [concert, reads] = titles(w, view, found);
  const inPart = useMemo(() => found && stepInPart(step, written, found.part), [found, step, written]);
  return (
    <div className="shrink-0">
      <div className="flex flex-wrap gap-x-4">
        <One {...{ step, lit, onLit, hands }} id={`concert${id}`} title={concert ?? ''} written={written} />
        {found && inPart && (
          <One
            {...{ hands }}
            id={`part${id}`}
            step={inPart}
            title={reads ?? ''}
            written={found.part}
            lit={litAcross(lit, written, found.part)}
            onLit={(next) => onLit(litAcross(next, found.part, written))}
          />
        )}
      </div>
      <p className="text-small">
        {found && instrument
          ? sayPart(w, written.scale, instrument, found).join(' ')
          : instrument
            ? say.cannot
            : say.choose}
      </p>
    </div>
  );
}

type OneProps = Pick<SurfaceProps, 'lit' | 'onLit' | 'hands'> & {
  readonly id: string;
  readonly title: string;
  readonly written: WrittenScale;
  readonly step: SurfaceView['step'];
};

/** One of the staves; beside the other where there is room for both. */
function One({ id, title, written, step, lit, onLit, hands }: OneProps) {
  const w = useWords();
  const least = leastStaffWidth(written);
  const { ref, room } = useRoom<HTMLDivElement>({ width: 360, height: 148 });
  const scene = useEngraver(written, Math.max(room.width, least), null);
  return (
    <figure className="min-w-0 grow" style={{ flexBasis: drawnAt(least) }}>
      <figcaption className="text-small font-semibold">{title}</figcaption>
      <div ref={ref} className="overflow-x-auto overflow-y-hidden">
        <Staff
          {...{ id, scene, step, lit, onLit, written, title }}
          description={readStaff(w, CLEF_WORDS[written.clef], written.atClef, written.line)}
          onPlace={hands.toPlace}
          room={room.width}
        />
      </div>
    </figure>
  );
}

function speech(w: ClassWords, view: SurfaceView): string {
  const found = partOf(w, view);
  const [concert, reads] = titles(w, view, found);
  const read = ({ clef, atClef, line }: WrittenScale) => readStaff(w, CLEF_WORDS[clef], atClef, line);
  const own = `${concert}. ${read(view.written)}`;
  return found ? `${own} ${reads}. ${read(found.part)}` : own;
}

async function both(w: ClassWords, view: SurfaceView, width: number, blank: boolean) {
  const [{ engraveStaff }, { blankStaff }] = await Promise.all([
    import('@/engrave/staff'),
    import('@/engrave/blank'),
  ]);
  const found = partOf(w, view);
  const names = titles(w, view, found);
  const staves = [view.written, ...(found ? [found.part] : [])].map((each) => engraveStaff(each, width));
  return belowEachOther(
    staves.map((scene, at) => ({ title: names[at] ?? '', scene: blank ? blankStaff(scene) : scene })),
  );
}

/** A scale at concert pitch and as an instrument reads it. */
export const PARTS_KIT: SurfaceKit = {
  View: Parts,
  speech,
  scene: (w, view, width) => both(w, view, width, false),
  paper: both,
};
