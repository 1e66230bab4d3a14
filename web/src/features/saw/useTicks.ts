import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useState } from "react";
import { answered, api } from "../../api/client";
import { keys } from "../../api/queries";
import { addWaiting, arrived, deviceOf, nextSequence, waitingOf } from "./kept";
import { type Piece, type Setting, type Tick, tickOf } from "./ticks";

/** How often what waits is sent again, ms. */
const AGAIN = 3_000;
/** How much is sent at once. */
const AT_ONCE = 200;

/** Counts at the saw: kept on the device first, sent when the server is in reach, as often as it takes. */
export function useTicks(job: string) {
  const client = useQueryClient();
  const [waiting, setWaiting] = useState<readonly Tick[]>(() => waitingOf(job));
  const [refused, setRefused] = useState<Error>();
  const send = useCallback(async () => {
    const ticks = waitingOf(job).slice(0, AT_ONCE);
    if (ticks.length === 0) return;
    const body = { device: deviceOf(), ticks: [...ticks] };
    try {
      await answered(api.POST("/api/jobs/{job}/ticks", { params: { path: { job } }, body }));
      setRefused(undefined);
      arrived(job, new Set(ticks.map(({ sequence }) => sequence)));
      await client.invalidateQueries({ queryKey: keys.saws(job) });
      setWaiting(waitingOf(job));
    } catch (error) {
      // Nothing is lost: it is kept, and sent again.
      setRefused(error instanceof Error ? error : new Error(String(error)));
    }
  }, [client, job]);
  useEffect(() => {
    const again = setInterval(send, AGAIN);
    window.addEventListener("online", send);
    void send();
    return () => {
      clearInterval(again);
      window.removeEventListener("online", send);
    };
  }, [send]);
  const tick = (setting: Setting, piece: Piece, takenBack: boolean) => {
    addWaiting(job, tickOf(setting, piece, nextSequence(), takenBack));
    setWaiting(waitingOf(job));
    void send();
  };
  return { waiting, refused, tick };
}
