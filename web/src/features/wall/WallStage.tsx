import {
  type KeyboardEvent,
  type PointerEvent,
  type ReactNode,
  useEffect,
  useMemo,
  useRef,
  useState,
} from "react";
import type { OpeningView, Schemas, Wall, WallView } from "../../api/client";
import { useMedia } from "../../components/useMedia";
import { useSize } from "../../components/useSize";
import { useSteady } from "../../components/useSteady";
import { LandingDrawing } from "../../drawing/LandingDrawing";
import { Margins } from "../../drawing/Margins";
import type { Plate } from "../../drawing/markGroups";
import { Overview } from "../../drawing/Overview";
import { POLE_WIDTH, StoryPole } from "../../drawing/StoryPole";
import { Tape } from "../../drawing/Tape";
import { WallDrawing } from "../../drawing/WallDrawing";
import { makeScale } from "../../lib/scale";
import { useSpeech } from "../../speech/useSpeech";
import type { Say } from "../../speech/voice";
import type { OpeningCommand } from "./commands/commands";
import { pressOn } from "./commands/openingCommands";
import { landingOf } from "./landingOf";
import { BESIDE, GAP, layOut, MARGINS } from "./layOut";
import { SNAP_WORDS, studsSaved } from "./stops";
import { useDrag } from "./useDrag";
import type { usePendingMove } from "./usePendingMove";
import type { Zoom } from "./zoom";

/** Where the margins are drawn, px from the top. */
const MARGINS_LINE = 21;

interface Props {
  readonly wall: Wall;
  readonly view: WallView;
  readonly selected: OpeningView | undefined;
  /** Places worth stopping at while it is moved. */
  readonly stops: readonly Schemas["SnapView"][];
  readonly select: (opening: string) => void;
  /** Openings that are chosen besides. */
  readonly also: ReadonlySet<string>;
  /** Chooses an opening besides, or no more. */
  readonly choose: (opening: string) => void;
  /** What keys do to the opening that has the focus. */
  readonly keys: readonly OpeningCommand[];
  readonly move: ReturnType<typeof usePendingMove>;
  /** What else stands in the line under the tape. */
  readonly children?: ReactNode;
}

const ZOOM_WORDS: Record<Zoom, string> = {
  whole: "page-whole-wall",
  read: "page-to-read",
  close: "page-close-up",
};

