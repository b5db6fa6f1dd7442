import type { SignatureWay, Version } from '../exercise/sheet/recipe';
import type { TopicId } from '../exercise/sheet/topic';
import type { Clef } from '../instrument/staff';

/** A sheet as far as it was said; what was left open is as in the sheet that stands, or as usual. */
export type SheetPhrase = {
  readonly count: number | null;
  readonly topics: readonly TopicId[];
  readonly maxSigns: number | null;
  readonly clefs: readonly Clef[];
  readonly signature: SignatureWay | null;
  readonly version: Version | null;
};
