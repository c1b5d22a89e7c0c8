/**
 * Takes the resistance of the test leads out of a reading.
 * @param shownOhm what the meter shows, 0 or more.
 * @param leadsOhm what it showed with the probes touching, 0 or more.
 * @returns ohm of the part alone; never below 0 (probes were not quite touching).
 * @example zeroLeads(380.5, 0.5) // => 380
 */
export function zeroLeads(shownOhm: number, leadsOhm: number): number {
  return Math.max(0, Number((shownOhm - leadsOhm).toPrecision(12)));
}
