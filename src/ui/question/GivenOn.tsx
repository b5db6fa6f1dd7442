import { useMemo } from 'react';
import type { Answer } from '@/core/exercise/answer';
import { type MarkQuestion, rightAnswer, shownBy } from '@/core/exercise/kinds/all';
import { writtenSignature } from '@/core/exercise/kinds/signature/signature-question';
import { nearest } from '@/core/identify/note-entry';
import { placedSigns } from '@/core/mark/judging/drawn';
import type { Judged } from '@/core/mark/judging/judged';
import { decidingSign } from '@/core/scale/signature';
import { sayFinding } from '@/core/words/say-finding';
import { sayGiven } from '@/core/words/say-given';
import { markWords } from '@/core/words/screen/mark';
import { signCount } from '@/core/words/vocabulary';
import { compareScene } from '@/engrave/compare';
import { useFar } from '@/ui/scene/drawn-at';
import { SceneView } from '@/ui/scene/SceneView';
import { useRoom } from '@/ui/scene/use-room';
import { useWords } from '@/ui/school/use-class';
import { useStaffEngraver } from '@/ui/surfaces/use-staff-engraver';
import { compareRows } from './compare-rows';

export type GivenProps = {
  readonly asked: MarkQuestion;
  readonly given: Answer;
  readonly judged: Judged | null;
};

/** Whether what was expected is to be seen as well, or alone. */
export type ExpectedToo = boolean | 'alone';

/** What was given, and what was expected where it is to be seen: a scale on one grid, a signature on two staves, else as text. */
export function GivenOn(props: GivenProps & { readonly expected: ExpectedToo }) {
  const { asked, given } = props;
  if (asked.kind === 'scale') return <CompareGrid {...props} asked={asked} />;
  if (asked.kind === 'signature' && given.is === 'drawn')
    return <TwoSignatures {...props} asked={asked} given={given} />;
  return (
    <>
      <QuestionStaff asked={asked} />
      <TwoLines {...props} />
    </>
  );
}

function CompareGrid({
  asked,
  given,
  judged,
  expected,
}: GivenProps & {
  readonly expected: ExpectedToo;
  readonly asked: Extract<MarkQuestion, { kind: 'scale' }>;
}) {
  const w = useWords();
  const say = markWords(w).given;
  const { ref, room } = useRoom<HTMLDivElement>({ width: 700, height: 290 });
  const far = useFar();
  const { rows, marks } = useMemo(() => {
    const both = compareRows(w, asked, given, judged);
    if (expected === true) return both;
    return { rows: both.rows.filter((row) => row.expected === (expected === 'alone')), marks: [] };
  }, [w, asked, given, judged, expected]);
  const scene = useMemo(
    () =>
      compareScene({
        w,
        rows,
        marks,
        far,
        width: room.width,
        height: Math.max(room.height, rows.length * 112),
      }),
    [w, rows, marks, far, room],
  );
  const description = rows.map(
    ({ title, notes }) =>
      `${title}: ${notes.map(({ note }) => w.spokenNote(note)).join(', ') || say.nothing}`,
  );
  const findings = judged?.findings.map((finding) => sayFinding(w, finding, asked.kind)) ?? [];
  return (
    <div ref={ref} className="min-h-0 grow overflow-auto">
      <SceneView
        id="compare"
        scene={scene}
        title={expected === true ? say.title : expected ? say.expected : say.given}
        description={[...description, ...findings].join('. ')}
        {...(scene.width > room.width ? { style: { minWidth: scene.width } } : {})}
      />
    </div>
  );
}

function TwoSignatures({
  asked,
  given,
  judged,
  expected,
}: {
  readonly expected: ExpectedToo;
  readonly asked: Extract<MarkQuestion, { kind: 'signature' }>;
  readonly given: Extract<Answer, { is: 'drawn' }>;
  readonly judged: Judged | null;
}) {
  const w = useWords();
  const say = markWords(w).given;
  const engraver = useStaffEngraver();
  const right = rightAnswer(asked, w.settings);
  const wrong = new Set(judged?.findings.flatMap(({ index }) => (index === null ? [] : [`sign-${index}`])));
  const staves = [
    { title: say.given, signs: placedSigns(given.signs, asked.question.clef), decides: null, wrong },
    {
      title: say.expected,
      signs: right.is === 'drawn' ? placedSigns(right.signs, asked.question.clef) : [],
      decides: decidingSign(writtenSignature(asked.question, w.settings)),
      wrong: new Set<string>(),
    },
  ];
  return (
    <div className="flex flex-wrap gap-x-6">
      {staves
        .slice(expected === 'alone' ? 1 : 0, expected ? 2 : 1)
        .map(({ title, signs, decides, wrong: marked }, at) => (
          <figure key={title} className="min-w-64 grow basis-64">
            <figcaption className="text-small font-bold text-quiet">{title}</figcaption>
            {engraver && (
              <SceneView
                id={`signature-${at}`}
                scene={engraver.engraveSigns(asked.question.clef, signs, 300)}
                title={title}
                description={signs.map(({ note }) => w.spokenNote(note)).join(', ')}
                look={({ key }) => ({
                  'data-decides': key === `sign-${decides}` ? '' : undefined,
                  'data-wrong': marked.has(key) ? '' : undefined,
                })}
              />
            )}
          </figure>
        ))}
    </div>
  );
}

/** What the question showed: notes or a signature on a treble staff; null where it was said in words. */
function QuestionStaff({ asked }: Pick<GivenProps, 'asked'>) {
  const w = useWords();
  const say = markWords(w).given;
  const engraver = useStaffEngraver();
  const asks = shownBy(asked);
  if (!asks || !engraver) return null;
  const shown =
    'notes' in asks
      ? {
          scene: engraver.engraveNotes(nearest(asks.notes), 'treble', 640),
          text: asks.notes.map(w.spokenNote).join(', '),
        }
      : {
          scene: engraver.engraveSignature('treble', asks.fifths, 300),
          text: signCount(asks.fifths),
        };
  return (
    <SceneView
      id="question-staff"
      scene={shown.scene}
      title={say.question}
      description={shown.text}
      style={{ maxWidth: shown.scene.width }}
    />
  );
}

function TwoLines({ asked, given, judged, expected }: GivenProps & { readonly expected: ExpectedToo }) {
  const w = useWords();
  const say = markWords(w).given;
  const wrong = judged && !judged.correct;
  return (
    <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-6 gap-y-3 px-3 font-serif text-sentence">
      {expected !== 'alone' && (
        <>
          <dt className="font-sans text-small font-bold text-quiet">{say.given}</dt>
          <dd className={wrong ? 'font-bold text-wrong' : 'font-bold'}>
            {sayGiven(w, asked, given) || say.nothing}
          </dd>
        </>
      )}
      {expected && (
        <>
          <dt className="font-sans text-small font-bold text-quiet">{say.expected}</dt>
          <dd>{sayGiven(w, asked, rightAnswer(asked, w.settings))}</dd>
        </>
      )}
    </dl>
  );
}
