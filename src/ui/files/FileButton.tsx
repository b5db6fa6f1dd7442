import { FileInput } from 'lucide-react';
import { useRef } from 'react';

type Props = {
  readonly label: string;
  /** Which files can be chosen: `.json,application/json`. */
  readonly accept: string;
  readonly onText: (text: string) => void;
};

/** A button that lets a file be chosen, and gives the text in it. */
export function FileButton({ label, accept, onText }: Props) {
  const chooser = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={chooser}
        type="file"
        accept={accept}
        className="hidden"
        tabIndex={-1}
        aria-label={label}
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          if (file) void file.text().then(onText);
          target.value = '';
        }}
      />
      <button type="button" className="control self-start" onClick={() => chooser.current?.click()}>
        <FileInput className="size-4" aria-hidden="true" />
        {label}
      </button>
    </>
  );
}
