import { useEffect, useState } from 'react';
import { DEMO_SCHOOL } from '@/store/demo-name';
import { schoolOfPage } from '@/ui/school/school-of-page';

/** What stands at the head of a printed sheet: the class, under the demo school's name where it is that one. */
export function useHead(group: string | null): string {
  const [school, setSchool] = useState('');
  useEffect(() => setSchool(schoolOfPage() === 'demo' ? DEMO_SCHOOL : ''), []);
  return [school, group].filter(Boolean).join(', ');
}
