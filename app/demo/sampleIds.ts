/** The vehicles of the sample garage: known as such wherever they turn up. */
export const SAMPLE_IDS: ReadonlySet<string> = new Set(['tansy', 'bertie', 'pebble']);
