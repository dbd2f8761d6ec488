/** A proof of the PIN this recent lets a release or an override through. */
const FRESH_PROOF_MS = 10 * 60 * 1000;

/** As long as one shift: whoever acts longer after their proof may not be the one who gave it. */
const SHIFT_MS = 12 * 60 * 60 * 1000;

/**
 * Was the PIN proved a short while ago?
 * @param provedAt ISO time of the last proof on this device; undefined for none
 * @param now ISO time
 */
export function isFreshProof(provedAt: string | undefined, now: string): boolean {
  return provedAt !== undefined && Date.parse(now) - Date.parse(provedAt) <= FRESH_PROOF_MS;
}

/**
 * Was the PIN last proved longer ago than a shift lasts, when something was done?
 * @param provedAt ISO time of the last proof on this device
 * @param at ISO time of the act
 */
export function isStaleProof(provedAt: string, at: string): boolean {
  return Date.parse(at) - Date.parse(provedAt) > SHIFT_MS;
}
