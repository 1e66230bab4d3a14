import { useCallback, useEffect, useState } from "react";
import { deviceOf, type Outbox } from "../lib/outbox";

/** How often what waits is sent again, ms. */
const AGAIN = 3_000;
/** How much is sent at once. */
const AT_ONCE = 200;

/** Says things from this device: kept on it first, sent when the server is in reach, as often as it takes. `deliver` has to stay the same. */
export function useOutbox<T extends { readonly sequence: number }>(
  outbox: Outbox<T>,
  of: string,
  deliver: (device: string, each: readonly T[]) => Promise<unknown>,
) {
  const [waiting, setWaiting] = useState<readonly T[]>(() => outbox.waiting(of));
  const [refused, setRefused] = useState<Error>();
  const send = useCallback(async () => {
    const now = outbox.waiting(of).slice(0, AT_ONCE);
    if (now.length === 0) return;
    try {
      await deliver(deviceOf(), now);
      setRefused(undefined);
      outbox.arrived(of, new Set(now.map(({ sequence }) => sequence)));
      setWaiting(outbox.waiting(of));
    } catch (error) {
      // Nothing is lost: it is kept, and sent again.
      setRefused(error instanceof Error ? error : new Error(String(error)));
    }
  }, [outbox, of, deliver]);
  useEffect(() => {
    const again = setInterval(send, AGAIN);
    window.addEventListener("online", send);
    void send();
    return () => {
      clearInterval(again);
      window.removeEventListener("online", send);
    };
  }, [send]);
  const say = (each: T) => {
    outbox.add(of, each);
    setWaiting(outbox.waiting(of));
    void send();
  };
  return { waiting, refused, say };
}
