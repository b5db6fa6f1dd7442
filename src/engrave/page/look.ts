/** Sizes of paper in points, upright. */
export const PAPERS = { a4: { width: 595.28, height: 841.89 }, letter: { width: 612, height: 792 } } as const;

export type PaperId = keyof typeof PAPERS;

export const PAPER_IDS = Object.keys(PAPERS) as readonly PaperId[];

/** How large a sheet is printed: as usual, large, or two sheets on one side of paper. */
export const PRINT_SIZES = ['plain', 'large', 'two-up'] as const;

export type PrintSize = (typeof PRINT_SIZES)[number];

/** How a sheet stands on paper. */
export type PageLook = {
  readonly paper: PaperId;
  readonly columns: 1 | 2;
  readonly size: PrintSize;
  /** Room at the left for holes. */
  readonly punch: boolean;
  /** Without colours, for a printer that has none. */
  readonly grey: boolean;
};

export const USUAL_LOOK: PageLook = { paper: 'a4', columns: 1, size: 'plain', punch: false, grey: false };

/** What a page is laid out by, in points. */
export type PageMeasures = {
  readonly width: number;
  readonly height: number;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  /** Between two columns. */
  readonly gap: number;
  readonly type: number;
  readonly small: number;
  readonly title: number;
  /** Points for a pixel of an engraved staff: ten pixels lie between two of its lines. */
  readonly staff: number;
};

const MARGIN = 42;
/** The margin of a sheet that is punched: holes lie 12 mm from the edge. */
const PUNCHED = 62;

/** The measures of a page. Two on a side are laid out as one is, and made smaller when they are put together. */
export function measuresOf({ paper, columns, size, punch }: PageLook): PageMeasures {
  const { width, height } = PAPERS[paper];
  const large = size === 'large';
  return {
    width,
    height,
    left: punch ? PUNCHED : MARGIN,
    right: MARGIN,
    top: MARGIN,
    bottom: MARGIN,
    gap: 22,
    type: large ? 15 : columns === 2 ? 10 : 11,
    small: large ? 12 : 9,
    title: large ? 22 : 18,
    staff: large ? 0.82 : columns === 2 ? 0.5 : 0.58,
  };
}

/** How wide a column is, in points. */
export function columnWidth({ width, left, right, gap }: PageMeasures, columns: 1 | 2): number {
  const room = width - left - right;
  return columns === 1 ? room : (room - gap) / 2;
}
