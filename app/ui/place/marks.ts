/** The ids by which a screen's heading, and what scrolls on it, are found when it comes up. */
export const SCREEN_HEADING = 'screen-heading';
export const SCREEN_SCROLL = 'screen-scroll';
