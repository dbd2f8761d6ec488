/** Most photographs of one job: a shop's database is not an album. */
export const MOST_PHOTOGRAPHS = 500;
