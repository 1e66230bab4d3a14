import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef } from "react";
import { problemText } from "../../../api/problems";
import { sheetQuery } from "../../../api/queries";
import { SideSheet } from "../../../components/SideSheet";
import { WorkingLine } from "../../../components/WorkingLine";
import { useSpeech } from "../../../speech/useSpeech";
import type { Phrase } from "../../../speech/voice";

/** A part of the sheet. */
export interface SheetPlace {
  readonly title: string;
  readonly about?: string;
}

function isPart(title: Phrase, { title: id, about }: SheetPlace): boolean {
  return title.id === id && (about === undefined || JSON.stringify(title.args ?? {}).includes(about));
}

interface Props {
  readonly job: string;
  readonly opening: string;
  readonly letter: string;
  readonly version: number;
  /** The part to open at: the id of its title, and what the title is about. */
  readonly part: SheetPlace | undefined;
  readonly close: () => void;
}

/** The arithmetic behind the numbers, step by step. */
export function WorkingSheet({ job, opening, letter, version, part, close }: Props) {
  const { say } = useSpeech();
  const { data, error } = useQuery(sheetQuery(job, opening, version));
  const wanted = useRef<HTMLElement>(null);
  useEffect(() => {
    if (data) wanted.current?.scrollIntoView({ block: "start" });
  }, [data]);
  return (
    <SideSheet title={say("page-the-working-opening", { letter })} close={close} wide>
      {error && <p className="text-error">{problemText(say, error)}</p>}
      {data?.parts.map((section) => (
        <section
          key={say(section.title)}
          ref={part && isPart(section.title, part) ? wanted : undefined}
          className="mb-6 scroll-mt-16"
        >
          <h3 className="ruled">{say(section.title)}</h3>
          {section.lines.map((line, index) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: the lines never change within a version
            <WorkingLine key={index} line={line} />
          ))}
        </section>
      ))}
      <p className="text-secondary text-sm">{say("page-worked-out-on-version-of-the-job", { version })}</p>
    </SideSheet>
  );
}
