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

/** A signature drawn small on a treble staff; the empty one is drawn like every other. */
export function SignatureStaff({ count }: Props) {
  const w = useWords();
  const engraver = useStaffEngraver();
  if (!engraver) return <span className="block h-9 w-20" />;
  const { groups } = engraver.engraveSignature('treble', count, WIDTH);
  const scene = {
    width: WIDTH,
    height: HEIGHT,
    groups: groups.map((each) => ({ ...each, y: each.y - TOP })),
  };
  return (
    <SceneView
      id={`signature-of-${count}`}
      scene={scene}
      title={questionWords(w).staff(CLEF_WORDS.treble)}
      description={signCount(count)}
      style={{ width: '4.25rem', height: 'auto', marginBlock: '-0.2rem', display: 'block' }}
    />
  );
}
