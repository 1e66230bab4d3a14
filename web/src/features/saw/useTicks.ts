import { useQueryClient } from "@tanstack/react-query";
import { useCallback } from "react";
import { answered, api } from "../../api/client";
import { keys } from "../../api/queries";
import { useOutbox } from "../../api/useOutbox";
import { nextSequence, outboxOf } from "../../lib/outbox";
import { type Piece, type Setting, type Tick, tickOf } from "./ticks";

const TICKS = outboxOf<Tick>("sturvek.saw.waiting");

/** Counts at the saw. */
export function useTicks(job: string) {
  const client = useQueryClient();
  const deliver = useCallback(
    async (device: string, ticks: readonly Tick[]) => {
      const body = { device, ticks: [...ticks] };
      await answered(api.POST("/api/jobs/{job}/ticks", { params: { path: { job } }, body }));
      await Promise.all(keys.cutting(job).map((queryKey) => client.invalidateQueries({ queryKey })));
    },
    [client, job],
  );
  const { waiting, refused, say } = useOutbox(TICKS, job, deliver);
  const tick = (setting: Setting, piece: Piece, takenBack: boolean) =>
    say(tickOf(setting, piece, nextSequence(), takenBack));
  return { waiting, refused, tick };
}
