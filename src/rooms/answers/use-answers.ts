import { useEffect, useMemo, useState } from 'react';
import { type Answering, answeredAt, beginning, openAnswering } from '@/store/answering';
import { useSteady } from '@/ui/use-steady';

export type Saving = 'saved' | 'saving' | 'not-saved';

/** A sheet that is being answered: what was written, kept as it is typed. */
export function useAnswers(id: string, places: number | null) {
  const store = useMemo(openAnswering, []);
  const [sheet, setSheet] = useState<Answering | null>(null);
  const [saving, setSaving] = useState<Saving>('saved');
  useEffect(() => {
    if (places === null) return;
    let gone = false;
    store
      .load(id)
      .catch(() => {
        setSaving('not-saved');
        return null;
      })
      .then((loaded) => !gone && setSheet(loaded ?? beginning(id, places)));
    return () => {
      gone = true;
    };
  }, [store, id, places]);
  const put = (next: Answering) => {
    setSheet(next);
    setSaving('saving');
    store.save(next).then(
      () => setSaving('saved'),
      () => setSaving('not-saved'),
    );
  };
  const actions = useSteady({
    give: (at: number, code: string | null) => sheet && put(answeredAt(sheet, at, code)),
    type: (at: number, typed: string) =>
      sheet && put(answeredAt(sheet, at, sheet.answers[at] ?? null, typed)),
    name: (name: string) => sheet && put({ ...sheet, name }),
    handed: (now: string) => sheet && put({ ...sheet, handedAt: now }),
  });
  return { sheet, saving, actions };
}
