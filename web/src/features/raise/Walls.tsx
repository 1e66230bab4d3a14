import { useState } from "react";
import type { Schemas } from "../../api/client";
import { useSpeech } from "../../speech/useSpeech";
import { besideOf, putAt } from "./order";

type Raised = Schemas["RaisedWallView"];

interface Props {
  readonly walls: readonly Raised[];
  readonly squares: readonly Schemas["SquareView"][];
  readonly shown: Raised | undefined;
  readonly choose: (wall: string) => void;
  readonly put: (order: string[]) => void;
}

/** The walls in the order in which they are raised, storey by storey: dragged, or moved one place. */
export function Walls({ walls, squares, shown, choose, put }: Props) {
  const { say } = useSpeech();
  const [dragged, drag] = useState<string>();
  const storeys = [...new Set(walls.map(({ storey }) => storey ?? ""))];
  const move = (wall: string, at: string | undefined) => {
    const order = at && putAt(walls, wall, at);
    if (order) put(order);
  };
  return (
    <section className="sheet p-4" aria-label={say("page-raise-walls")}>
      <h2 className="ruled">{say("page-raise-walls")}</h2>
      {storeys.map((storey) => (
        <div key={storey} className="mb-3">
          {storey && <h3 className="font-bold text-lg">{storey}</h3>}
          {squares
            .filter((square) => square.storey === storey)
            .map((square) => (
              <p key={square.storey} className="mb-1 text-base">
                {say(square.words)}
              </p>
            ))}
          <ol>
            {walls
              .filter((each) => (each.storey ?? "") === storey)
              .map((each, place) => (
                <li
                  key={each.wall}
                  className="flex items-stretch border-base-300 border-b"
                  draggable={storey !== ""}
                  onDragStart={() => drag(each.wall)}
                  onDragOver={(event) => dragged && event.preventDefault()}
                  onDrop={() => {
                    if (dragged) move(dragged, each.wall);
                    drag(undefined);
                  }}
                  onDragEnd={() => drag(undefined)}
                >
                  <OneLine each={each} place={place + 1} isShown={each === shown} choose={choose} />
                  {storey && (
                    <>
                      <Arrow
                        label={say("page-raise-earlier", { name: each.name })}
                        sign="↑"
                        at={besideOf(walls, each.wall, -1)}
                        move={(at) => move(each.wall, at)}
                      />
                      <Arrow
                        label={say("page-raise-later-in-turn", { name: each.name })}
                        sign="↓"
                        at={besideOf(walls, each.wall, 1)}
                        move={(at) => move(each.wall, at)}
                      />
                    </>
                  )}
                </li>
              ))}
          </ol>
        </div>
      ))}
    </section>
  );
}

interface LineProps {
  readonly each: Raised;
  readonly place: number;
  readonly isShown: boolean;
  readonly choose: (wall: string) => void;
}

function OneLine({ each, place, isShown, choose }: LineProps) {
  const { weight } = useSpeech();
  return (
    <button
      type="button"
      className={`tap flex min-w-0 flex-1 items-center gap-2 px-2 text-left text-lg ${isShown ? "font-bold shadow-[inset_4px_0_0_var(--chalk)]" : ""}`}
      aria-pressed={isShown}
      onClick={() => choose(each.wall)}
    >
      <span className="tabular-nums opacity-80">{place}</span>
      <span className="min-w-0 flex-1">{each.name}</span>
      {!each.none && <span className="whitespace-nowrap tabular-nums">{weight(each.weight_lb)}</span>}
    </button>
  );
}

interface ArrowProps {
  readonly label: string;
  readonly sign: string;
  readonly at: string | undefined;
  readonly move: (at: string) => void;
}

function Arrow({ label, sign, at, move }: ArrowProps) {
  return (
    <button
      type="button"
      className="btn btn-ghost tap px-2 text-lg"
      aria-label={label}
      disabled={!at}
      onClick={() => at && move(at)}
    >
      {sign}
    </button>
  );
}
