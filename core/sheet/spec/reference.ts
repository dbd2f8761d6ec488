/**
 * Of an assembly: a piece ("head": those of it that one has to do with), one instance of it ("head/2"), all
 * of them ("head/" and a star), or something done at the engine ("set-valves").
 */
export type Reference = string;
