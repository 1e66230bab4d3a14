import type { OpeningView } from "../../../api/client";
import { NM_PER_INCH, NM_PER_MILLIMETER, NM_PER_SIXTEENTH, type Units } from "../../../lib/length";
import { isPressed, type OpeningCommand, type Pressed } from "./commands";

interface Doing {
  readonly units: Units;
  readonly nudge: (opening: OpeningView, by: number) => void;
  readonly forget: () => void;
  readonly select: (opening: string) => void;
  readonly remove: (opening: string) => void;
}

/** All that a key does to the opening that has the focus: the drawing's keys and the help sheet come from here. */
export function openingCommands({ units, nudge, forget, select, remove }: Doing): readonly OpeningCommand[] {
  const metric = units === "millimeters";
  const [small, large] = metric
    ? [NM_PER_MILLIMETER, 10 * NM_PER_MILLIMETER]
    : [NM_PER_SIXTEENTH, NM_PER_INCH];
  const along = (shift: boolean, by: number) => [
    { keys: { key: "ArrowLeft", shift }, run: (opening: OpeningView) => nudge(opening, -by) },
    { keys: { key: "ArrowRight", shift }, run: (opening: OpeningView) => nudge(opening, by) },
  ];
  const look = (opening: OpeningView) => select(opening.id);
  const out = (opening: OpeningView) => remove(opening.id);
  return [
    {
      name: "move",
      label: metric ? { id: "page-move-by-a-millimeter" } : { id: "page-move-by-a-sixteenth" },
      presses: along(false, small),
    },
    {
      name: "move-far",
      label: metric ? { id: "page-move-by-ten-millimeters" } : { id: "page-move-by-an-inch" },
      presses: along(true, large),
    },
    {
      name: "look",
      label: { id: "page-look-at-its-ticket" },
      presses: [
        { keys: { key: "Enter" }, run: look },
        { keys: { key: " " }, run: look, untold: true },
      ],
    },
    {
      name: "leave",
      label: { id: "page-leave-it-as-it-was" },
      presses: [{ keys: { key: "Escape" }, run: forget, passes: true }],
    },
    {
      name: "take-out",
      label: { id: "page-take-it-out" },
      presses: [
        { keys: { key: "Delete" }, run: out },
        { keys: { key: "Backspace" }, run: out, untold: true },
      ],
    },
  ];
}

/** Does what a press asks of an opening; answers whether the press is used up. */
export function pressOn(
  opening: OpeningView,
  pressed: Pressed,
  commands: readonly OpeningCommand[],
): boolean {
  const wanted = commands.flatMap((command) => command.presses).find((each) => isPressed(each.keys, pressed));
  wanted?.run(opening);
  return wanted !== undefined && !wanted.passes;
}
