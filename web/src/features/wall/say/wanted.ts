import type { Command, Schemas } from "../../../api/client";
import type { Edit } from "../../../api/useJobEditing";

/** The edit that was said: openings more, all in one version; the wall so long, so high, of such studs; or a piece of its framing. */
export function wanted(view: Schemas["SayView"], wall: string): Edit | undefined {
  const { designs, wall: said, let_down, board, kept_clear, ceiling, corner } = view;
  const commands = designs.map((design): Command => ({ do: "add_opening", wall, opening: { design } }));
  const [first, ...more] = commands;
  if (first) return more.length === 0 ? first : { do: "together", commands };
  if (let_down || board || kept_clear || ceiling || corner) {
    return (now) => {
      const frame = now.walls.find((each) => each.id === wall)?.frame;
      if (!frame) return undefined;
      const { let_downs, boards } = frame.framing;
      const framing = {
        ...frame.framing,
        let_downs: let_down ? fromTheLeft([...let_downs, let_down]) : let_downs,
        boards: board ? [...boards, board] : boards,
        kept_clear: kept_clear ? [...frame.framing.kept_clear, kept_clear] : frame.framing.kept_clear,
        ceiling: ceiling ?? frame.framing.ceiling,
        left_end: corner === "left" ? THREE_PIECES : frame.framing.left_end,
        right_end: corner === "right" ? THREE_PIECES : frame.framing.right_end,
      };
      return { do: "change_wall", wall, frame: { ...frame, framing } };
    };
  }
  if (!said) return undefined;
  return (now) => {
    const frame = now.walls.find((each) => each.id === wall)?.frame;
    if (!frame) return undefined;
    const { length, height, stud_depth, spacing } = said;
    return {
      do: "change_wall",
      wall,
      frame: {
        ...frame,
        length: length ?? frame.length,
        height: height ?? frame.height,
        stud_depth: stud_depth ?? frame.stud_depth,
        spacing: spacing ?? frame.spacing,
        framing: height == null ? frame.framing : { ...frame.framing, height_by: { by: "over_plates" } },
      },
    };
  };
}

const THREE_PIECES = "three_piece_corner";

/** As the server answers them, from left to right. */
const fromTheLeft = <T extends { readonly from: number | string }>(all: readonly T[]): T[] =>
  all.toSorted((a, b) => Number(a.from) - Number(b.from));
