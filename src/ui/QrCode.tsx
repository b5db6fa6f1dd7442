import { create } from 'qrcode';
import { useMemo } from 'react';

type Props = {
  readonly text: string;
  readonly title: string;
  /** What is said where the text is too long for a code. */
  readonly long: string;
};

/** Empty modules about a code, which readers need. */
const MARGIN = 4;

/** The dark modules of a code as one path; null where the text is too long for one. */
function drawn(text: string): { readonly size: number; readonly path: string } | null {
  try {
    const { modules } = create(text, { errorCorrectionLevel: 'L' });
    const { size } = modules;
    const dark = Array.from({ length: size * size }, (_, at) => at).filter((at) =>
      modules.get(Math.floor(at / size), at % size),
    );
    const path = dark.map((at) => `M${(at % size) + MARGIN} ${Math.floor(at / size) + MARGIN}h1v1h-1z`);
    return { size: size + 2 * MARGIN, path: path.join('') };
  } catch {
    return null;
  }
}

/** A text as a QR code, black on white in any light, so that every camera reads it. */
export function QrCode({ text, title, long }: Props) {
  const code = useMemo(() => drawn(text), [text]);
  if (!code) return <p className="text-small">{long}</p>;
  return (
    <svg
      role="img"
      aria-label={title}
      data-qr={text}
      viewBox={`0 0 ${code.size} ${code.size}`}
      shapeRendering="crispEdges"
      className="w-full max-w-72 self-center"
    >
      <rect width={code.size} height={code.size} fill="#fff" />
      <path d={code.path} fill="#000" />
    </svg>
  );
}
