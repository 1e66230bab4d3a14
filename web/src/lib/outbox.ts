/** What the device keeps by itself, so that a reload in a dead spot loses nothing. A device that keeps nothing, as in a private window, remembers
 * while the page is open. */
const memory = new Map<string, string>();
const DEVICE = "sturvek.saw.device";
const SEQUENCE = "sturvek.saw.sequence";

function get(key: string): string | null {
  try {
    return localStorage.getItem(key) ?? memory.get(key) ?? null;
  } catch {
    return memory.get(key) ?? null;
  }
}

/** Keeps a text on the device. */
function put(key: string, value: string) {
  memory.set(key, value);
  try {
    localStorage.setItem(key, value);
  } catch {
    // Full or forbidden: what is in memory stands until the page is left.
  }
}

function read<T>(key: string, otherwise: T): T {
  const text = get(key);
  if (text === null) return otherwise;
  try {
    return JSON.parse(text) as T;
  } catch {
    return otherwise;
  }
}

/** By which identity this device speaks. */
export function deviceOf(): string {
  const known = get(DEVICE);
  if (known) return known;
  const made = crypto.randomUUID();
  put(DEVICE, made);
  return made;
}

/** The next number of this device: later ones are larger, and two tabs of one device do not take the same. */
export function nextSequence(): number {
  const now = Date.now() * 1000 + Math.floor(Math.random() * 1000);
  const next = Math.max(read(SEQUENCE, 0) + 1, now);
  put(SEQUENCE, JSON.stringify(next));
  return next;
}

/** What was said here of something and has not arrived yet. */
export interface Outbox<T> {
  readonly waiting: (of: string) => readonly T[];
  readonly add: (of: string, each: T) => void;
  readonly arrived: (of: string, sequences: ReadonlySet<number>) => void;
}

/** An outbox that is kept under a name: read anew each time, as another tab of the device may have spoken too. */
export function outboxOf<T extends { readonly sequence: number }>(name: string): Outbox<T> {
  const all = () => read<Record<string, readonly T[]>>(name, {});
  const waiting = (of: string) => all()[of] ?? [];
  const keep = (of: string, left: readonly T[]) => put(name, JSON.stringify({ ...all(), [of]: left }));
  return {
    waiting,
    add: (of, each) => keep(of, [...waiting(of), each]),
    arrived: (of, sequences) =>
      keep(
        of,
        waiting(of).filter(({ sequence }) => !sequences.has(sequence)),
      ),
  };
}

/** What was seen last of one thing: shown again where the server is out of reach. Of one only, as a phone has little room. */
export function lastSeenOf<V>(name: string) {
  return {
    lastSeen: (of: string): V | undefined => read<Record<string, V>>(name, {})[of],
    keepSeen: (of: string, view: V) => put(name, JSON.stringify({ [of]: view })),
  };
}

const NAME = "sturvek.name";
/** Who speaks on this device, as was typed last. */
export const nameOf = () => get(NAME) ?? "";
export const keepName = (name: string) => put(NAME, name);

/**
 * Keeps the page itself on the device, so that it can be opened and read again in a dead spot. A browser lets that be done only on
 * this machine and over an encrypted connection, as paired phones have.
 */
export function keepThePage() {
  // Where it is refused the page works as before, as long as it stays open.
  navigator.serviceWorker?.register("/sw.js").catch((error: unknown) => console.warn(error));
}
