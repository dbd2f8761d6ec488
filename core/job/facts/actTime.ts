/** Why the time of an act cannot be as its device says. */
export type TimeDoubt = 'ahead' | 'before-opening' | 'before-own';
