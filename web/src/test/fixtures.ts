import type { Schemas, Ticket } from "../api/client";
import type { JobEditing } from "../api/useJobEditing";
import { NM_PER_INCH } from "../lib/length";
import type { Argument, Phrase } from "../speech/voice";

const inches = (value: number) => value * NM_PER_INCH;

/** Words that are said as they are. */
export const verbatim = (text: string): Phrase => ({ id: "verbatim", args: { text: { text } } });

const pounds = (value: number): Argument => ({ quantity: { value, unit: "pounds", decimals: 0 } });

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
  king_reasons: [
    {
      name: { id: "king-table-irc-2015" },
      count: 1,
      words: { id: "kings-asked", args: { count: { count: 1 } } },
      counts: true,
      governs: true,
    },
  ],
  load_lb: 2400,
  jack_reasons: [
    {
      name: { id: "jacks-by-header-bearing" },
      count: 1,
      words: {
        id: "jacks-of-a-load",
        args: {
          load: pounds(2400),
          each: pounds(2869),
          combination: { phrase: verbatim("D+S") },
        },
      },
      governs: false,
      clause: { id: "verbatim", args: { text: { text: "NDS" } } },
    },
    {
      name: { id: "jacks-by-shop-rule" },
      count: 2,
      words: { id: "jacks-by-what-the-shop-does" },
      governs: true,
      clause: { id: "clause-practice" },
    },
  ],
};

/** A ticket of an invented opening, as the server would send it. */
export function ticket(part: Partial<Ticket> = {}): Ticket {
  return {
    id: "00000000-0000-0000-0000-000000000007",
    letter: "B",
    kind: "pair_of_doors",
    left: inches(109),
    right: inches(183),
    center: inches(146),
    rough_width: inches(74),
    rough_height: inches(82.5),
    sill: 0,
    head: inches(82.5),
    is_asking: false,
    verdict: "does_not_carry",
    verdict_words: { id: "verdict-does-not-carry" },
    asked: [],
    has_numbers: true,
    short_returns: false,
    below: [],
    snow_caution: { id: "snow-is-even" },
    sentence: verbatim("2-2x8 SPF No.2: bending at 131 % of what is allowed (D+S)."),
    header: {
      name: "2-2x8 SPF No.2",
      length: inches(80),
      weight_lb: 40,
      chosen: true,
      design_span_in: 77,
      values_source: verbatim("NDS Supplement 2018 Table 4A"),
      r_value: 6,
      spare_depth: inches(0.5),
      checks: [
        {
          kind: "bending",
          demand: 1380,
          capacity: 1050,
          unit: "psi",
          ratio: 1.314,
          combination: verbatim("D+S"),
          clause: { id: "verbatim", args: { text: { text: "NDS" } } },
        },
        {
          kind: "width",
          demand: 3,
          capacity: 3.5,
          unit: "inches",
          ratio: 0.86,
          combination: verbatim(""),
          clause: { id: "clause-practice" },
        },
      ],
    },
    margin: { id: "margin-lean" },
    schools: [
      {
        school: "code_table",
        governs: false,
        header: "2-2x10 SPF No.2",
        spec: { board: { ...sawn, nominal_depth: "ten" }, plies: 2 },
        jacks: 2,
        words: verbatim("Goes to 80."),
        carries_by_calculation: true,
      },
      {
        school: "shop_rule",
        governs: true,
        header: "2-2x8 SPF No.2",
        spec: { board: { ...sawn, nominal_depth: "eight" }, plies: 2 },
        jacks: 2,
        words: { id: "shop-does-not-carry" },
        carries_by_calculation: false,
      },
    ],
    left_pack: pack,
    right_pack: pack,
    stack: [
      { kind: "opening", from: 0, height: inches(82.5) },
      { kind: "header", from: inches(82.5), height: inches(7.25) },
    ],
    margins: { outside: [inches(109), inches(57)], inside: [inches(109), inches(57)] },
    nailing: [
      { joint: { id: "joint-jack-king" }, nails: verbatim("10d box"), source: { id: "source-practice" } },
    ],
    assembly: [
      { id: "assembly-first-kings" },
      { id: "assembly-set-the-header", args: { over: { phrase: { id: "role-header" } } } },
    ],
    pieces: [{ role: "header", count: 2, length: inches(80), stock: "2x8 SPF No.2", minded: "nothing" }],
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
    failures: [verbatim("bending at 131 %")],
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
    dropped: undefined,
    applyOnTop: async () => undefined,
    dropMine: () => undefined,
  };
  return { asked, editing };
}
