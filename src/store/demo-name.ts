/** The demo school, all made up. */
export const DEMO_SCHOOL = 'Tidewick Evening Music School';
