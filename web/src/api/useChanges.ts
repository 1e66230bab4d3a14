import { type QueryClient, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import type { JobView, Schemas } from "./client";
import { keys } from "./queries";

/** A job that has a new version; or that some may have been missed. */
export type Heard = Schemas["JobChanged"] | "again";

/** An edit of this window is answered before it is heard of: so long it is waited for, ms. */
const OWN_EDITS_MS = 150;
/** How often it is looked whether a field that is typed in is done, ms. */
const TYPING_MS = 300;
/** How often everything is read again where no stream can be had, ms. */
const POLL_MS = 5_000;

const LOCK = "sturvek.changes";

/** Keeps what is shown up to what others change. One window of a browser has the stream, and tells the others. */
export function useChanges() {
  const client = useQueryClient();
  useEffect(() => {
    const over = new AbortController();
    const others = new BroadcastChannel(LOCK);
    others.onmessage = (event: MessageEvent<Heard>) => hear(client, event.data);
    const tell = (heard: Heard) => {
      hear(client, heard);
      others.postMessage(heard);
    };
    const lead = () =>
      new Promise<void>((resolve) => {
        const end = follow(tell);
        over.signal.addEventListener("abort", () => {
          end();
          resolve();
        });
      });
    // Whoever goes leaves the lock to the next; a wait that is given up is no fault.
    navigator.locks?.request(LOCK, { signal: over.signal }, lead).catch(() => undefined);
    return () => {
      over.abort();
      others.close();
    };
  }, [client]);
}

/** Follows the server's stream; polls while there is none. */
function follow(tell: (heard: Heard) => void): () => void {
  const stream = new EventSource("/api/changes");
  let poll: ReturnType<typeof setInterval> | undefined;
  const settled = () => {
    clearInterval(poll);
    poll = undefined;
  };
  stream.addEventListener("changed", (event) => tell(JSON.parse(event.data) as Schemas["JobChanged"]));
  stream.addEventListener("again", () => tell("again"));
  stream.onopen = () => {
    settled();
    // What changed before it was there was not heard: what is shown may have been read earlier.
    tell("again");
  };
  stream.onerror = () => {
    poll ??= setInterval(() => tell("again"), POLL_MS);
  };
  return () => {
    settled();
    stream.close();
  };
}

const isTyping = () => document.querySelector("[data-draft]") !== null;

/** Reads again what changed. A field that is typed in is left its version: its edit must meet the other one, not pass over it. */
export function hear(client: QueryClient, heard: Heard): void {
  if (isTyping()) {
    setTimeout(() => hear(client, heard), TYPING_MS);
    return;
  }
  void client.invalidateQueries({ queryKey: keys.jobs });
  if (heard === "again") {
    void client.invalidateQueries({
      predicate: ({ queryKey }) => queryKey[0] === "job" && queryKey.length === 2,
    });
    return;
  }
  const look = () => {
    const known = client.getQueryState<JobView>(keys.job(heard.job));
    // What is being read may have been read before the change.
    if (known?.fetchStatus === "fetching") setTimeout(look, OWN_EDITS_MS);
    else if (known?.data && known.data.version < heard.version) {
      void client.invalidateQueries({ queryKey: keys.job(heard.job), exact: true });
    }
  };
  setTimeout(look, OWN_EDITS_MS);
}
