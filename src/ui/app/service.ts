/// <reference types="vite-plugin-pwa/client" />
/** Whether the application is stored in the browser, and whether a newer one is waiting to be used. */
export type ServiceState = {
  readonly stored: 'insecure' | 'none' | 'waiting' | 'ready';
  /** Uses the newer version, which loads the page anew; null where there is none. */
  readonly update: (() => void) | null;
};

let state: ServiceState = { stored: 'waiting', update: null };
const listeners = new Set<() => void>();

function set(next: Partial<ServiceState>): void {
  state = { ...state, ...next };
  for (const listen of listeners) listen();
}

export function serviceState(): ServiceState {
  return state;
}

export function onService(listen: () => void): () => void {
  listeners.add(listen);
  return () => listeners.delete(listen);
}

/**
 * A stored page may be of the other school, where one address served both in turn. The server knows which school it
 * serves; if it is another one, what is stored is thrown away and the page is loaded from the server.
 */
async function rightSchool(): Promise<void> {
  try {
    const answer = await fetch('/school.json', { cache: 'no-store' });
    if (!answer.ok) return;
    const { school } = (await answer.json()) as { school?: unknown };
    if (school === document.documentElement.dataset['school'] || typeof school !== 'string') return;
    for (const registration of await navigator.serviceWorker.getRegistrations())
      await registration.unregister();
    for (const name of await caches.keys()) await caches.delete(name);
    window.location.reload();
  } catch {
    // No server: what is stored is all there is.
  }
}

/** Stores the application in the browser, so that it opens without its server. A newer one waits until it is told. */
export async function startService(): Promise<void> {
  if (!window.isSecureContext) return set({ stored: 'insecure' });
  if (!('serviceWorker' in navigator) || import.meta.env.DEV) return set({ stored: 'none' });
  void rightSchool();
  void navigator.serviceWorker.ready.then(() => set({ stored: 'ready' }));
  const { registerSW } = await import('virtual:pwa-register');
  let asked = false;
  const use = registerSW({
    immediate: true,
    onNeedRefresh: () =>
      set({
        update: () => {
          asked = true;
          void use(true);
        },
      }),
    // Only the window that asked for it is loaded anew; in the others it waits until they ask.
    onNeedReload: () => {
      if (asked) window.location.reload();
      else set({ update: () => window.location.reload() });
    },
    onRegisterError: () => set({ stored: 'none' }),
  });
}

type InstallEvent = Event & { readonly prompt: () => Promise<unknown> };

let installing: InstallEvent | null = null;

/** The browser's offer to install the application, kept until somebody asks for it. */
export function watchInstalling(): void {
  window.addEventListener('beforeinstallprompt', (event) => {
    event.preventDefault();
    installing = event as InstallEvent;
    set({});
  });
}

/** Installs the application as the browser offers it; null where it offers nothing. */
export function installer(): (() => void) | null {
  const event = installing;
  return event
    ? () => {
        installing = null;
        void event.prompt();
        set({});
      }
    : null;
}
