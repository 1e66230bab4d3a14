import { useQuery } from "@tanstack/react-query";
import { capabilityQuery } from "../../../api/queries";
import { LengthText } from "../../../components/LengthText";
import { useSettled } from "../../../components/useSettled";
import { useSpeech } from "../../../speech/useSpeech";

interface Props {
  readonly job: string;
  readonly opening: string;
  readonly version: number;
}

/** The question the other way round: what the header in place could carry, and what gives out first. */
export function CapabilityLine({ job, opening, version }: Props) {
  const { say } = useSpeech();
  const { data } = useQuery(capabilityQuery(job, opening, useSettled(version)));
  if (!data) return null;
  return (
    <p className="mt-2 text-sm">
      {say("page-on-the-jacks-it-has-it-carries")} <b className="num">{data.times_the_load.toFixed(2)}</b>{" "}
      {say("page-times-this-load-gives-out-first", { first_under_load: { phrase: data.first_under_load } })}
      {data.farthest == null ? (
        "."
      ) : (
        <>
          {say("page-and-reaches")} <LengthText value={data.farthest} className="num font-bold" />{" "}
          {say("page-under-it", { first_over_span: { phrase: data.first_over_span } })}
        </>
      )}
    </p>
  );
}
