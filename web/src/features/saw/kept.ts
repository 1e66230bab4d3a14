import type { Schemas } from "../../api/client";
import type { Tick } from "./ticks";

/** What the device keeps by itself, so that a reload in a dead spot loses nothing. */
const WAITING = "sturvek.saw.waiting";
const DEVICE = "sturvek.saw.device";
const SEQUENCE = "sturvek.saw.sequence";
const LAST = "sturvek.saw.last";

/** A device that keeps nothing, as in a private window, counts while the page is open. */
const memory = new Map<string, string>();

function get(key: string): string | null {
  try {
    return localStorage.getItem(key) ?? memory.get(key) ?? null;
  } catch {
    return memory.get(key) ?? null;
  }
}

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

/** By which identity this device ticks. */
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

type Waiting = Record<string, readonly Tick[]>;

/** What was ticked off of a job and has not arrived yet. */
export const waitingOf = (job: string): readonly Tick[] => read<Waiting>(WAITING, {})[job] ?? [];

/** Keeps what waits: read anew each time, as another tab of the device may have ticked too. */
export function addWaiting(job: string, tick: Tick) {
  put(WAITING, JSON.stringify({ ...read<Waiting>(WAITING, {}), [job]: [...waitingOf(job), tick] }));
}

/** Takes away what has arrived. */
export function arrived(job: string, sequences: ReadonlySet<number>) {
  const left = waitingOf(job).filter(({ sequence }) => !sequences.has(sequence));
  put(WAITING, JSON.stringify({ ...read<Waiting>(WAITING, {}), [job]: left }));
}

type Seen = Record<string, Schemas["SawView"]>;

/** What the saw showed last of a part of a job: shown again where the server is out of reach. */
export const lastSeen = (of: string): Schemas["SawView"] | undefined => read<Seen>(LAST, {})[of];

/** Keeps the last one that was seen: of one part, as a phone has little room. */
export const keepSeen = (of: string, view: Schemas["SawView"]) => put(LAST, JSON.stringify({ [of]: view }));

/**
 * Keeps the page itself on the device, so that it can be opened and read again in a dead spot. A browser lets that be done only on
 * this machine and over an encrypted connection, as paired phones have.
 */
export function keepThePage() {
  // Where it is refused the page works as before, as long as it stays open.
  navigator.serviceWorker?.register("/sw.js").catch((error: unknown) => console.warn(error));
}
