import { type KeyboardEvent, type ReactNode, useEffect, useMemo, useRef, useState } from "react";
import type { OpeningView, Schemas, WallView } from "../../api/client";
import { useSteady } from "../../components/useSteady";
import { Margins } from "../../drawing/Margins";
import type { Plate } from "../../drawing/markGroups";
import { POLE_WIDTH, StoryPole } from "../../drawing/StoryPole";
import { TAPE_HEIGHT, Tape } from "../../drawing/Tape";
import { WallDrawing } from "../../drawing/WallDrawing";
import { NM_PER_FOOT } from "../../lib/length";
import { makeScale } from "../../lib/scale";
import { useSpeech } from "../../speech/useSpeech";
import type { Say } from "../../speech/voice";
import type { OpeningCommand } from "./commands/commands";
import { pressOn } from "./commands/openingCommands";
import { SNAP_WORDS, studsSaved } from "./stops";
import { useDrag } from "./useDrag";
import type { usePendingMove } from "./usePendingMove";
import { useWidth } from "./useWidth";

const ABOVE = 40;
const BESIDE = 14;
const CLOSE_UP = 42;

interface Props {
  readonly view: WallView;
  readonly selected: OpeningView | undefined;
  /** Places worth stopping at while it is moved. */
  readonly stops: readonly Schemas["SnapView"][];
  readonly select: (opening: string) => void;
  /** What keys do to the opening that has the focus. */
  readonly keys: readonly OpeningCommand[];
  readonly move: ReturnType<typeof usePendingMove>;
  /** What else stands in the line under the tape. */
  readonly children?: ReactNode;
}

/** Wall, tape and story pole to one scale. */
export function WallStage({ view, selected, stops, select, keys, move, children }: Props) {
  const { say } = useSpeech();
  const [frame, width] = useWidth<HTMLDivElement>();
  const [closeUp, setCloseUp] = useState(false);
  const [plate, setPlate] = useState<Plate>("sole");
  const feet = view.length / NM_PER_FOOT;
  const narrow = width < 560;
  const poleWidth = narrow ? 0 : POLE_WIDTH;
  const fit = Math.min((width - poleWidth - 2 * BESIDE) / feet, 46);
  const perFoot = Math.max(closeUp ? CLOSE_UP : fit, 9);
  const { length, height: wallTop } = view;
  const scale = useMemo(
    () => makeScale(perFoot, { length, height: wallTop }, BESIDE, ABOVE),
    [perFoot, length, wallTop],
  );
  const wallHeight = scale.size(view.height);
  const height = ABOVE + wallHeight + TAPE_HEIGHT + 8;
  const speech = useSpeech();
  const press = useSteady((opening: OpeningView, event: KeyboardEvent<SVGElement>) => {
    if (pressOn(opening, event, keys)) event.preventDefault();
  });
  const drag = useDrag({ view, scale, stops, units: speech.units, select, move });
  const scroll = useRef<HTMLDivElement>(null);
  const middle = selected ? scale.x(selected.center) : 0;
  // biome-ignore lint/correctness/useExhaustiveDependencies: only a change of zoom or of the opening scrolls, not a drag
  useEffect(() => {
    const element = scroll.current;
    if (closeUp && element) element.scrollLeft = middle - element.clientWidth / 2;
  }, [closeUp, selected?.id]);
  return (
    <div ref={frame} className="relative min-h-64">
      {width > 0 && (
        <>
          <div className="flex items-start">
            {!narrow && <StoryPole view={view} scale={scale} opening={selected} height={height} />}
            <div ref={scroll} className="min-w-0 flex-1 overflow-x-auto">
              <svg
                width={Math.max(scale.size(view.length) + 2 * BESIDE, 1)}
                height={height}
                className="select-none text-base-content"
                aria-label={say("page-the-wall-drawn-to-scale")}
              >
                {selected && <Margins view={view} opening={selected} scale={scale} y={24} />}
                <WallDrawing
                  view={view}
                  scale={scale}
                  selected={selected?.id}
                  select={select}
                  grab={drag.grab}
                  press={press}
                />
                <Tape
                  view={view}
                  scale={scale}
                  top={ABOVE + wallHeight + 2}
                  selected={selected}
                  plate={plate}
                />
              </svg>
            </div>
          </div>
          <div className="no-print mt-1 flex min-h-11 flex-wrap items-center gap-3 px-2 text-secondary text-sm">
            <button
              type="button"
              className="btn tap font-normal"
              aria-pressed={closeUp}
              onClick={() => setCloseUp(!closeUp)}
            >
              {closeUp ? say("page-whole-wall") : say("page-close-up")}
            </button>
            <button
              type="button"
              className="btn tap font-normal"
              aria-pressed={plate === "top"}
              onClick={() => setPlate(plate === "sole" ? "top" : "sole")}
            >
              {plate === "sole"
                ? say("page-marks-of-the-top-plates")
                : speech.say("page-marks-of-the-sole-plate")}
            </button>
            <span aria-live="polite" className="min-w-0 flex-[1_1_14rem]">
              {move.pending
                ? say("page-center", {
                    center: speech.length(move.pending.center),
                    stop: drag.stop ? `, ${stopText(say, drag.stop)}` : "",
                  })
                : speech.units === "millimeters"
                  ? say("page-drag-an-opening-or-use-the-arrow")
                  : say("page-drag-an-opening-or-use-the-arrow-2")}
            </span>
            {!narrow && <span className="ml-auto">{children}</span>}
          </div>
        </>
      )}
    </div>
  );
}

/** Why a place is worth stopping at, and what it saves. */
function stopText(say: Say, stop: Schemas["SnapView"]): string {
  const studs = studsSaved(stop);
  return [say(SNAP_WORDS[stop.reason]), studs && say(studs)].filter(Boolean).join(", ");
}
