import type { School } from '@/store/database';

/** Which school's data this page is served for. */
export function schoolOfPage(): School {
  return document.documentElement.dataset['school'] === 'demo' ? 'demo' : 'own';
}
