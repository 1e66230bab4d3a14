import { useQueryClient } from "@tanstack/react-query";
import { useCallback } from "react";
import { answered, api } from "./client";
import { MARKS, type Mark, type Marked, marked, orderOf } from "./openingMarks";
import { keys } from "./queries";
import { useOutbox } from "./useOutbox";

/** Says things of the order in which a wall is opened. */
export function useOpeningMarks(job: string, wall: string) {
  const client = useQueryClient();
  const deliver = useCallback(
    async (device: string, marks: readonly Marked[]) => {
      const body = { device, marks: [...marks] };
      await answered(
        api.POST("/api/jobs/{job}/walls/{wall}/order", { params: { path: { job, wall } }, body }),
      );
      await client.invalidateQueries({ queryKey: keys.openingOrder(job, wall) });
    },
    [client, job, wall],
  );
  const { waiting, refused, say } = useOutbox(MARKS, orderOf(job, wall), deliver);
  return { waiting, refused, mark: (mark: Mark) => say(marked(mark)) };
}
