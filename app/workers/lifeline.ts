/** Holds a lock for as long as this worker lives: who waits for it learns of its death. */
export function hold(name: string): Promise<void> {
  if (!navigator.locks) return Promise.resolve();
  return new Promise((resolve) => {
    void navigator.locks.request(name, () => {
      resolve();
      return new Promise(() => undefined);
    });
  });
}
