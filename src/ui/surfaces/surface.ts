import type { ComponentType } from 'react';
import type { Derivation, DerivationStep } from '@/core/derive/derivation';
import type { Ways } from '@/core/instrument/ways';
import type { WrittenScale } from '@/core/scale/written';
import type { ClassWords } from '@/core/words/class-words';
import type { Scene } from '@/engrave/scene';
import { type Part, part } from '../parts/part';
import type { Lit } from './lit';

/** What every surface is drawn from: one derivation at one of its steps. */
export type SurfaceView = {
  readonly written: WrittenScale;
  /** The same as it stands on the staff at this step, where it is still under another signature. */
  readonly onStaff: WrittenScale;
  readonly derivation: Derivation;
  readonly step: DerivationStep;
  /** What it is played on and written for. */
  readonly ways: Ways;
};

/** What hands can do on a surface; null where it is not asked for. */
export type SurfaceHands = {
  /** A note was pressed: the step that decides it is to be shown. */
  readonly toPlace: (place: number) => void;
  /** The scale is to move along the line of fifths by so many places. */
  readonly slide: ((places: number) => void) | null;
  /** The tonic is to move inside its signature: to the relative key. */
  readonly relative: (() => void) | null;
  /** Another part of what it is played on is to be looked at; null where a surface is only looked at. */
  readonly ways: ((change: Partial<Ways>) => void) | null;
  /** A hand that passed over much has let go. */
  readonly rest: () => void;
};

export type SurfaceProps = {
  /** Tells two drawings of one page apart. */
  readonly id?: string;
  readonly view: SurfaceView;
  readonly lit: Lit | null;
  readonly onLit: (lit: Lit | null) => void;
  readonly hands: SurfaceHands;
  /** The staff that the page was served with, where it is the one that is asked for. */
  readonly served: Scene | null;
  /** Where it stands. */
  readonly place: SurfacePlace;
};

/** Where a surface stands: the largest, drawn in the frame of the press, or below it one frame later. */
export type SurfacePlace = 'first' | 'below';

/** What a surface draws and says, loaded when it is first shown. */
export type SurfaceKit = {
  readonly View: ComponentType<SurfaceProps>;
  /** All of it in words. */
  readonly speech: (w: ClassWords, view: SurfaceView) => string;
  /** As it is copied and saved, at a width in pixels. */
  readonly scene: (w: ClassWords, view: SurfaceView, width: number) => Promise<Scene>;
  /** As it is printed, `blank` for a class to fill in; null where it is not. */
  readonly paper:
    | ((w: ClassWords, view: SurfaceView, width: number, blank: boolean) => Promise<Scene>)
    | null;
};

type Light = {
  /** Language-free, in addresses, in names of files and of what is shared. */
  readonly code: string;
  readonly name: string;
  /** What is heard when its part of the page is entered. */
  readonly label: string;
  /** How the sentence says that it is shown: `on the stride`. */
  readonly said: string;
  readonly places: readonly SurfacePlace[];
  /** The codes of what stands below it where it is the large one and nothing else is asked for. */
  readonly under: readonly string[];
  /** Whether there is room for another one on a board that it is shown on. */
  readonly low: (written: WrittenScale) => boolean;
  /** Whether two of it stand beside each other where two workings are compared. */
  readonly beside: boolean;
};

/** Something a derivation is shown on: all that the screen, the clipboard, a file, paper and speech need of it. */
export type Surface = Light & {
  readonly kit: () => Promise<SurfaceKit>;
  readonly View: Part<SurfaceProps>;
};

/** A surface from what is always at hand, and what is loaded when it is first shown. */
export function surface(light: Light, kit: () => Promise<SurfaceKit>): Surface {
  return { ...light, kit, View: part('surface', async () => (await kit()).View) };
}
