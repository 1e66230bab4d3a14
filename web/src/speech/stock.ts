import type { Schemas } from "../api/client";
import type { Say } from "./voice";

export type CutFrom = Readonly<Pick<Schemas["Member"], "stock" | "minded">>;

/** What a piece is cut from, with what has to be minded. */
export function stockText(say: Say, piece: CutFrom): string {
  if (piece.minded === "nothing") return piece.stock;
  return say(piece.minded === "top_up" ? "stock-top-up" : "stock-treated", { wood: piece.stock });
}
