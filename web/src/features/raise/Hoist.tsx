import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { problemText } from "../../api/problems";
import { hoistQuery } from "../../api/queries";
import { LengthField, MaybeLengthField, MaybeNumberField } from "../../components/Field";
import { useSpeech } from "../../speech/useSpeech";

interface Props {
  readonly job: string;
  readonly wall: string;
  readonly version: number;
  readonly length: number;
}

/** A hoist, lift or crane: what it is rated for is the user's word, where it holds too; what it takes is the server's. */
export function Hoist({ job, wall, version, length }: Props) {
  const { say, exact } = useSpeech();
  const [rated, setRated] = useState<number>();
  const [hook, setHook] = useState(() => exact(Math.round(length / 2)));
  const [second, setSecond] = useState<string>();
  const [height, setHeight] = useState<string>();
  const asked = useQuery({
    ...hoistQuery(job, wall, version, {
      rated: rated ?? 0,
      hook,
      ...(second !== undefined && { second }),
      ...(height !== undefined && { height }),
    }),
    enabled: rated !== undefined,
  });
  const taken = asked.data;
  return (
    <section className="sheet grid gap-3 p-4" aria-label={say("page-raise-hoist")}>
      <h2 className="ruled">{say("page-raise-hoist")}</h2>
      <div className="grid gap-3 sm:grid-cols-2 lg:grid-cols-4">
        <MaybeNumberField
          label={say("page-raise-rated")}
          hint={say("page-raise-rated-hint")}
          number={rated}
          quantity="pounds"
          save={async (value) => {
            setRated(value);
            return undefined;
          }}
        />
        <LengthField
          label={say("page-raise-hook-at")}
          length={hook}
          save={async (at) => {
            setHook(at);
            return undefined;
          }}
        />
        <MaybeLengthField
          label={say("page-raise-second-hook-at")}
          length={second}
          save={async (at) => {
            setSecond(at ?? undefined);
            return undefined;
          }}
        />
        <MaybeLengthField
          label={say("page-raise-hook-height")}
          hint={say("page-raise-hook-height-hint")}
          length={height}
          save={async (at) => {
            setHeight(at ?? undefined);
            return undefined;
          }}
        />
      </div>
      {asked.error && <p className="font-bold text-error text-lg">{problemText(say, asked.error)}</p>}
      {taken && (
        <>
          <p className={`text-lg ${taken.against === "over" ? "font-bold text-error" : ""}`}>
            {say(taken.words)}
          </p>
          {taken.steady && <p className="text-lg">{say(taken.steady)}</p>}
        </>
      )}
      <p className="text-base opacity-80">{say("page-raise-never-under")}</p>
    </section>
  );
}
