/** Most acts in one post. */
export const MOST_IN_BATCH = 200;
