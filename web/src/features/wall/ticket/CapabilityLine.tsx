import { useQuery } from "@tanstack/react-query";
import { capabilityQuery } from "../../../api/queries";
import { LengthText } from "../../../components/LengthText";
import { useSettled } from "../../../components/useSettled";

interface Props {
  readonly job: string;
  readonly opening: string;
  readonly version: number;
}

/** The question the other way round: what the header in place could carry, and what gives out first. */
export function CapabilityLine({ job, opening, version }: Props) {
  const { data } = useQuery(capabilityQuery(job, opening, useSettled(version)));
  if (!data) return null;
  return (
    <p className="mt-2 text-sm">
      On the jacks it has, it carries <b className="num">{data.times_the_load.toFixed(2)}</b> times this load
      ({data.first_under_load} gives out first)
      {data.farthest == null ? (
        "."
      ) : (
        <>
          , and reaches <LengthText value={data.farthest} className="num font-bold" /> under it (
          {data.first_over_span}).
        </>
      )}
    </p>
  );
}
