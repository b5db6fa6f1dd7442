import { known } from '../known';
import type { Setting } from './setting';
import { SETTING_GROUPS } from './setting-list';

type InGroups<Group> = Group extends { readonly settings: infer Settings } ? Settings : never;

type Together<Groups> = (Groups extends unknown ? (groups: Groups) => void : never) extends (
  all: infer All,
) => void
  ? All
  : never;

type All = Together<InGroups<(typeof SETTING_GROUPS)[number]>>;

export type SettingName = keyof All;

export type SettingValue<Name extends SettingName> = keyof All[Name]['choices'] & string;

/** One choice for every matter. Settings are a class's own: every word, sign and file follows them. */
export type Settings = { readonly [Name in SettingName]: SettingValue<Name> };

/** Every setting by its name. */
export const SETTINGS = Object.assign({}, ...SETTING_GROUPS.map(({ settings }) => settings)) as {
  readonly [Name in SettingName]: Setting;
};

export const SETTING_NAMES = Object.keys(SETTINGS) as readonly SettingName[];

/** The codes of the choices of each setting; the first is the usual one. */
export const CHOICES = Object.fromEntries(
  SETTING_NAMES.map((name) => [name, Object.keys(SETTINGS[name].choices)]),
) as unknown as { readonly [Name in SettingName]: readonly SettingValue<Name>[] };

export const USUAL_SETTINGS: Settings = Object.fromEntries(
  SETTING_NAMES.map((name) => [name, CHOICES[name][0]]),
) as Settings;

/** Whom a saying is made for. */
export const AUDIENCES = ['everybody', 'children', 'adults'] as const;

export type Audience = (typeof AUDIENCES)[number];

/** The class's own sentences for the two orders, word by word, and whom each is for; empty where it has none. */
export type Sayings = {
  readonly sharps: string;
  readonly flats: string;
  readonly sharpsFor: Audience;
  readonly flatsFor: Audience;
};

export const NO_SAYINGS: Sayings = { sharps: '', flats: '', sharpsFor: 'everybody', flatsFor: 'everybody' };

/** The settings with one choice changed; the same object where nothing changes. A choice that does not exist throws. */
export function withSetting(settings: Settings, name: SettingName, value: string): Settings {
  if (!isChoice(SETTINGS[name], value)) throw new RangeError(`${value} is no choice of ${name}`);
  return settings[name] === value ? settings : { ...settings, [name]: value };
}

/** Settings as far as this version knows them, and the words in them that it does not know. */
export type SettingsReading = { readonly settings: Settings; readonly unknown: readonly string[] };

/** Whether a stored value is one of the choices of a setting. */
function isChoice({ choices }: Setting, value: unknown): boolean {
  return typeof value === 'string' && Object.hasOwn(choices, value);
}

/**
 * Reads stored settings. A matter that came after they were written, and a choice of a later version, has its usual
 * choice; what is not known is told.
 */
export function readSettings(stored: Readonly<Record<string, unknown>>): SettingsReading {
  const settings = Object.fromEntries(
    Object.entries<Setting>(SETTINGS).map(([name, setting]) => {
      const value = Object.hasOwn(stored, name) ? stored[name] : undefined;
      return [name, isChoice(setting, value) ? value : Object.keys(setting.choices)[0]];
    }),
  );
  const unknown = Object.entries(stored).flatMap(([name, value]) => {
    const setting = known<Setting>(SETTINGS, name);
    if (!setting) return [name];
    return isChoice(setting, value) ? [] : [`${name}: ${String(value)}`];
  });
  return { settings: settings as Settings, unknown };
}

/** The choices that differ between two settings. */
export function changedSettings(one: Settings, other: Settings): readonly SettingName[] {
  return SETTING_NAMES.filter((name) => one[name] !== other[name]);
}
