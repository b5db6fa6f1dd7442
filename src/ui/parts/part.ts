import { type ComponentType, createElement, type ReactNode, useEffect, useSyncExternalStore } from 'react';
import type { PartName } from '@/core/words/screen/parts';
import { wanted } from './wanted';

/**
 * A view that is loaded when it is first shown. `ahead` fetches it before, in silence; `Quiet` shows it where it is there
 * already, and asks for nothing; `prepare` fetches it before a page is served with it.
 */
export type Part<Props> = ((props: Props) => ReactNode) & {
  readonly ahead: () => void;
  readonly prepare: () => Promise<void>;
  readonly Quiet: (props: Props) => ReactNode;
};

/**
 * A view that is loaded when it is first shown. Until it is there, and where it cannot be loaded, the room goes on without
 * it: what stands in its place is `meanwhile`, and what is missing is said in the room.
 */
export function part<Props extends object>(
  name: PartName,
  load: () => Promise<ComponentType<Props>>,
  meanwhile: (props: Props) => ReactNode = () => null,
): Part<Props> {
  let view: ComponentType<Props> | null = null;
  let asked = false;
  const listeners = new Set<() => void>();
  const come = (loaded: ComponentType<Props>) => {
    view = loaded;
    for (const listen of listeners) listen();
  };
  const subscribe = (listen: () => void) => {
    listeners.add(listen);
    return () => listeners.delete(listen);
  };
  const useView = () =>
    useSyncExternalStore(
      subscribe,
      () => view,
      () => view,
    );
  function Shown(props: Props): ReactNode {
    const shown = useView();
    useEffect(() => {
      if (view || asked) return;
      asked = true;
      void wanted(name, load).then(come);
    }, []);
    return shown ? createElement(shown, props) : meanwhile(props);
  }
  function Quiet(props: Props): ReactNode {
    const shown = useView();
    return shown && createElement(shown, props);
  }
  const ahead = () => {
    // What cannot be fetched now is asked for again when it is shown.
    if (!view) load().then(come, () => undefined);
  };
  const prepare = async () => come(await load());
  return Object.assign(Shown, { ahead, prepare, Quiet });
}
