import type { Command, Schemas } from "../../../api/client";
import type { Edit } from "../../../api/useJobEditing";

/** The edit that was said: openings more, all in one version; or the wall so long, so high, of such studs. */
export function wanted({ designs, wall: said }: Schemas["SayView"], wall: string): Edit | undefined {
  const commands = designs.map((design): Command => ({ do: "add_opening", wall, opening: { design } }));
  const [first, ...more] = commands;
  if (first) return more.length === 0 ? first : { do: "together", commands };
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
