/** A stored job with what tells one state of it from another, whichever tab wrote it. */
export interface Stamped {
  stamp?: string;
}

/** A stamp that no other state has. */
export const newStamp = (): string => `${Date.now().toString(36)}-${Math.random().toString(36).slice(2, 12)}`;
