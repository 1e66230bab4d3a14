import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef } from "react";
import { problemText } from "../../../api/problems";
import { sheetQuery } from "../../../api/queries";
import { type Block, PaperBlocks } from "../../../components/paper/PaperBlocks";
import { SideSheet } from "../../../components/SideSheet";
import { useSpeech } from "../../../speech/useSpeech";

/** A part of the sheet. */
export interface SheetPlace {
  readonly title: string;
  readonly about?: string;
}

/** Whether a block is the heading of a part. */
const isAbout =
  ({ title, about }: SheetPlace) =>
  (block: Block) =>
    block.block === "heading" &&
    block.words.id === title &&
    (about === undefined || JSON.stringify(block.words.args ?? {}).includes(about));

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
  const paper = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!data || !part) return;
    // The headings stand in the order of the blocks.
    const place = data.blocks.filter((block) => block.block === "heading").findIndex(isAbout(part));
    paper.current?.querySelectorAll("[data-heading]")[place]?.scrollIntoView({ block: "start" });
  }, [data, part]);
  return (
    <SideSheet title={say("page-the-working-opening", { letter })} close={close} wide>
      {error && <p className="text-error">{problemText(say, error)}</p>}
      <div ref={paper}>{data && <PaperBlocks blocks={data.blocks} />}</div>
      <p className="text-secondary text-sm">{say("page-worked-out-on-version-of-the-job", { version })}</p>
    </SideSheet>
  );
}
