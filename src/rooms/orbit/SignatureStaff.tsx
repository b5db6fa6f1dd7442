import type { Fifths } from '@/core/note/spelled';
import { questionWords } from '@/core/words/screen/questions';
import { CLEF_WORDS, signCount } from '@/core/words/vocabulary';
import { SceneView } from '@/ui/scene/SceneView';
import { useWords } from '@/ui/school/use-class';
import { useStaffEngraver } from '@/ui/surfaces/use-staff-engraver';

type Props = { readonly count: Fifths };

/** Room in pixels for a signature of seven signs, and the part of it that holds the clef. */
const WIDTH = 150;
const TOP = 26;
const HEIGHT = 80;

/** Its place in a row, kept also while it is on its way, and as wide as that whatever a table would make of it. */
const PLACE = {
  width: '4.25rem',
  minWidth: '4.25rem',
  aspectRatio: `${WIDTH} / ${HEIGHT}`,
  marginBlock: '-0.2rem',
  display: 'block',
};

/** A signature drawn small on a treble staff; the empty one is drawn like every other. */
export function SignatureStaff({ count }: Props) {
  const w = useWords();
  const engraver = useStaffEngraver();
  if (!engraver) return <span style={PLACE} />;
  const { groups } = engraver.engraveSignature('treble', count, WIDTH);
  const scene = {
    width: WIDTH,
    height: HEIGHT,
    groups: groups.map((each) => ({ ...each, y: each.y - TOP })),
  };
  return (
    <span style={PLACE}>
      <SceneView
        id={`signature-of-${count}`}
        scene={scene}
        title={questionWords(w).staff(CLEF_WORDS.treble)}
        description={signCount(count)}
        style={{ width: '100%', display: 'block' }}
      />
    </span>
  );
}
