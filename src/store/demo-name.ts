/** The demo school and its class, all made up. */
export const DEMO_SCHOOL = { school: 'Tidewick Evening Music School', group: 'Tuesday theory' } as const;
