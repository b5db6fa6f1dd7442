import {
  CHOICES,
  changedSettings,
  SETTING_NAMES,
  type Settings,
  USUAL_SETTINGS,
  withSetting,
} from '@/core/school/settings';
import type { AddressProblem } from '@/core/words/say-address';

/** The parameter of how a class speaks: what it has chosen otherwise than usual, `noteNames:german`. */
export const SPEAKS = 'speaks';

/** How a class speaks, in a code; empty where all is as usual. */
export function speaksCode(settings: Settings): string {
  return changedSettings(USUAL_SETTINGS, settings)
    .map((name) => `${name}:${settings[name]}`)
    .join('.');
}

/** How a class speaks, from its code. What cannot be read is named, and the rest still holds. */
export function readSpeaks(code: string): {
  readonly settings: Settings;
  readonly problems: readonly AddressProblem[];
} {
  let settings = USUAL_SETTINGS;
  const unread: string[] = [];
  for (const part of code.split('.').filter(Boolean)) {
    const [name = '', value = ''] = part.split(':');
    const setting = SETTING_NAMES.find((each) => each === name);
    if (setting && CHOICES[setting].some((choice) => choice === value))
      settings = withSetting(settings, setting, value);
    else unread.push(part);
  }
  const read = unread.join('.').slice(0, 60);
  return {
    settings,
    problems: unread.length === 0 ? [] : [{ code: 'address-left-out', parameter: SPEAKS, read }],
  };
}
