import type { Sound } from '@/core/play/performance';

/** Something that can be heard of what stands. */
export type Listening = {
  readonly id: string;
  readonly label: string;
  readonly sounds: readonly Sound[];
};
