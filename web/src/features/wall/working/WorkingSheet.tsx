import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef } from "react";
import type { Schemas } from "../../../api/client";
import { sheetQuery } from "../../../api/queries";
import { SideSheet } from "../../../components/SideSheet";

interface Props {
  readonly job: string;
  readonly opening: string;
  readonly letter: string;
  readonly version: number;
  /** The part to open at: the start of its title. */
  readonly part: string;
  readonly close: () => void;
}

/** The arithmetic behind the numbers, step by step. */
export function WorkingSheet({ job, opening, letter, version, part, close }: Props) {
  const { data, error } = useQuery(sheetQuery(job, opening, version));
  const wanted = useRef<HTMLElement>(null);
  useEffect(() => {
    if (data) wanted.current?.scrollIntoView({ block: "start" });
  }, [data]);
  return (
    <SideSheet title={`The working, opening ${letter}`} close={close} wide>
      {error && <p className="text-error">{error.message}</p>}
      {data?.parts.map((section) => (
        <section
          key={section.title}
          ref={part !== "" && section.title.startsWith(part) ? wanted : undefined}
          className="mb-6 scroll-mt-16"
        >
          <h3 className="ruled">{section.title}</h3>
          {section.lines.map((line, index) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: the lines never change within a version
            <WorkingLine key={index} line={line} />
          ))}
        </section>
      ))}
      <p className="text-secondary text-sm">
        Worked out on version {version} of the job. A planning aid: local code, the approved drawings and a
        licensed engineer or the building official decide.
      </p>
    </SideSheet>
  );
}

function WorkingLine({ line }: { readonly line: Schemas["SheetLine"] }) {
  if (line.line === "note") {
    return <p className="my-1 text-secondary italic">{line.text}</p>;
  }
  const showsFigures = line.figures !== line.formula;
  return (
    <div className="my-1.5 grid gap-x-4 border-base-300 border-b pb-1 sm:grid-cols-[1fr_auto]">
      <p>
        <span className="text-secondary text-sm">{line.what}</span>
        <span className="block font-mono text-[0.95rem]">
          <b>{line.symbol}</b> = {line.formula}
          {showsFigures && <span className="text-secondary"> = {line.figures}</span>} = <b>{line.result}</b>
        </span>
      </p>
      <p className="self-end text-right text-secondary text-xs">{line.clause}</p>
    </div>
  );
}
