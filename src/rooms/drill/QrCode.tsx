import { toString as drawn } from 'qrcode';
import { useEffect, useState } from 'react';

type Props = {
  readonly text: string;
  readonly title: string;
  /** What is said where the text is too long for a code. */
  readonly long: string;
};

/** A text as a QR code, black on white in any light, so that every camera reads it. */
export function QrCode({ text, title, long }: Props) {
  const [svg, setSvg] = useState<string | null>(null);
  useEffect(() => {
    let gone = false;
    drawn(text, { type: 'svg', errorCorrectionLevel: 'L', margin: 2 }).then(
      (made) => {
        if (!gone) setSvg(made);
      },
      () => {
        if (!gone) setSvg('');
      },
    );
    return () => {
      gone = true;
    };
  }, [text]);
  if (svg === '') return <p className="text-small">{long}</p>;
  return (
    svg && (
      <img
        src={`data:image/svg+xml;utf8,${encodeURIComponent(svg)}`}
        alt={title}
        data-qr={text}
        className="w-full max-w-72 self-center bg-white"
      />
    )
  );
}
