/** Temperature coefficient of annealed copper at 20 °C, per kelvin (IEC 60028). */
export const COPPER_PER_KELVIN = 0.00393;

/**
 * What a copper winding measured warm or cold would read at the temperature for which the manual's band is printed.
 * R(at) = R · (1 + α(at − 20)) / (1 + α(T − 20)), with α of IEC 60028.
 * @param resistanceOhm measured, 0 or more.
 * @param measuredAtCelsius temperature of the part when measured, −80 to 300.
 * @param wantedAtCelsius temperature of the band, 20 unless the manual says otherwise.
 * @returns ohm at the wanted temperature; 0 for 0. Throws never: below −234 °C, where the line crosses zero, it gives NaN.
 * @example copperAt(950, 0) // ≈ 1031.04
 */
export function copperAt(resistanceOhm: number, measuredAtCelsius: number, wantedAtCelsius = 20): number {
  const measured = 1 + COPPER_PER_KELVIN * (measuredAtCelsius - 20);
  const wanted = 1 + COPPER_PER_KELVIN * (wantedAtCelsius - 20);
  return measured > 0 ? (resistanceOhm * wanted) / measured : NaN;
}
