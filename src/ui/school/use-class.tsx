import {
  createContext,
  type ReactNode,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useSyncExternalStore,
} from 'react';
import { type ClassWords, ENGLISH, wordsOf } from '@/core/words/class-words';
import { needsLetters } from '@/engrave/needs-letters';
import { mirrorKey, readMirror, type SpokenGroup, writeMirror } from '@/store/mirror';
import type { SchoolState } from '@/store/school-state';
import { wanted } from '../parts/wanted';
import { schoolOfPage } from './school-of-page';

const CHANGED = 'moon-step:class';

/** Where site data is blocked, the class in hand lasts as long as the page. */
let unstored: string | null = null;

function stored(): string | null {
  try {
    return window.localStorage.getItem(mirrorKey(schoolOfPage())) ?? unstored;
  } catch {
    return unstored;
  }
}

function store(text: string | null): void {
  if (stored() === text) return;
  unstored = text;
  try {
    const key = mirrorKey(schoolOfPage());
    if (text === null) window.localStorage.removeItem(key);
    else window.localStorage.setItem(key, text);
  } catch {
    // Said above.
  }
  window.dispatchEvent(new Event(CHANGED));
}

function subscribe(listen: () => void): () => void {
  window.addEventListener('storage', listen);
  window.addEventListener(CHANGED, listen);
  return () => {
    window.removeEventListener('storage', listen);
    window.removeEventListener(CHANGED, listen);
  };
}

/** Names in other languages are drawn in letters that are loaded once a class writes so. */
let letters: 'none' | 'loading' | 'given' = 'none';

/** The state of the letters a class needs; when they come, what speaks is made anew and drawn again. */
function useLetters(group: SpokenGroup | null): 'waiting' | 'given' {
  const state = useSyncExternalStore(
    subscribe,
    () => letters,
    () => 'none' as const,
  );
  const needed = group !== null && needsLetters(group.settings);
  useEffect(() => {
    if (!needed || letters !== 'none') return;
    letters = 'loading';
    void wanted('letters', () => import('@/engrave/letters')).then(({ giveLetters }) => {
      giveLetters();
      letters = 'given';
      window.dispatchEvent(new Event(CHANGED));
    });
  }, [needed]);
  return needed && state !== 'given' ? 'waiting' : 'given';
}

export type ClassHandle = {
  /** The class in hand, or null where none was made. */
  readonly group: SpokenGroup | null;
  readonly words: ClassWords;
  readonly choose: (group: SpokenGroup) => void;
};

/**
 * The class in hand and how it speaks. It is mirrored where it can be read at once, so that words never flash; the
 * mirror follows the records as soon as they are known, in every window.
 */
export function useClass({ status, data }: SchoolState): ClassHandle {
  const text = useSyncExternalStore(subscribe, stored, () => null);
  const group = useMemo(() => readMirror(text), [text]);
  const lettered = useLetters(group);
  const words = useMemo(
    // Anew when the letters have come, so that all that was drawn without them is drawn again.
    () => (group && lettered ? wordsOf(group.settings, group.sayings) : ENGLISH),
    [group, lettered],
  );
  useEffect(() => {
    const record = data.groups.find(({ id }) => id === group?.id) ?? data.groups[0];
    // Where nothing can be stored, what was made since lasts as long as the page.
    if (record) store(writeMirror(record));
    else if (status === 'ready') store(null);
  }, [status, data.groups, group?.id]);
  const choose = useCallback((chosen: SpokenGroup) => store(writeMirror(chosen)), []);
  return useMemo(() => ({ group, words, choose }), [group, words, choose]);
}

const Words = createContext<ClassWords>(ENGLISH);

/** Everything inside speaks as this class does. */
export function Speaking({ words, children }: { readonly words: ClassWords; readonly children: ReactNode }) {
  return <Words.Provider value={words}>{children}</Words.Provider>;
}

/** How the class in hand speaks. */
export function useWords(): ClassWords {
  return useContext(Words);
}
