/** What the library that reads bodies says by itself, and nobody here may. */
export const RAW_WORDS =
  /\bInvalid (input|option|key|element|string|number|UUID|ISO|value)|\bToo (small|big)\b|\bUnrecognized key|\bexpected \w+, received\b/;
