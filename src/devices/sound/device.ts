import type { Sound } from '@/core/play/performance';

/** Something that is being played. */
export type Sounding = {
  /** Ends it at once; what is silent stays so. */
  readonly stop: () => void;
};

/** What makes sounds heard. */
export type SoundDevice = {
  /**
   * Plays from now on; one thing at a time, so that what sounded before stops.
   *
   * @param onBegin told each sound as it begins, and each cue as its time comes
   * @param onEnd told when the last one has ended by itself
   */
  readonly play: (
    sounds: readonly Sound[],
    onBegin: (sound: Sound) => void,
    onEnd: () => void,
  ) => Promise<Sounding>;
  /** The same as samples between −1 and 1, at `rate` a second, of one channel. */
  readonly record: (
    sounds: readonly Sound[],
  ) => Promise<{ readonly samples: Float32Array; readonly rate: number }>;
};
