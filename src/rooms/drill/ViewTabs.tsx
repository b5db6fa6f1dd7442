import { drillWords } from '@/core/words/screen/drill';
import { useWords } from '@/ui/school/use-class';
import { DRILL_VIEWS, type DrillView } from '../address/drill/drill-sentence';

/** The sides of the room. */
export function ViewTabs({
  view,
  onView,
}: {
  readonly view: DrillView;
  readonly onView: (view: DrillView) => void;
}) {
  const say = drillWords(useWords());
  return (
    <nav aria-label={say.viewsLabel} className="mt-1 flex flex-wrap gap-1.5">
      {DRILL_VIEWS.map((each, at) => (
        <button
          key={each}
          type="button"
          className="control py-0.5! text-small"
          aria-pressed={each === view}
          onClick={() => onView(each)}
        >
          {say.views[each]}
          <kbd className="key" aria-hidden="true">
            {at + 1}
          </kbd>
        </button>
      ))}
    </nav>
  );
}