/** The wall, what lands on it, tape and story pole, all to one scale and as large as there is room. */
export function WallStage({
  wall,
  view,
  selected,
  stops,
  select,
  also,
  choose,
  keys,
  move,
  children,
}: Props) {
  const speech = useSpeech();
  const { say } = speech;
  const [frame, place] = useSize<HTMLDivElement>();
  const beside = useMedia("(min-width: 64rem)");
  const [zoom, setZoom] = useState<Zoom>("read");
  const [plate, setPlate] = useState<Plate>("sole");
  const landed = useMemo(() => landingOf(wall, view), [wall, view]);
  const drawn = useMemo(
    () =>
      layOut({
        landing: landed,
        view,
        plate,
        zoom,
        speech,
        selected,
        width: place.width - POLE_WIDTH - 2 * BESIDE,
        height: beside ? place.height : Number.POSITIVE_INFINITY,
      }),
    [landed, view, plate, zoom, speech, selected, place, beside],
  );
  const { perFoot, landing, marks, wallTop, height, offered, least } = drawn;
  const { length, height: wallHeight } = view;
  // The same while nothing changes its size: members that stay are not drawn again.
  const scale = useMemo(
    () => makeScale(perFoot, { length, height: wallHeight }, BESIDE, wallTop),
    [perFoot, length, wallHeight, wallTop],
  );
  const content = scale.size(view.length) + 2 * BESIDE;
  const visible = place.width - POLE_WIDTH;
  const press = useSteady((opening: OpeningView, event: KeyboardEvent<SVGElement>) => {
    if (pressOn(opening, event, keys)) event.preventDefault();
  });
  const drag = useDrag({ view, scale, stops, units: speech.units, select, move });
  const scroll = useRef<HTMLDivElement>(null);
  const edges = selected ? [scale.x(selected.left), scale.x(selected.right)] : [];
  const bringIntoSight = useSteady(() => {
    const element = scroll.current;
    const [left, right] = edges;
    if (!element || left === undefined || right === undefined) return;
    const { scrollLeft, clientWidth } = element;
    const inSight = scrollLeft <= left - BESIDE && right + BESIDE <= scrollLeft + clientWidth;
    if (!inSight) element.scrollLeft = (left + right - clientWidth) / 2;
  });
  // What a finger holds stays under it; once it is let go where it was taken, it is brought into sight.
  const held = useRef(false);
  const grab = useSteady((opening: OpeningView, event: PointerEvent<SVGElement>) => {
    if (event.shiftKey) return choose(opening.id);
    // A tap looks at it: a finger that stays chooses the one before besides.
    const before = selected?.id;
    if (event.pointerType === "touch" && before) afterLongPress(() => choose(before));
    const from = event.clientX;
    held.current = true;
    const over = new AbortController();
    const letGo = (end: globalThis.PointerEvent) => {
      over.abort();
      held.current = false;
      if (Math.abs(end.clientX - from) < A_TAP) setTimeout(bringIntoSight);
    };
    for (const end of ["pointerup", "pointercancel"] as const) {
      window.addEventListener(end, letGo, { signal: over.signal });
    }
    drag.grab(opening, event);
  });
  // biome-ignore lint/correctness/useExhaustiveDependencies: only a change of zoom, place or opening scrolls, not a drag
  useEffect(() => {
    if (!held.current) bringIntoSight();
  }, [zoom, place.width > 0, selected?.id]);
  return (
    <div className="screen flex flex-col lg:flex-1">
      <div
        ref={frame}
        className="screen relative min-h-64 lg:flex-1 lg:overflow-y-auto lg:[scrollbar-gutter:stable] lg:[scrollbar-width:thin]"
        style={beside ? { minHeight: least } : undefined}
      >
        {place.width > 0 && (
          <div className="flex items-start">
            <StoryPole view={view} scale={scale} opening={selected} height={height} />
            <div className="min-w-0 flex-1">
              <div
                ref={scroll}
                className="screen overflow-x-auto overflow-y-hidden [scrollbar-width:none]"
                data-testid="wall-in-sight"
              >
                <svg
                  width={Math.max(content, 1)}
                  height={height}
                  viewBox={`0 0 ${Math.max(content, 1)} ${height}`}
                  className="whole-on-paper block select-none text-base-content"
                  aria-label={say("page-the-wall-drawn-to-scale")}
                >
                  {selected && <Margins view={view} opening={selected} scale={scale} y={MARGINS_LINE} />}
                  <LandingDrawing laid={landing} topLine={view.top_line} scale={scale} top={MARGINS} />
                  <WallDrawing
                    view={view}
                    scale={scale}
                    selected={selected?.id}
                    also={also}
                    select={select}
                    grab={grab}
                    press={press}
                  />
                  <Tape
                    view={view}
                    scale={scale}
                    top={wallTop + scale.size(view.height) + GAP}
                    selected={selected}
                    marks={marks}
                  />
                </svg>
              </div>
              {content > visible + 1 && (
                <Overview
                  view={view}
                  width={visible}
                  selected={selected?.id}
                  scrolled={scroll}
                  content={content}
                />
              )}
            </div>
          </div>
        )}
      </div>
      <div className="no-print mt-1 flex min-h-11 flex-wrap items-center gap-2 text-secondary text-sm">
        <fieldset className="join" aria-label={say("page-how-much-of-the-wall")}>
          {offered.map((each) => (
            <button
              key={each}
              type="button"
              className={`btn join-item tap px-3 font-normal ${each === zoom ? "btn-neutral" : ""}`}
              aria-pressed={each === zoom}
              onClick={() => setZoom(each)}
            >
              {say(ZOOM_WORDS[each])}
            </button>
          ))}
        </fieldset>
        <button
          type="button"
          className="btn tap font-normal"
          aria-pressed={plate === "top"}
          onClick={() => setPlate(plate === "sole" ? "top" : "sole")}
        >
          {plate === "sole" ? say("page-marks-of-the-top-plates") : say("page-marks-of-the-sole-plate")}
        </button>
        <span
          aria-live="polite"
          className="min-w-0 flex-[1_1_8rem] leading-tight empty:hidden sm:empty:block"
        >
          {move.pending &&
            say("page-center", {
              center: speech.length(move.pending.center),
              stop: drag.stop ? `, ${stopText(say, drag.stop)}` : "",
            })}
        </span>
        {children}
      </div>
    </div>
  );
}

/** A pointer that moved less than this, px, only tapped. */
const A_TAP = 6;
const LONG_PRESS_MS = 550;
const ENDS_OF_REST = ["pointermove", "pointerup", "pointercancel"] as const;

/** Does what a finger asks that rests where it is; one that moves or leaves does not. */
function afterLongPress(press: () => void) {
  const stop = () => {
    clearTimeout(rest);
    for (const event of ENDS_OF_REST) window.removeEventListener(event, stop);
  };
  const rest = setTimeout(() => {
    stop();
    press();
  }, LONG_PRESS_MS);
  for (const event of ENDS_OF_REST) window.addEventListener(event, stop);
}

/** Why a place is worth stopping at, and what it saves. */
function stopText(say: Say, stop: Schemas["SnapView"]): string {
  const studs = studsSaved(stop);
  return [say(SNAP_WORDS[stop.reason]), studs && say(studs)].filter(Boolean).join(", ");
}
