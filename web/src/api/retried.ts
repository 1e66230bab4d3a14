import { ApiProblem } from "./client";

/** How long is waited before each repetition, milliseconds. */
const PAUSES = [300, 1000, 2500];

/** Whether the server may have been away, or busy, and the same may be asked again. */
function mayPass(error: unknown): boolean {
  return error instanceof ApiProblem && (error.problem.status === 0 || error.problem.status === 503);
}

/**
 * Sends an edit, and again with the same key where no answer came: the server keeps it once, however often it comes, and answers as
 * the first time.
 */
export async function retried<T>(
  send: (key: string) => Promise<T>,
  pause: (milliseconds: number) => Promise<void> = (milliseconds) =>
    new Promise((resolve) => setTimeout(resolve, milliseconds)),
): Promise<T> {
  const key = newKey();
  for (const milliseconds of PAUSES) {
    try {
      return await send(key);
    } catch (error) {
      if (!mayPass(error)) throw error;
      await pause(milliseconds);
    }
  }
  return send(key);
}

/** A random UUID. `crypto.randomUUID` is missing where the page came over plain http from another machine. */
export function newKey(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40;
  bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80;
  const hex = Array.from(bytes, (byte) => byte.toString(16).padStart(2, "0")).join("");
  return hex.replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, "$1-$2-$3-$4-$5");
}
