/** A way to a diagnostic reader: binary messages, one module at a time. The stand-in serves it over a worker and over a socket. */
export interface Link {
  /** Sends a message to a module (its address, 0 to 255). Throws nothing: what goes wrong is told to `onLost`. */
  send(module: number, message: Uint8Array): void;
  /** Called with every message that comes back. */
  onMessage(heard: (module: number, message: Uint8Array) => void): void;
  /** Called once when the link is lost or closed. */
  onLost(lost: (why: string) => void): void;
  close(): void;
}

/** Time as a service, so that waiting can be tested without waiting. */
export interface Timer {
  /** Milliseconds that only grow; only differences count. */
  readonly now: () => number;
  after(ms: number, call: () => void): () => void;
}

/** Addresses of the modules that are asked. */
export const MODULES = {
  abs: 0x28,
  engine: 0x10,
  airbag: 0x58,
  instruments: 0x60,
  body: 0x40,
  steering: 0x30,
  transmission: 0x18,
} as const;
export type ModuleName = keyof typeof MODULES;

/** The reader itself, which is asked for the words that it prints beside codes and speeds. */
export const READER = 0x01;
