import { useEffect, useRef } from 'react';

type Props = {
  readonly label: string;
  /** What would be gone, and that it cannot be taken back. */
  readonly text: string;
  readonly keep: string;
  readonly doIt: string;
  readonly onKeep: () => void;
  readonly onDo: () => void;
};

/** The one question that is asked, since the answer cannot be taken back. */
export function Sure({ label, text, keep, doIt, onKeep, onDo }: Props) {
  const first = useRef<HTMLButtonElement>(null);
  useEffect(() => first.current?.focus(), []);
  return (
    <div role="alertdialog" aria-label={label} className="p-2 text-small">
      <p className="mb-2">{text}</p>
      <button type="button" className="control mr-2 border-wrong text-wrong" onClick={onDo}>
        {doIt}
      </button>
      <button ref={first} type="button" className="control" onClick={onKeep}>
        {keep}
      </button>
    </div>
  );
}
