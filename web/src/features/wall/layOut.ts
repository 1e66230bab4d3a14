import type { OpeningView, WallView } from "../../api/client";
import { laidLanding, leastLanding } from "../../drawing/LandingDrawing";
import type { Landing } from "../../drawing/landing";
import type { Plate } from "../../drawing/markGroups";
import { readings, tapeHeight, tapeMarks } from "../../drawing/Tape";
import { NM_PER_FOOT } from "../../lib/length";
import { makeScale } from "../../lib/scale";
import type { Speech } from "../../speech/useSpeech";
import { pixelsPerFoot, type Zoom, zooms } from "./zoom";

/** Over the wall: the margins of the selected opening, px. */
export const MARGINS = 27;
/** Beside the wall. */
export const BESIDE = 14;
/** Between the wall and what stands over and under it. */
export const GAP = 4;
const OVERVIEW = 46;
/** Letters in two rows, the tape, what it reads and the overview: about what stands under the wall. */
const ABOUT_UNDER = 150;

interface Laying {
  readonly landing: Landing;
  readonly view: WallView;
  readonly plate: Plate;
  readonly zoom: Zoom;
  readonly speech: Speech;
  readonly selected: OpeningView | undefined;
  readonly width: number;
  readonly height: number;
}

/**
 * Lays the drawing out. How high tape and loads are follows from the scale, and the scale from what they leave: it is done again with
 * what they took. The least height is told by what is drawn alone, never by the place it got.
 */
export function layOut(laying: Laying) {
  const { landing, view } = laying;
  const about = MARGINS + leastLanding(landing) + ABOUT_UNDER;
  const feetHigh = view.height / NM_PER_FOOT;
  const feetLong = view.length / NM_PER_FOOT;
  const lowest = feetHigh * pixelsPerFoot("read", { width: 0, height: 0, feetHigh, feetLong });
  const first = layOutWith(laying, about);
  const second = layOutWith(laying, first.rest);
  const last = second.rest > first.rest ? layOutWith(laying, second.rest) : second;
  return { ...last, least: about + lowest };
}

function layOutWith({ landing, view, plate, zoom, speech, selected, width, height }: Laying, about: number) {
  const room = {
    width,
    height: height - about,
    feetLong: view.length / NM_PER_FOOT,
    feetHigh: view.height / NM_PER_FOOT,
  };
  const offered = zooms(room);
  const perFoot = pixelsPerFoot(offered.includes(zoom) ? zoom : "read", room);
  // Along the wall the place of its top plays no part.
  const scale = makeScale(perFoot, view, BESIDE, 0);
  const laid = laidLanding(landing, scale, speech);
  const marks = tapeMarks(view, plate, scale, selected?.id);
  const wallTop = MARGINS + laid.height + GAP;
  const under = tapeHeight(marks, readings(selected, scale, speech)) + GAP;
  const scrolls = scale.size(view.length) > width + 1;
  return {
    offered,
    perFoot,
    landing: laid,
    marks,
    wallTop,
    height: wallTop + scale.size(view.height) + under,
    rest: wallTop + under + (scrolls ? OVERVIEW : 0),
  };
}
