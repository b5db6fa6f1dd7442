import { relativeKey } from '@/core/harmony/key';
import { readDrawnOn } from '@/core/identify/drawn-signature';
import type { Pitch } from '@/core/note/pitch';
import { type Fifths, fifths, fifthsOf, noteAtFifths, type SpelledNote } from '@/core/note/spelled';
import { PATTERNS, scaleOfMode } from '@/core/scale/pattern';
import { scaleNamed } from '@/core/scale/scale';
import { isPrintable } from '@/core/scale/signature';
import { sayNoSignature } from '@/core/words/say-signature';
import { questionWords } from '@/core/words/screen/questions';
import type { Question } from '@/rooms/address/derive/question';
import type { Change } from '@/rooms/shell/address-store';
import { useWords } from '@/ui/school/use-class';
import { SignatureDraw } from '@/ui/surfaces/SignatureDraw';
import type { QuestionAnswer } from './answer';
import { CountRail } from './CountRail';
import { NotePad } from './NotePad';
import { OrderRows } from './OrderRows';
import { SignatureStaves, SignsAtNotes } from './SignatureStaves';

type Props<Kind extends Question['kind'] = Question['kind']> = {
  readonly question: Extract<Question, { readonly kind: Kind }>;
  readonly answer: QuestionAnswer;
  readonly at: number;
  readonly onQuestion: (question: Question, change: Change) => void;
};

/** What a question is shown on. */
export function Surfaces({ question, ...rest }: Props) {
  switch (question.kind) {
    case 'key':
      return <KeySurfaces question={question} {...rest} />;
    case 'signature':
      return <WriteSurfaces question={question} {...rest} />;
    case 'name':
      return <NameSurfaces question={question} {...rest} />;
  }
}

function KeySurfaces({ question, answer, at, onQuestion }: Props<'key'>) {
  const { drawn } = question;
  const say = questionWords(useWords()).drawn;
  const pointed = answer.signs[at] ?? [];
  const ask = (count: Fifths, change: Change) =>
    onQuestion({ ...question, fifths: count, drawn: null, rule: null, step: null }, change);
  const draw = (signs: readonly Pitch[]) => {
    const reading = readDrawnOn(signs, 'treble');
    if (reading.ok) ask(reading.fifths, 'passing');
    else onQuestion({ ...question, drawn: signs, rule: null, step: null }, 'passing');
  };
  const count = drawn ? answer.count : question.fifths;
  return (
    <>
      <OrderRows
        count={count}
        taken={Math.abs(count)}
        pointed={pointed}
        onTake={(taken) => ask(fifths(taken), 'finished')}
      />
      <div className="card grid grow content-center items-end gap-x-6 gap-y-2 px-4 py-3 sm:grid-cols-2">
        <SignatureDraw
          count={count}
          drawn={drawn}
          pointed={drawn ? (answer.places[at] ?? []) : pointed}
          onDraw={draw}
        />
        <div>
          {drawn && answer.clefs.length > 0 && <p className="text-small text-quiet">{say.asMeant}</p>}
          <SignatureStaves
            clefs={drawn ? answer.clefs : ['bass']}
            count={count}
            put={Math.abs(count)}
            pointed={pointed}
          />
        </div>
      </div>
      {!drawn && <CountRail count={count} onCount={(next) => ask(next, 'passing')} onRelative={null} />}
    </>
  );
}

function WriteSurfaces({ question, answer, at, onQuestion }: Props<'signature'>) {
  const printed = isPrintable(answer.count);
  // Far out a scale would need a third sign, and has no notes to show.
  const spelled = scaleNamed(question.tonic, question.scale);
  const pointed = answer.signs[at] ?? [];
  const put = printed ? (answer.put[at] ?? Math.abs(answer.count)) : 0;
  const slide = (count: Fifths) => {
    const tonic = noteAtFifths(fifthsOf(question.tonic) + count - answer.count);
    if (tonic) onQuestion({ ...question, tonic, step: null }, 'passing');
  };
  const { mode } = PATTERNS[question.scale];
  const other = relativeKey({ tonic: question.tonic, mode });
  const toRelative = () =>
    other &&
    onQuestion({ ...question, tonic: other.tonic, scale: scaleOfMode(other.mode), step: null }, 'finished');
  return (
    <>
      <OrderRows count={answer.count} taken={put} pointed={pointed} onTake={null} />
      <div
        className={`card grid grow content-center justify-items-center gap-x-6 gap-y-2 px-4 py-3 ${printed && (answer.clefs.length > 1 || answer.count !== 0) ? 'sm:grid-cols-2' : ''}`}
      >
        {printed ? (
          <SignatureStaves
            clefs={answer.clefs}
            count={answer.count}
            put={put}
            pointed={pointed}
            inPiece={answer.count !== 0 && answer.clefs.length < 3}
          />
        ) : (
          <>
            <p>{sayNoSignature(answer.count)}</p>
            {spelled.ok && <SignsAtNotes row={spelled.scale.ascending} />}
          </>
        )}
      </div>
      {printed && answer.clefs.length < 3 && (
        <CountRail count={answer.count} onCount={slide} onRelative={other ? toRelative : null} />
      )}
    </>
  );
}

function NameSurfaces({ question, answer, at, onQuestion }: Props<'name'>) {
  return (
    <NotePad
      notes={question.notes}
      pointed={answer.places[at] ?? []}
      name={answer.names[0] ?? null}
      onNotes={(notes: readonly SpelledNote[]) => onQuestion({ ...question, notes, step: null }, 'passing')}
    />
  );
}
