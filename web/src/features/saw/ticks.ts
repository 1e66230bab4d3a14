import type { Schemas } from "../../api/client";

export type Setting = Schemas["SawSetting"];
export type Piece = Schemas["SawPiece"];
/** A tick as it is sent; the device counts its sequence. */
export type Tick = Schemas["TickRequest"];
type View = Schemas["SawView"];

/** What the saw shows with what was ticked off here and has not arrived yet. */
export function withTicks(view: View, waiting: readonly Tick[]): View {
  const last = new Map<string, boolean>();
  for (const tick of waiting) last.set(tick.piece, !tick.taken_back);
  const settings = view.settings.map((setting) => ({
    ...setting,
    pieces: setting.pieces.map((piece) => ({ ...piece, cut: last.get(piece.piece) ?? piece.cut })),
  }));
  const cut = settings.reduce((sum, { pieces }) => sum + cutOf(pieces), 0);
  return { ...view, settings, cut };
}

/** How many of these are cut. */
export const cutOf = (pieces: readonly Piece[]) => pieces.filter(({ cut }) => cut).length;

/** The piece that a tap counts: the first that is not cut. */
export const nextOf = (setting: Setting) => setting.pieces.find(({ cut }) => !cut);

/** The piece that is taken back: the last that is cut. */
export const lastOf = (setting: Setting) => setting.pieces.findLast(({ cut }) => cut);

/** The setting to cut at next, from this one on and round again; the same where all is cut. */
export function nextSetting(settings: readonly Setting[], from: number): number {
  for (let step = 1; step <= settings.length; step++) {
    const place = (from + step) % settings.length;
    const setting = settings[place];
    if (setting && nextOf(setting)) return place;
  }
  return from;
}

/** The tick of a piece of a setting. */
export function tickOf(setting: Setting, piece: Piece, sequence: number, takenBack: boolean): Tick {
  const { wood, treated, length, bevel } = setting;
  return { sequence, piece: piece.piece, wood, treated, length, bevel: bevel ?? null, taken_back: takenBack };
}

/** By what a setting is known from one list to the next. */
export const settingKey = ({ wood, treated, length, bevel, top_up }: Setting) =>
  [wood, treated, length, bevel?.drop ?? "", bevel?.over ?? "", top_up].join("|");

/** Degrees off square of a cut. */
export const degreesOf = (bevel: Setting["bevel"]) =>
  bevel ? (Math.atan2(bevel.drop, bevel.over) * 180) / Math.PI : undefined;
