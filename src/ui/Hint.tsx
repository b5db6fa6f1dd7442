/** The key of an action, beside its name where there is room. */
export function Hint({ text }: { readonly text: string }) {
  return (
    <kbd className="key hidden sm:inline-flex" aria-hidden="true">
      {text}
    </kbd>
  );
}
