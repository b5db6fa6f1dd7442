import { type KeyboardEvent, useEffect, useRef, useState } from 'react';

type Props = {
  readonly label: string;
  readonly value: string;
  readonly limit: number;
  readonly placeholder?: string;
  readonly className: string;
  readonly long?: boolean;
  readonly describedBy?: string;
  /** Takes the focus, its text chosen, so that typing puts another in its place. */
  readonly ready?: boolean;
  readonly onType: (text: string) => void;
};

/** A field that is saved with every letter; while it has the focus, what is typed in it stands. Escape leaves it. */
export function TypedField({
  label,
  value,
  limit,
  placeholder,
  className,
  long,
  describedBy,
  ready = false,
  onType,
}: Props) {
  const [typing, setTyping] = useState<string | null>(null);
  // A field that changed its kind while it is typed in would lose the focus.
  const tall = useRef(long);
  if (typing === null) tall.current = long;
  const field = useRef<HTMLInputElement & HTMLTextAreaElement>(null);
  useEffect(() => {
    if (!ready) return;
    field.current?.focus();
    field.current?.select();
  }, [ready]);
  const shared = {
    ref: field,
    'aria-label': label,
    'aria-describedby': describedBy,
    value: typing ?? value,
    maxLength: limit,
    placeholder,
    className,
    onFocus: () => setTyping(value),
    onBlur: () => setTyping(null),
    onKeyDown: (event: KeyboardEvent<HTMLInputElement | HTMLTextAreaElement>) => {
      if (event.key === 'Escape' || (event.key === 'Enter' && !tall.current)) event.currentTarget.blur();
    },
    onChange: (event: { readonly target: { readonly value: string } }) => {
      setTyping(event.target.value);
      onType(event.target.value);
    },
  };
  return tall.current ? (
    <textarea rows={2} {...shared} className={`${className} field-sizing-content`} />
  ) : (
    <input {...shared} />
  );
}
