/** What may stand beside a device and speak for itself. */
export const INSTRUMENT_KINDS = ['wrench', 'pump', 'encoder', 'scanner'] as const;
export type InstrumentKind = (typeof INSTRUMENT_KINDS)[number];
