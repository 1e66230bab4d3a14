import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import type { Schemas } from "../../api/client";
import { problemText } from "../../api/problems";
import { sawQuery } from "../../api/queries";
import { keepThePage, lastSeenOf } from "../../lib/outbox";
import { partOf } from "../../lib/partOfHouse";
import { useSpeech } from "../../speech/useSpeech";
import { OneSetting } from "./OneSetting";
import { nextSetting, settingKey, withTicks } from "./ticks";
import { useTicks } from "./useTicks";

const { lastSeen, keepSeen } = lastSeenOf<Schemas["SawView"]>("sturvek.saw.last");

/** The saw, for a phone in a glove: one setting at a time, a tap counts one. */
export function SawPage() {
  const { say } = useSpeech();
  const { job = "" } = useParams();
  const [asked] = useSearchParams();
  const part = partOf(asked);
  const of = `${job} ${part.wall ?? part.level ?? ""}`;
  const { data, error } = useQuery(sawQuery(job, part));
  const { waiting, refused, tick } = useTicks(job);
  const [at, setAt] = useState<string>();
  useEffect(() => {
    if (data) keepSeen(of, data);
  }, [of, data]);
  useEffect(keepThePage, []);
  const known = data ?? lastSeen(of);
  const view = known && withTicks(known, waiting);
  const settings = view?.settings ?? [];
  const first = nextSetting(settings, settings.length - 1);
  const found = settings.findIndex((setting) => settingKey(setting) === at);
  const place = found < 0 ? first : found;
  const setting = settings[place];
  const go = (to: number) => {
    const next = settings[(to + settings.length) % settings.length];
    if (next) setAt(settingKey(next));
  };
  const silent = error ?? refused;
  return (
    <div className="screen flex min-h-full flex-col">
      <header className="flex flex-wrap items-center gap-x-4 border-base-300 border-b px-3 py-1">
        <h1 className="font-bold text-lg">{say("page-saw")}</h1>
        {view && (
          <span className="text-lg tabular-nums" data-testid="cut-of-wanted">
            {say("page-saw-cut-of", { cut: view.cut, wanted: view.wanted })}
          </span>
        )}
        <span className="flex-1" />
        <Link to={`/jobs/${job}/cut?${asked}`} className="btn btn-ghost tap font-normal">
          {say("page-saw-to-the-lists")}
        </Link>
      </header>
      {(silent || waiting.length > 0) && (
        <p role="status" className="border-base-300 border-b px-3 py-1 text-base">
          {waiting.length > 0 ? say("page-saw-waits", { count: waiting.length }) : say("page-saw-no-server")}
          {refused && waiting.length > 0 && ` ${problemText(say, refused)}`}
        </p>
      )}
      {!view && silent && <p className="p-4 text-lg">{problemText(say, silent)}</p>}
      {view && view.held_back.length > 0 && (
        <p className="px-3 py-1 font-bold text-error text-lg">
          {say("page-saw-held-back", { count: view.held_back.length })}
        </p>
      )}
      {view && view.changed.length > 0 && (
        <section className="border-2 border-error p-3" aria-label={say("page-saw-changed")}>
          <h2 className="font-bold text-error text-lg">{say("page-saw-changed")}</h2>
          <ul className="text-lg">
            {view.changed.map((words) => (
              <li key={say(words)}>{say(words)}</li>
            ))}
          </ul>
        </section>
      )}
      {setting ? (
        <OneSetting
          setting={setting}
          tick={(piece, takenBack) => tick(setting, piece, takenBack)}
          place={place + 1}
          settings={settings.length}
          before={() => go(place - 1)}
          next={() => go(place + 1)}
          nextOpen={() => go(nextSetting(settings, place))}
        />
      ) : (
        view && <p className="p-4 text-lg">{say("page-saw-nothing")}</p>
      )}
    </div>
  );
}
