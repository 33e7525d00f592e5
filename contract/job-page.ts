/** Jobs of one page of the list. */
export const JOBS_PAGE = 50;
