import type { Schemas } from "../../api/client";
import { together } from "../../lib/together";
import { useSpeech } from "../../speech/useSpeech";
import { PaperDrawing } from "./PaperDrawing";
import { PaperTable } from "./PaperTable";
import { PaperWorking } from "./PaperWorking";

export type Paper = Schemas["Paper"];
export type Block = Paper["blocks"][number];

const WEIGHTS = { answer: "my-2 font-bold text-xl", plain: "my-1 max-w-prose", small: "my-1 text-secondary" };

/** What stands on a paper, block by block: the same that is printed. */
export function PaperBlocks({ blocks }: { readonly blocks: readonly Block[] }) {
  return blocks.map((block, index) => (
    // biome-ignore lint/suspicious/noArrayIndexKey: a paper's blocks never change within a version
    <PaperBlock key={index} block={block} />
  ));
}

function PaperBlock({ block }: { readonly block: Block }) {
  const { say } = useSpeech();
  switch (block.block) {
    case "heading":
      return (
        <h3 className="ruled mt-6 scroll-mt-16 break-after-avoid" data-heading={block.words.id}>
          <span className="inline-block first-letter:uppercase">{say(block.words)}</span>
        </h3>
      );
    case "text":
      return <p className={WEIGHTS[block.weight]}>{together(say(block.words))}</p>;
    case "table":
      return <PaperTable table={block} />;
    case "working":
      return <PaperWorking lines={block.lines} />;
    case "drawing":
      return <PaperDrawing drawing={block} />;
    case "signatures":
      return (
        <p className="mt-10 grid grid-cols-2 gap-8 text-sm">
          {block.by.map((by) => (
            <span key={by.id} className="border-[var(--graphite)] border-t pt-1">
              {say(by)}
            </span>
          ))}
        </p>
      );
    case "new_page":
      return <hr className="my-6 border-base-300 print:my-0 print:break-before-page print:border-0" />;
  }
}
