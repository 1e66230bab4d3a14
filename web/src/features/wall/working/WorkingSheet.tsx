import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef } from "react";
import { sheetQuery } from "../../../api/queries";
import { SideSheet } from "../../../components/SideSheet";
import { WorkingLine } from "../../../components/WorkingLine";

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
