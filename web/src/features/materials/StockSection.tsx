import { useState } from "react";
import type { Schemas } from "../../api/client";
import { MaybeNumberField } from "../../components/Field";
import { useSpeech, type Words } from "../../speech/useSpeech";
import { BoardFields } from "./BoardFields";
import { type Board, boardName, type TypedBoard, USUAL_BOARDS } from "./boards";

type Item = Schemas["AnsweredStockItem"];
type Sent = Schemas["StockItem"];

interface Props {
  readonly stock: readonly Item[];
  /** Changes the pile as it is when the edit's turn comes. */
  readonly change: (make: (stock: readonly Item[]) => Sent[]) => Promise<Words | undefined>;
}

const MAKES: readonly { readonly made: Board["made"]; readonly label: Words }[] = [
  { made: "sawn", label: { id: "page-sawn-lumber" } },
  { made: "engineered", label: "LVL, PSL, LSL, glulam" },
  { made: "sheet", label: { id: "page-with-values-from-my-sheet" } },
];

/** The pile: every board a header can be made of, with its price. */
export function StockSection({ stock, change }: Props) {
  const { say, words } = useSpeech();
  const [open, setOpen] = useState<number>();
  const [fresh, setFresh] = useState<TypedBoard>();
  const replace = (index: number, part: Partial<Sent>) =>
    change((now) => now.map((each, place) => (place === index ? { ...each, ...part } : each)));
  return (
    <section className="sheet p-4">
      <h2 className="ruled">{say("page-the-stock")}</h2>
      {stock.length === 0 && <p className="mt-2">{say("page-nothing-yet-add-a-board-headers-are")}</p>}
      <ul className="mt-1 divide-y divide-base-300">
        {stock.map((item, index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a board on the pile has no name but its place
          <li key={index} className="py-1">
            <div className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-2 sm:grid-cols-[minmax(0,1fr)_9rem_auto]">
              <button
                type="button"
                className="tap col-span-2 text-left font-bold hover:bg-base-200 sm:col-span-1"
                aria-expanded={open === index}
                onClick={() => setOpen(open === index ? undefined : index)}
              >
                {boardName(item.board)}
              </button>
              <MaybeNumberField
                label={say("page-price-of", { board: boardName(item.board) })}
                labelHidden
                unit="¢/ft"
                number={item.price_cents_per_foot}
                input="price"
                save={(price_cents_per_foot) => replace(index, { price_cents_per_foot })}
              />
              <button
                type="button"
                className="btn btn-ghost tap font-normal"
                aria-label={say("page-take-off-the-pile", { board: boardName(item.board) })}
                onClick={() => void change((now) => now.filter((_, place) => place !== index))}
              >
                {say("page-take-off")}
              </button>
            </div>
            {open === index && (
              <div className="my-2 grid grid-cols-2 gap-3 bg-base-200 p-3 sm:grid-cols-3">
                <BoardFields board={item.board} change={(board) => replace(index, { board })} />
              </div>
            )}
          </li>
        ))}
      </ul>
      {fresh && (
        <FreshBoard
          board={fresh}
          change={setFresh}
          keep={() => change((now) => [...now, { board: fresh }])}
          close={() => setFresh(undefined)}
        />
      )}
      <div className="mt-3 flex flex-wrap items-center gap-2">
        <span>{say("page-put-on-the-pile")}</span>
        {MAKES.map(({ made, label }) => (
          <button
            key={made}
            type="button"
            className="btn tap font-normal"
            onClick={() => setFresh(USUAL_BOARDS[made])}
          >
            {words(label)}
          </button>
        ))}
      </div>
    </section>
  );
}

interface FreshProps {
  readonly board: TypedBoard;
  readonly change: (board: TypedBoard) => void;
  readonly keep: () => Promise<Words | undefined>;
  readonly close: () => void;
}

/** A board that is being described: nothing of it is kept until it is put on the pile. */
function FreshBoard({ board, change, keep, close }: FreshProps) {
  const { say, words } = useSpeech();
  const [problem, setProblem] = useState<Words>();
  const put = async () => {
    const refusal = await keep();
    setProblem(refusal);
    if (refusal === undefined) close();
  };
  return (
    <fieldset className="mt-3 bg-base-200 p-3" aria-label={say("page-a-new-board")}>
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        <BoardFields
          board={board}
          change={async (next) => {
            change(next);
            return undefined;
          }}
        />
      </div>
      {problem && (
        <p role="alert" className="mt-2 text-error text-sm">
          {words(problem)}
        </p>
      )}
      <div className="mt-3 flex gap-2">
        <button type="button" className="btn btn-primary tap" onClick={() => void put()}>
          {say("page-put-on-the-pile-2", { board: boardName(board) })}
        </button>
        <button type="button" className="btn btn-ghost tap font-normal" onClick={close}>
          {say("page-leave-it")}
        </button>
      </div>
    </fieldset>
  );
}
