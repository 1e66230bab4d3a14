export interface Pencil {
  readonly fill: string;
  readonly stroke: string;
  readonly width: number;
  readonly dash?: string;
}

const thin = { stroke: "var(--graphite)", width: 0.8 };

/** How each member is drawn: one table, by role. Line weight and hatching carry the meaning; wood has one color. */
export const PENCILS = {
  sole_plate: { ...thin, fill: "var(--wood)", width: 1.2 },
  sole_plate_cut_last: { fill: "none", stroke: "var(--pencil)", width: 1, dash: "4 3" },
  top_plate: { ...thin, fill: "var(--wood)", width: 1.2 },
  second_top_plate: { ...thin, fill: "var(--wood)", width: 1.2 },
  stud: { ...thin, fill: "var(--wood)" },
  corner_stud: { fill: "var(--wood)", stroke: "var(--graphite)", width: 1.3 },
  partition_stud: { fill: "var(--wood)", stroke: "var(--graphite)", width: 1.3 },
  partition_backer: { fill: "var(--wood-deep)", stroke: "var(--graphite)", width: 0.8 },
  ladder_block: { fill: "var(--wood-deep)", stroke: "var(--graphite)", width: 0.8 },
  blocking: { ...thin, fill: "var(--wood)" },
  point_load_stud: { fill: "var(--wood-deep)", stroke: "var(--graphite)", width: 1.8 },
  king: { fill: "var(--wood)", stroke: "var(--graphite)", width: 1.7 },
  jack: { fill: "url(#hatch-jack)", stroke: "var(--graphite)", width: 1.2 },
  header_post: { fill: "url(#hatch-jack)", stroke: "var(--graphite)", width: 1.6 },
  header: { fill: "url(#hatch-header)", stroke: "var(--graphite)", width: 1.8 },
  nailer: { ...thin, fill: "var(--wood)", width: 1.1 },
  head_packing: { ...thin, fill: "url(#hatch-cripple)" },
  flat_head: { ...thin, fill: "var(--wood)", width: 1.4 },
  sill: { ...thin, fill: "var(--wood)", width: 1.4 },
  cripple_above: { ...thin, fill: "url(#hatch-cripple)" },
  cripple_below: { ...thin, fill: "url(#hatch-cripple)" },
  bay_filler: { ...thin, fill: "url(#hatch-cripple)" },
  step_stud: { fill: "var(--wood)", stroke: "var(--graphite)", width: 1.5 },
  plate_end_block: { fill: "var(--wood-deep)", stroke: "var(--graphite)", width: 0.8 },
  corner_block: { fill: "var(--wood-deep)", stroke: "var(--graphite)", width: 0.8 },
  backing_block: { fill: "var(--wood-deep)", stroke: "var(--graphite)", width: 1 },
  temporary_stud: { fill: "var(--sheet)", stroke: "var(--graphite)", width: 1, dash: "6 3" },
  ceiling_block: { fill: "var(--wood-deep)", stroke: "var(--graphite)", width: 0.8 },
  squash_block: { fill: "url(#hatch-jack)", stroke: "var(--graphite)", width: 1.2 },
} satisfies Record<string, Pencil>;

/** A role without a pencil cannot be drawn: whoever hands over a member is told so by the compiler. */
export type DrawnRole = keyof typeof PENCILS;
