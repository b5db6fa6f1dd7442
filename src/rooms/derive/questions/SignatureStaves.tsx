import { nearest } from '@/core/identify/note-entry';
import type { Clef } from '@/core/instrument/staff';
import type { Fifths, SpelledNote } from '@/core/note/spelled';
import { accidentalsOf } from '@/core/scale/signature';
import { questionWords } from '@/core/words/screen/questions';
import { CLEF_WORDS } from '@/core/words/vocabulary';
import type { Group } from '@/engrave/scene';
import type { GroupLook } from '@/ui/scene/drawing';
import { SceneView } from '@/ui/scene/SceneView';
import { useWords } from '@/ui/school/use-class';
import { useStaffEngraver } from '@/ui/surfaces/use-staff-engraver';

type Props = {
  readonly clefs: readonly Clef[];
  readonly count: Fifths;
  /** How many signs are drawn so far. */
  readonly put: number;
  readonly pointed: readonly number[];
  /** Whether it is shown as it stands in a piece as well, on each of its lines. */
  readonly inPiece?: boolean;
};

/** Room in pixels for one staff with a signature. */
/** How high a signature is engraved alone, and in a piece of two lines. */
const STAFF_HEIGHT = 122;
const LINES_HEIGHT = 230;

const WIDTH = 300;
const NOTES_WIDTH = 620;

/** A signature on a staff for each clef, as far as it is drawn. */
export function SignatureStaves({ clefs, count, put, pointed, inPiece = false }: Props) {
  const w = useWords();
  const say = questionWords(w);
  const engraver = useStaffEngraver();
  const signs = accidentalsOf(count).slice(0, put);
  const look = (group: Group): GroupLook => {
    if (group.part !== 'sign') return {};
    const at = Number.parseInt(group.key.replace('sign-', ''), 10);
    return {
      'data-waiting': at < put ? undefined : 'hidden',
      'data-decides': at < put && pointed.length < 7 && pointed.includes(at) ? '' : undefined,
    };
  };
  return (
    <>
      {clefs.map((clef) => (
        <figure key={clef} className="w-full max-w-80">
          {engraver ? (
            <SceneView
              id={`signature-${clef}`}
              scene={engraver.engraveSignature(clef, count, WIDTH)}
              title={say.staff(CLEF_WORDS[clef])}
              description={signs.map(w.spokenNote).join(', ')}
              style={{ width: '100%' }}
              look={look}
            />
          ) : (
            <Place height={STAFF_HEIGHT} />
          )}
          <figcaption className="text-center text-small text-quiet">{CLEF_WORDS[clef]}</figcaption>
        </figure>
      ))}
      {inPiece && clefs[0] && (
        <figure className="w-full max-w-80">
          {engraver ? (
            <SceneView
              id="signature-lines"
              scene={engraver.engraveLines(clefs[0], count, WIDTH)}
              title={say.lines.title}
              description={say.lines.text(signs.map(w.spokenNote).join(', '))}
              style={{ width: '100%' }}
              look={look}
            />
          ) : (
            <Place height={LINES_HEIGHT} />
          )}
          <figcaption className="text-center text-small text-quiet">{say.lines.title}</figcaption>
        </figure>
      )}
    </>
  );
}

/** The place of a drawing that is on its way, so that nothing moves when it comes. */
function Place({ height }: { readonly height: number }) {
  return <div style={{ aspectRatio: `${WIDTH} / ${height}` }} />;
}

/** The notes of a key that no signature is printed for, each with its sign. */
export function SignsAtNotes({ row }: { readonly row: readonly SpelledNote[] }) {
  const w = useWords();
  const say = questionWords(w);
  const engraver = useStaffEngraver();
  return (
    engraver && (
      <SceneView
        id="signs-at-notes"
        scene={engraver.engraveNotes(nearest(row), 'treble', NOTES_WIDTH)}
        title={say.lines.atNotes}
        description={row.map(w.spokenNote).join(', ')}
        style={{ width: '100%', maxWidth: `${NOTES_WIDTH}px` }}
      />
    )
  );
}
