import type { Schemas } from "../../../api/client";
import { ChoiceRow, LengthField, MaybeLengthField, TextField } from "../../../components/Field";
import { NM_PER_FOOT, NM_PER_INCH } from "../../../lib/length";
import { useSpeech, type Words } from "../../../speech/useSpeech";
import { EditedList } from "./EditedList";
import { boardChoices } from "./studs";

type Options = Schemas["AnsweredFramingOptions"];
type Board = Schemas["BackingBoard"];

interface Props {
  readonly options: Options;
  readonly wallLength: number;
  readonly change: (part: Partial<Schemas["FramingOptions"]>) => Promise<Words | undefined>;
}

/** Boards between the studs that cabinets, rails and tubs are fastened to. */
export function BackingBoards({ options, wallLength, change }: Props) {
  const { say } = useSpeech();
  const all = options.boards;
  const replace = (index: number, part: Partial<Board>) =>
    change({ boards: all.map((each, place) => (place === index ? { ...each, ...part } : each)) });
  return (
    <EditedList
      legend={say("page-what-is-fastened-to-it")}
      all={all}
      keep={(left) => void change({ boards: left })}
      more={say("page-something-is-fastened-to-it")}
      fields={(board, index) => (
        <>
          <TextField
            label={say("page-what-it-is-for")}
            value={board.name}
            input="board-name"
            numeric={false}
            save={(name) => replace(index, { name })}
          />
          <LengthField
            label={say("page-its-middle-above-the-floor")}
            style="inches"
            length={board.middle}
            input="board-height"
            save={(middle) => replace(index, { middle })}
          />
          <LengthField
            label={say("page-begins-at")}
            length={board.from}
            input="board-from"
            save={(from) => replace(index, { from })}
          />
          <LengthField
            label={say("page-ends-at")}
            length={board.to}
            input="board-to"
            save={(to) => replace(index, { to })}
          />
          <ChoiceRow
            label={say("page-boards")}
            value={board.board}
            options={boardChoices(options.sawn)}
            choose={(size) => void replace(index, { board: size })}
          />
        </>
      )}
      fresh={(done) => (
        <>
          <MaybeLengthField
            label={say("page-its-middle-above-the-floor")}
            style="inches"
            hint={say("page-it-is-kept-when-its-height-is")}
            length={undefined}
            save={async (middle) => {
              if (middle === null) return say("page-write-its-height");
              const to = Math.min(wallLength, 4 * NM_PER_FOOT);
              const name = say("page-backing");
              const added: Board = { name, from: NM_PER_INCH, to, middle, board: "six" };
              const refusal = await change({ boards: [...all, added] });
              if (refusal === undefined) done();
              return refusal;
            }}
          />
        </>
      )}
    />
  );
}
