import { useId, useState } from "react";
import { answered, api, type Schemas, type Settings } from "../../api/client";
import { problemText } from "../../api/problems";
import type { JobEditing } from "../../api/useJobEditing";
import { useSpeech } from "../../speech/useSpeech";

interface Props {
  readonly job: string;
  readonly settings: Settings;
  readonly editing: JobEditing;
}

/** Asks the service of places for the snow and wind of one, to be taken over with their source. */
export function AskPlace({ job, settings, editing }: Props) {
  const { say } = useSpeech();
  const id = useId();
  const [name, setName] = useState("");
  const [waiting, setWaiting] = useState(false);
  const [told, setTold] = useState<Schemas["PlaceView"]>();
  const [failed, setFailed] = useState<Error>();

  async function ask() {
    setWaiting(true);
    setTold(undefined);
    setFailed(undefined);
    try {
      setTold(
        await answered(api.GET("/api/jobs/{job}/place", { params: { path: { job }, query: { name } } })),
      );
    } catch (error) {
      setFailed(error instanceof Error ? error : new Error(String(error)));
    } finally {
      setWaiting(false);
    }
  }

  const command = told?.command;
  return (
    <form
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() !== "" && !waiting) void ask();
      }}
    >
      <label htmlFor={id}>{say("page-ask-a-place")}</label>
      <span className="flex gap-2">
        <input
          id={id}
          className="input tap w-full"
          value={name}
          maxLength={80}
          onChange={(event) => setName(event.target.value)}
        />
        <button type="submit" className="btn tap font-normal" disabled={name.trim() === "" || waiting}>
          {say("page-ask")}
        </button>
      </span>
      <div role="status" className="text-sm">
        {told?.told && <p>{say(told.told)}</p>}
        {told?.problem && <p className="font-bold text-error">{say(told.problem)}</p>}
        {failed && <p className="font-bold text-error">{problemText(say, failed)}</p>}
      </div>
      {command && (
        <button
          type="button"
          className="btn btn-primary tap justify-self-start font-normal"
          onClick={() => void editing.run(command).then(() => setTold(undefined))}
        >
          {say("page-take-them-over")}
        </button>
      )}
      {settings.place && (
        <p className="text-secondary text-sm">{say("page-figures-of", { ...settings.place })}</p>
      )}
    </form>
  );
}
