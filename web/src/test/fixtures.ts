import type { Schemas, Ticket } from "../api/client";
import type { JobEditing } from "../api/useJobEditing";
import { NM_PER_INCH } from "../lib/length";

const inches = (value: number) => value * NM_PER_INCH;

const sawn = { made: "sawn", species: "spruce_pine_fir", grade: "number2", thickness: "two" } as const;

export function candidate(part: Partial<Schemas["CandidateView"]>): Schemas["CandidateView"] {
  return {
    spec: { board: { ...sawn, nominal_depth: "ten" }, plies: 2 },
    name: "2-2x10",
    material: "SPF No.2",
    verdict: "carries",
    ratio: 0.7,
    hardest: "bending",
    failures: [],
    weight_lb: 45,
    price_cents: 2280,
    jacks: [1, 1],
    in_place: false,
    best_at: [],
    ...part,
  };
}

const pack: Schemas["PackView"] = {
  jacks: 2,
  kings: 1,
  king_reasons: [{ name: "code table", count: 1, words: "1", counts: true, governs: true }],
  load_lb: 2400,
  jack_reasons: [
    {
      name: "header bearing",
      count: 1,
      words: "2400 lb, 2869 lb a jack (D+S)",
      governs: false,
      clause: "NDS",
    },
    { name: "shop rule", count: 2, words: "what the shop does", governs: true, clause: "Common practice" },
  ],
};

/** A ticket of an invented opening, as the server would send it. */
export function ticket(part: Partial<Ticket> = {}): Ticket {
  return {
    id: "00000000-0000-0000-0000-000000000007",
    letter: "B",
    kind: "pair of doors",
    left: inches(109),
    right: inches(183),
    center: inches(146),
    rough_width: inches(74),
    rough_height: inches(82.5),
    sill: 0,
    head: inches(82.5),
    verdict: "does_not_carry",
    verdict_words: "Does not carry",
    asked: [],
    has_numbers: true,
    below: [],
    snow_caution: "Snow: even on roofs.",
    sentence: "2-2x8 SPF No.2 over 6'-2\": bending at 131 % of what is allowed (D+S).",
    header: {
      name: "2-2x8 SPF No.2",
      length: inches(80),
      weight_lb: 40,
      chosen: true,
      design_span_in: 77,
      values_source: "NDS Supplement 2018 Table 4A, from memory",
      way_up: "",
      r_value: 6,
      spare_depth: inches(0.5),
      checks: [
        {
          kind: "bending",
          name: "bending",
          demand: "1380 psi",
          capacity: "1050 psi",
          ratio: 1.314,
          combination: "D+S",
          clause: "NDS",
        },
        {
          kind: "width",
          name: "width in the wall",
          demand: "3 in.",
          capacity: "3.5 in.",
          ratio: 0.86,
          combination: "",
          clause: "",
        },
      ],
    },
    margin: "Lean: only what code and arithmetic need.",
    schools: [
      {
        school: "code_table",
        name: "code table",
        governs: false,
        header: "2-2x10 SPF No.2",
        spec: { board: { ...sawn, nominal_depth: "ten" }, plies: 2 },
        jacks: 2,
        words: "Goes to 6'-8\".",
        carries_by_calculation: true,
      },
      {
        school: "shop_rule",
        name: "shop rule",
        governs: true,
        header: "2-2x8 SPF No.2",
        spec: { board: { ...sawn, nominal_depth: "eight" }, plies: 2 },
        jacks: 2,
        words: "What the shop does.",
        carries_by_calculation: false,
      },
    ],
    left_pack: pack,
    right_pack: pack,
    stack: [
      { kind: "opening", name: "rough opening", from: 0, height: inches(82.5) },
      { kind: "header", name: "header", from: inches(82.5), height: inches(7.25) },
    ],
    margins: { outside: [inches(109), inches(57)], inside: [inches(109), inches(57)] },
    nailing: [{ joint: "jack to king", nails: "10d box", source: "common practice, no source" }],
    assembly: ["Nail the first king of each end.", "Set the header on the jacks."],
    pieces: [{ role: "header", name: "header", count: 2, length: inches(80), stock: "2x8 SPF No.2" }],
    snaps: [],
    ...part,
  };
}

/** The header that does not carry and is in place, and the cheapest. */
export const candidates = () => [
  candidate({
    name: "2-2x8",
    verdict: "does_not_carry",
    ratio: 1.31,
    failures: ["bending at 131 %"],
    in_place: true,
  }),
  candidate({ best_at: ["cheapest"] }),
];

/** Editing that records what it was asked; edits of what is there now are asked of this job. */
export function recordingEditing(answer?: Schemas["Problem"], now?: Schemas["Job"]) {
  const asked: Schemas["Command"][] = [];
  const editing: JobEditing = {
    run: async (edit) => {
      const command = typeof edit === "function" ? now && edit(now) : edit;
      if (command) asked.push(command);
      return answer;
    },
    undo: async () => undefined,
    redo: async () => undefined,
    trouble: undefined,
    clearTrouble: () => undefined,
    conflict: undefined,
    applyOnTop: async () => undefined,
    dropMine: () => undefined,
  };
  return { asked, editing };
}
