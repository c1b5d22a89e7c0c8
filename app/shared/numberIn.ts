/** A number typed with point or comma; undefined where there is none. */
export function numberIn(typed: string): number | undefined {
  const value = Number(typed.replace(',', '.'));
  return typed.trim() === '' || !Number.isFinite(value) ? undefined : value;
}
