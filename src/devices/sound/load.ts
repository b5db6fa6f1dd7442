import type { SoundDevice } from './device';

/** Loads what makes sounds; it says nothing of itself on the console. */
export async function loadSound(): Promise<SoundDevice> {
  Object.assign(globalThis, { TONE_SILENCE_LOGGING: true });
  return (await import('./real')).REAL_SOUND;
}
