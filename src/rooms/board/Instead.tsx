import { BOARD_WORDS as SAY } from '@/core/words/screen/board';

/** In place of a board that has nothing to show: why, and where to go. */
export function Instead({ text, away }: { readonly text: string; readonly away: boolean }) {
  return (
    <main className="grid h-dvh grow place-content-center gap-4 p-6 text-center text-large">
      <h1 className="font-serif text-sentence font-bold">{SAY.title}</h1>
      <p role="status">{text}</p>
      {away && (
        <p>
          <a className="text-flat underline underline-offset-2" href="/">
            {SAY.toFirst}
          </a>
        </p>
      )}
    </main>
  );
}
