import { whenIdle } from '../when-idle';
import { onService, serviceState, startService, watchInstalling } from './service';

/** Stores the application once the page stands, and says when a newer one waits; it is used only when told. */
export function showNewer(): void {
  watchInstalling();
  const box = document.querySelector<HTMLElement>('#newer');
  onService(() => {
    if (box && serviceState().update) box.hidden = false;
  });
  box?.querySelector('[data-use]')?.addEventListener('click', () => serviceState().update?.());
  box?.querySelector('[data-later]')?.addEventListener('click', () => {
    box.hidden = true;
  });
  // What the page itself needs comes first.
  whenIdle(() => void startService());
}
