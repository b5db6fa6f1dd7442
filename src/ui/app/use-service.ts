import { useSyncExternalStore } from 'react';
import { onService, type ServiceState, serviceState } from './service';

const UNKNOWN: ServiceState = { stored: 'waiting', update: null };

/** Whether the application is stored in this browser, and whether a newer one waits. */
export function useService(): ServiceState {
  return useSyncExternalStore(onService, serviceState, () => UNKNOWN);
}
