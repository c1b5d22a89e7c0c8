/** How much room the browser gives, and whether it keeps it; null where it does not say. */
export async function roomHere(): Promise<{
  readonly used: number;
  readonly quota: number;
  readonly isKept: boolean;
} | null> {
  try {
    const { usage, quota } = await navigator.storage.estimate();
    if (usage === undefined || !quota) return null;
    return { used: usage, quota, isKept: await navigator.storage.persisted() };
  } catch {
    return null; // Not every browser has it, and none outside a secure page.
  }
}

/** Asks the browser not to clear what is stored when room gets short; it may refuse. */
export async function askToStay(): Promise<void> {
  await navigator.storage?.persist?.().catch(() => false);
}
