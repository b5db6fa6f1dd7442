import { type CSSProperties, createContext, type ReactNode, useContext } from 'react';

/** Null at a desk. */
const Scale = createContext<number | null>(null);

/** How many times larger than at a desk everything inside is drawn: seen from the back row, it is the same. */
export function useDrawnAt(): number {
  return useContext(Scale) ?? 1;
}

/** Whether it is drawn for the back row: names are larger, and what only a desk has room for is left out. */
export function useFar(): boolean {
  return useContext(Scale) !== null;
}

/** A length in pixels of a drawing at a desk, as large as it is where it stands now. */
export function drawnAt(pixels: number): string {
  return `calc(${pixels}px * var(--drawn-at, 1))`;
}

/** Everything inside is drawn so many times larger: type, gaps and drawings alike. */
export function DrawnAt({ scale, children }: { readonly scale: number; readonly children: ReactNode }) {
  return <Scale.Provider value={scale}>{children}</Scale.Provider>;
}

/** The measure that the stylesheet enlarges type and gaps by. */
export function scaleStyle(scale: number): CSSProperties {
  return { '--drawn-at': String(scale) } as CSSProperties;
}
