import { useMutation } from "@tanstack/react-query";
import { useId, useState } from "react";
import { answered, api, type Schemas } from "../../api/client";
import { problemText } from "../../api/problems";
import type { JobEditing } from "../../api/useJobEditing";
import { useSpeech } from "../../speech/useSpeech";

interface Props {
  readonly job: string;
  /** Where snow and wind come from, where a place was asked for them. */
  readonly from: Schemas["Phrase"] | null | undefined;
  readonly editing: JobEditing;
}

/** Asks the service of places for the snow and wind of one, to be taken over with their source. */
export function AskPlace({ job, from, editing }: Props) {
  const { say } = useSpeech();
  const id = useId();
  const [name, setName] = useState("");
  const asking = useMutation({
    mutationFn: () =>
      answered(api.GET("/api/jobs/{job}/place", { params: { path: { job }, query: { name } } })),
  });
  const { data: told, error, isPending } = asking;
  const command = told?.command;
  return (
    <form
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() !== "" && !isPending) asking.mutate();
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
        <button type="submit" className="btn tap font-normal" disabled={name.trim() === "" || isPending}>
          {say("page-ask")}
        </button>
      </span>
      <div role="status" className="text-sm">
        {told?.told && <p>{say(told.told)}</p>}
        {told?.problem && <p className="font-bold text-error">{say(told.problem)}</p>}
        {error && <p className="font-bold text-error">{problemText(say, error)}</p>}
      </div>
      {command && (
        <button
          type="button"
          className="btn btn-primary tap justify-self-start font-normal"
          onClick={() => void editing.run(command).then(() => asking.reset())}
        >
          {say("page-take-them-over")}
        </button>
      )}
      {from && <p className="text-secondary text-sm">{say(from)}</p>}
    </form>
  );
}
