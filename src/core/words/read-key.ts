import type { Key } from '../harmony/key';
import { known } from '../known';
import { MODES, type Mode } from '../scale/mode';
import { scaleOfMode } from '../scale/pattern';
import { TONICS } from '../scale/tonic';
import type { ClassWords } from './class-words';
import { sayProblem } from './say-problem';

/** A key that was typed, or why it was not read. */
export type ReadKey =
  | {
      readonly ok: true;
      readonly key: Key;
      /** Whether its mode was said, by a word or by the size of its letter. */
      readonly said: boolean;
    }
  | { readonly ok: false; readonly why: string };

const SHORT: Readonly<Record<string, Mode>> = {
  m: 'minor',
  min: 'minor',
  moll: 'minor',
  aeolian: 'minor',
  maj: 'major',
  dur: 'major',
  ionian: 'major',
};

function modeFrom(w: ClassWords, read: string): Mode | null {
  const word = read.trim().toLowerCase();
  const named = MODES.find((mode) =>
    [mode, w.scaleWord(scaleOfMode(mode))].some((each) => each.toLowerCase() === word),
  );
  const begun = word.length > 2 ? MODES.filter((mode) => mode.startsWith(word)) : [];
  return named ?? known(SHORT, word) ?? (begun.length === 1 ? (begun[0] ?? null) : null);
}

/**
 * Reads a key in the names of a class: `E♭ major`, `F minor`, `d dorian`, `cis-Moll`. A tonic alone is major; where
 * the class writes minor keys small, a small letter alone is minor.
 */
export function readKey(w: ClassWords, text: string): ReadKey {
  const words = text
    .trim()
    .split(/\s+|(?<=[\p{L}♭♯𝄫𝄪#])-(?=\p{L}{3,})/u)
    .filter(Boolean);
  const glued = /^([a-h](?:[#♯b♭]{0,2}))(m|min|maj)$/iu.exec(text.trim());
  const parts = glued?.[1] && glued[2] && glued[2] !== 'M' ? [glued[1], glued[2]] : words;
  for (let cut = parts.length; cut > 0; cut -= 1) {
    const tonic = w.read(parts.slice(0, cut).join(' '));
    if (!tonic.ok) continue;
    const rest = parts.slice(cut).join(' ');
    const small = w.settings.keyNames !== 'words' && /^\p{Ll}/u.test(text.trim());
    const mode = rest === '' ? (small ? 'minor' : 'major') : modeFrom(w, rest);
    if (!mode) return { ok: false, why: `'${rest}' is no mode. Write major, minor or the name of a mode.` };
    if (!TONICS.includes(tonic.note))
      return { ok: false, why: `${w.note(tonic.note)} has two signs; no key is called so here.` };
    const said = rest !== '' || w.settings.keyNames !== 'words';
    return { ok: true, key: { tonic: tonic.note, mode }, said };
  }
  const first = w.read(parts[0] ?? '');
  return { ok: false, why: first.ok ? 'No key was read.' : sayProblem(w, first.problem) };
}
