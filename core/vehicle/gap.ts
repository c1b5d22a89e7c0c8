/**
 * Pitch of a tone ring: the way along the ring from tooth to tooth.
 * @param ringDiameterM metre, above 0. @param teeth above 0.
 * @returns metre.
 * @example ringPitchM(0.09, 48) // ≈ 0.00589
 */
export function ringPitchM(ringDiameterM: number, teeth: number): number {
  return (Math.PI * ringDiameterM) / teeth;
}

/**
 * Share of the signal that is left after the gap grows: spacing loss, exp(−2π · extra / pitch),
 * the decay of a periodic magnetic field with distance (Wallace 1951).
 * @param extraGapM metre more than before; negative when it shrinks. @param pitchM metre, above 0.
 * @returns share of the former signal, above 1 when the gap shrinks.
 * @example spacingLoss(0.0005, 0.006) // ≈ 0.592
 */
export function spacingLoss(extraGapM: number, pitchM: number): number {
  return Math.exp((-2 * Math.PI * extraGapM) / pitchM);
}
