import type { KindId, MarkQuestion } from '@/core/exercise/kinds/all';
import { keyAsked } from '@/core/exercise/practice';
import type { SetQuestion } from '@/core/exercise/set/question';
import { topicsForHabits } from '@/core/exercise/sheet/topic';
import type { MistakeId } from '@/core/mark/mistakes/all';
import { signsOfKey } from '@/core/practice/drill/asking';
import { askNamed, asksDrilled, DRILL_SKILLS } from '@/core/practice/drill/skill';
import { liveWords } from '@/core/words/screen/live';
import { useWords } from '@/ui/school/use-class';
import { deriveHref } from '../../address/derive/derive-address';
import { FIRST_SENTENCE } from '../../address/derive/derive-sentence';
import { drillHref } from '../../address/drill/drill-address';
import { FIRST_DRILL } from '../../address/drill/drill-sentence';
import { sheetsHref } from '../../address/sheets/sheets-address';
import { FIRST_SHEET } from '../../address/sheets/sheets-sentence';
import { GoLink } from '../../shell/GoLink';

type Props = {
  readonly question: SetQuestion;
  /** The habits that were met, the most frequent first. */
  readonly habits: readonly MistakeId[];
  readonly onNeeds: () => void;
};

/** The skill in which a kind of question is drilled; null where it is in none. */
function skillOf(kind: KindId) {
  const found = DRILL_SKILLS.find(({ id }) =>
    asksDrilled([id], 'both', 'write').some((ask) => {
      const asked = askNamed(ask);
      return asked.is === 'asked' && asked.kind === kind;
    }),
  );
  return found?.id ?? null;
}

/** A drill of what was asked: its skill, both ways, in keys with as many signs. */
function drillAddress(asked: MarkQuestion): string | null {
  const skill = skillOf(asked.kind);
  if (!skill) return null;
  const signs = Math.min(7, Math.max(1, Math.abs(signsOfKey(keyAsked(asked)))));
  const limits = { ...FIRST_DRILL.limits, maxSigns: signs };
  return drillHref({ ...FIRST_DRILL, skills: [skill], limits });
}

/** What follows from a question that was talked about: a sheet, a drill, the working once more. */
export function ThenCard({ question, habits, onNeeds }: Props) {
  const w = useWords();
  const say = liveWords(w).after;
  const { asked } = question;
  const key = keyAsked(asked);
  const topics = topicsForHabits(FIRST_SHEET.topics, [asked.kind]);
  const drill = drillAddress(asked);
  const derive = deriveHref({ ...FIRST_SENTENCE, ...key, direction: 'up', step: null, beside: null });
  return (
    <section
      aria-label={say.title}
      className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-rule pt-2"
    >
      <h2 className="text-small font-bold text-quiet">{say.title}</h2>
      <GoLink href={sheetsHref({ ...FIRST_SHEET, topics, habits: [...habits] })}>{say.sheet}</GoLink>
      {drill && <GoLink href={drill}>{say.drill}</GoLink>}
      <GoLink href={derive}>{say.teach(w.scale(key.tonic, key.scale))}</GoLink>
      <button type="button" className="underline" onClick={onNeeds}>
        {say.needs}
      </button>
    </section>
  );
}
