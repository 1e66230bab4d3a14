import { useQuery } from "@tanstack/react-query";
import { createContext, type ReactNode, useContext, useMemo } from "react";
import type { Schemas } from "../api/client";
import { inputsQuery } from "../api/queries";
import type { Phrase } from "../speech/voice";

export type InputName = Schemas["InputName"];

const Allowed = createContext<ReadonlyMap<InputName, Phrase>>(new Map());

/** Knows what every input may be, as the server holds values against it. */
export function AllowedProvider({ children }: { readonly children: ReactNode }) {
  const { data } = useQuery(inputsQuery());
  const ranges = useMemo(() => new Map(data?.map((range) => [range.input, range.words] as const)), [data]);
  return <Allowed value={ranges}>{children}</Allowed>;
}

/** For tests, and for whoever knows it already. */
export const AllowedRanges = Allowed;

/** What an input may be, in words; nothing where the rest of the job decides. */
export function useAllowed(input: InputName | undefined): Phrase | undefined {
  const ranges = useContext(Allowed);
  return input && ranges.get(input);
}
