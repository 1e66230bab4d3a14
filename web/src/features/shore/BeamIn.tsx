import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { problemText } from "../../api/problems";
import { beamInQuery } from "../../api/queries";
import { LengthField, MaybeLengthField } from "../../components/Field";
import { LengthText } from "../../components/LengthText";
import { useSpeech } from "../../speech/useSpeech";

interface Props {
  readonly job: string;
  readonly wall: string;
  readonly version: number;
}

/** Whether the beam gets in: around the corner into the door, or straight, and along the wall. */
export function BeamIn({ job, wall, version }: Props) {
  const { say } = useSpeech();
  const [passage, setPassage] = useState('36"');
  const [door, setDoor] = useState('32"');
  const [straight, setStraight] = useState("");
  const { data, error } = useQuery({
    ...beamInQuery(job, wall, version, { passage, door, straight }),
    placeholderData: keepPreviousData,
  });
  const keep = (put: (text: string) => void) => async (text: string | null) => {
    put(text ?? "");
    return undefined;
  };
  return (
    <section className="sheet grid gap-3 p-4" aria-label={say("page-beam-in")}>
      <h2 className="font-bold text-lg">{say("page-beam-in")}</h2>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        <LengthField
          label={say("page-beam-in-passage")}
          style="inches"
          length={passage}
          save={keep(setPassage)}
        />
        <LengthField label={say("page-beam-in-door")} style="inches" length={door} save={keep(setDoor)} />
        <MaybeLengthField label={say("page-beam-in-straight")} length={straight} save={keep(setStraight)} />
      </div>
      {error && <p className="font-bold text-error text-lg">{problemText(say, error)}</p>}
      {data && data.beams.length === 0 && <p className="text-lg">{say("page-beam-in-none")}</p>}
      <ul className="grid gap-2 text-lg">
        {data?.beams.map((beam) => (
          <li
            key={beam.letter}
            className={beam.gets_in ? "" : "border-error border-l-8 pl-3 font-bold text-error"}
          >
            <b>{beam.letter}</b>: {beam.header}, <LengthText value={beam.length} />.{" "}
            {beam.words.map((words) => say(words)).join(" ")}
          </li>
        ))}
      </ul>
    </section>
  );
}
