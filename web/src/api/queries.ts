import { infiniteQueryOptions, keepPreviousData, queryOptions } from "@tanstack/react-query";
import type { PartOfHouse } from "../lib/partOfHouse";
import type { Planning } from "../lib/planning";
import { answered, api, type Schemas } from "./client";

/** Keys of everything kept from the server, made in one place. */
export const keys = {
  jobs: ["jobs"] as const,
  jobsNamed: (named: string, away: boolean) => ["jobs", "named", named, away] as const,
  totals: (job: string, version: number) => ["job", job, "totals", version] as const,
  job: (job: string) => ["job", job] as const,
  wall: (job: string, wall: string, version: number) => ["job", job, "wall", wall, version] as const,
  ticket: (job: string, opening: string, version: number) =>
    ["job", job, "ticket", opening, version] as const,
  candidates: (job: string, opening: string, version: number) =>
    ["job", job, "candidates", opening, version] as const,
  capability: (job: string, opening: string, version: number) =>
    ["job", job, "capability", opening, version] as const,
  reach: (job: string, opening: string, version: number, snow: number, building: number) =>
    ["job", job, "reach", opening, version, snow, building] as const,
  oneSize: (job: string, version: number) => ["job", job, "one-size", version] as const,
  path: (job: string, version: number) => ["job", job, "path", version] as const,
  cut: (job: string, version: number, part: PartOfHouse) => ["job", job, "cut", version, part] as const,
  labels: (job: string, version: number, part: PartOfHouse) => ["job", job, "labels", version, part] as const,
  shore: (job: string, wall: string, version: number, asked: object) =>
    ["job", job, "shore", wall, version, asked] as const,
  shoreWorking: (job: string, wall: string, version: number, asked: object) =>
    ["job", job, "shore-working", wall, version, asked] as const,
  beamIn: (job: string, wall: string, version: number, way: object) =>
    ["job", job, "beam-in", wall, version, way] as const,
  returns: (job: string, opening: string, version: number) =>
    ["job", job, "returns", opening, version] as const,
  openingOrder: (job: string, wall: string) => ["job", job, "order", wall] as const,
  raise: (job: string, version: number) => ["job", job, "raise", version] as const,
  hoist: (job: string, wall: string, version: number, asked: object) =>
    ["job", job, "hoist", wall, version, asked] as const,
  sticks: (job: string, version: number, planning: Planning) =>
    ["job", job, "sticks", version, planning] as const,
  hardware: (job: string, version: number) => ["job", job, "hardware", version] as const,
  oneSizeBought: (job: string, version: number, planning: Planning) =>
    ["job", job, "one-size-bought", version, planning] as const,
  orders: (job: string) => ["job", job, "orders"] as const,
  ownPrices: ["own-prices"] as const,
  /** All that changes when something is cut. */
  cutting: (job: string) => (["saw", "cut", "sticks"] as const).map((what) => ["job", job, what] as const),
  saw: (job: string, part: PartOfHouse) => ["job", job, "saw", part] as const,
  site: ["site"] as const,
  devices: ["devices"] as const,
  inputs: ["inputs"] as const,
  materials: ["materials"] as const,
  wallPaper: (job: string, wall: string, sheet: string, version: number) =>
    ["job", job, "paper", wall, sheet, version] as const,
  member: (job: string, part: string, version: number) => ["job", job, "member", part, version] as const,
  choices: (job: string, part: string, version: number) => ["job", job, "choices", part, version] as const,
  sheet: (job: string, opening: string, version: number) => ["job", job, "sheet", opening, version] as const,
};

/** The jobs with these words in their names, page by page; those that were put away, or those that were not. */
export const jobsQuery = (named: string, away = false) =>
  infiniteQueryOptions({
    queryKey: keys.jobsNamed(named, away),
    queryFn: ({ pageParam }) =>
      answered(
        api.GET("/api/jobs", { params: { query: { after: pageParam, named: named || undefined, away } } }),
      ),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: (page) => page.next ?? undefined,
    placeholderData: keepPreviousData,
  });

/** How often the machine's own screen looks who has been paired. */
const LOOK_EVERY = 3_000;

/** How the owner's devices reach the machine, and the code for the next one. */
export const siteQuery = queryOptions({
  queryKey: keys.site,
  queryFn: () => answered(api.GET("/api/site")),
  refetchInterval: LOOK_EVERY,
  retry: false,
});

export const devicesQuery = queryOptions({
  queryKey: keys.devices,
  queryFn: () => answered(api.GET("/api/devices")),
  refetchInterval: LOOK_EVERY,
});

/** What is cut of a job, or of a wall or a storey of it, at one version. */
export const cutQuery = (job: string, version: number, part: PartOfHouse) =>
  queryOptions({
    queryKey: keys.cut(job, version, part),
    queryFn: () => answered(api.GET("/api/jobs/{job}/cut", { params: { path: { job }, query: part } })),
    placeholderData: keepPreviousData,
  });

/** Whether the beams of a wall get in by a way, as it is typed. */
export const beamInQuery = (
  job: string,
  wall: string,
  version: number,
  way: { passage: string; door: string; straight: string },
) =>
  queryOptions({
    queryKey: keys.beamIn(job, wall, version, way),
    queryFn: () =>
      answered(
        api.GET("/api/jobs/{job}/walls/{wall}/beam-in", { params: { path: { job, wall }, query: way } }),
      ),
    retry: false,
  });

/** How the studs of the temporary walls are worked out. */
export const shoreWorkingQuery = (job: string, wall: string, version: number, asked: ShoreAsked) =>
  queryOptions({
    queryKey: keys.shoreWorking(job, wall, version, asked),
    queryFn: () =>
      answered(
        api.GET("/api/jobs/{job}/walls/{wall}/shore/working", {
          params: { path: { job, wall }, query: asked },
        }),
      ),
    retry: false,
  });

/** The order in which a wall is opened, and how far it is. */
export const openingOrderQuery = (job: string, wall: string) =>
  queryOptions({
    queryKey: keys.openingOrder(job, wall),
    queryFn: () =>
      answered(api.GET("/api/jobs/{job}/walls/{wall}/order", { params: { path: { job, wall } } })),
    retry: false,
  });

/** What the walls of a job weigh, and who lifts them. */
export const raiseQuery = (job: string, version: number) =>
  queryOptions({
    queryKey: keys.raise(job, version),
    queryFn: () => answered(api.GET("/api/jobs/{job}/raise", { params: { path: { job } } })),
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
  });

/** How a wall is opened, as it is typed. */
interface ShoreAsked {
  readonly lower: string;
  readonly upper: string;
  readonly header?: Schemas["Depth"];
  readonly apart?: string;
  readonly joist_depth?: Schemas["Depth"];
  readonly joist_species?: Schemas["Species"];
  readonly joist_grade?: Schemas["Grade"];
  readonly joist_spacing?: string;
  readonly plies: number;
  readonly rows: number;
  readonly cleared: boolean;
  readonly no_snow: boolean;
}

/** What stands while a wall is opened. */
export const shoreQuery = (job: string, wall: string, version: number, asked: ShoreAsked) =>
  queryOptions({
    queryKey: keys.shore(job, wall, version, asked),
    queryFn: () =>
      answered(
        api.GET("/api/jobs/{job}/walls/{wall}/shore", { params: { path: { job, wall }, query: asked } }),
      ),
    placeholderData: keepPreviousData,
    retry: false,
  });

/** What a hook takes of a wall. */
export const hoistQuery = (
  job: string,
  wall: string,
  version: number,
  asked: { rated: number; hook: string; second?: string; height?: string },
) =>
  queryOptions({
    queryKey: keys.hoist(job, wall, version, asked),
    queryFn: () =>
      answered(
        api.GET("/api/jobs/{job}/walls/{wall}/hoist", { params: { path: { job, wall }, query: asked } }),
      ),
    placeholderData: keepPreviousData,
    retry: false,
  });

/** Labels for what is cut, of the house or a part of it. */
export const labelsQuery = (job: string, version: number, part: PartOfHouse) =>
  queryOptions({
    queryKey: keys.labels(job, version, part),
    queryFn: () =>
      answered(api.GET("/api/jobs/{job}/labels", { params: { path: { job }, query: { ...part } } })),
    staleTime: Number.POSITIVE_INFINITY,
  });

/** The sticks that a job is cut from, at one version, with prices of now. */
export const sticksQuery = (job: string, version: number, planning: Planning) =>
  queryOptions({
    queryKey: keys.sticks(job, version, planning),
    queryFn: () =>
      answered(api.GET("/api/jobs/{job}/sticks", { params: { path: { job }, query: planning } })),
    placeholderData: keepPreviousData,
    staleTime: 10_000,
  });

/** Nails, hangers and bolts of a job. */
export const hardwareQuery = (job: string, version: number) =>
  queryOptions({
    queryKey: keys.hardware(job, version),
    queryFn: () => answered(api.GET("/api/jobs/{job}/hardware", { params: { path: { job } } })),
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
  });

/** What one header over everything would cost. */
export const oneSizeBoughtQuery = (job: string, version: number, planning: Planning) =>
  queryOptions({
    queryKey: keys.oneSizeBought(job, version, planning),
    queryFn: () =>
      answered(
        api.GET("/api/jobs/{job}/one-size/bought", {
          params: { path: { job }, query: { prices: planning.prices } },
        }),
      ),
    staleTime: 60_000,
  });

/** What was ordered for a job. */
export const ordersQuery = (job: string) =>
  queryOptions({
    queryKey: keys.orders(job),
    queryFn: () => answered(api.GET("/api/jobs/{job}/orders", { params: { path: { job } } })),
  });

/** Whether there is a price list of one's own. */
export const ownPricesQuery = queryOptions({
  queryKey: keys.ownPrices,
  queryFn: () => answered(api.GET("/api/prices")),
});

/** How often the saw looks what others cut, and what changed at the desk. */
const LOOK_AT_THE_SAW = 5_000;

/** What is cut at the saw and what is cut already: of now, as others cut too. */
export const sawQuery = (job: string, part: PartOfHouse) =>
  queryOptions({
    queryKey: keys.saw(job, part),
    queryFn: () => answered(api.GET("/api/jobs/{job}/saw", { params: { path: { job }, query: part } })),
    refetchInterval: LOOK_AT_THE_SAW,
    staleTime: 0,
    retry: false,
  });

/** How much of a job is settled, at one version of it. */
export const totalsQuery = (job: string, version: number) =>
  queryOptions({
    queryKey: keys.totals(job, version),
    queryFn: () => answered(api.GET("/api/jobs/{job}/totals", { params: { path: { job } } })),
    staleTime: Number.POSITIVE_INFINITY,
  });

export const jobQuery = (job: string) =>
  queryOptions({
    queryKey: keys.job(job),
    queryFn: () => answered(api.GET("/api/jobs/{job}", { params: { path: { job } } })),
  });

/** The planned wall at one version of its job: a new version is a new picture. */
export const wallQuery = (job: string, wall: string, version: number) =>
  queryOptions({
    queryKey: keys.wall(job, wall, version),
    queryFn: () => answered(api.GET("/api/jobs/{job}/walls/{wall}", { params: { path: { job, wall } } })),
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
  });

/** What to cut for an opening, and why it holds. */
export const ticketQuery = (job: string, opening: string, version: number) =>
  queryOptions({
    queryKey: keys.ticket(job, opening, version),
    queryFn: () =>
      answered(api.GET("/api/jobs/{job}/openings/{opening}/ticket", { params: { path: { job, opening } } })),
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
  });

/** Every header that was tried over an opening. */
export const candidatesQuery = (job: string, opening: string, version: number) =>
  queryOptions({
    queryKey: keys.candidates(job, opening, version),
    queryFn: () =>
      answered(
        api.GET("/api/jobs/{job}/openings/{opening}/candidates", { params: { path: { job, opening } } }),
      ),
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
  });

export const sheetQuery = (job: string, opening: string, version: number) =>
  queryOptions({
    queryKey: keys.sheet(job, opening, version),
    queryFn: () =>
      answered(api.GET("/api/jobs/{job}/openings/{opening}/sheet", { params: { path: { job, opening } } })),
  });

/** The sheet of a beam or a post. */
export const memberQuery = (job: string, part: string, version: number) =>
  queryOptions({
    queryKey: keys.member(job, part, version),
    queryFn: () =>
      answered(api.GET("/api/jobs/{job}/members/{part}/sheet", { params: { path: { job, part } } })),
  });

export type WallSheet = "wall" | "plates" | "cuts";

/** A sheet of a wall, as it is printed. */
export const wallPaperQuery = (job: string, wall: string, sheet: WallSheet, version: number) =>
  queryOptions({
    queryKey: keys.wallPaper(job, wall, sheet, version),
    queryFn: () =>
      answered(
        api.GET("/api/jobs/{job}/walls/{wall}/papers/{sheet}", { params: { path: { job, wall, sheet } } }),
      ),
  });

export const capabilityQuery = (job: string, opening: string, version: number) =>
  queryOptions({
    queryKey: keys.capability(job, opening, version),
    queryFn: () =>
      answered(
        api.GET("/api/jobs/{job}/openings/{opening}/capability", { params: { path: { job, opening } } }),
      ),
    placeholderData: keepPreviousData,
  });

/** How far the stock reaches, with snow and building in parts of a hundred of what they are. */
export const reachQuery = (job: string, opening: string, version: number, snow: number, building: number) =>
  queryOptions({
    queryKey: keys.reach(job, opening, version, snow, building),
    queryFn: () =>
      answered(
        api.GET("/api/jobs/{job}/openings/{opening}/reach", {
          params: { path: { job, opening }, query: { snow, building } },
        }),
      ),
    placeholderData: keepPreviousData,
  });

/** The braced returns beside a door. */
export const returnsQuery = (job: string, opening: string, version: number) =>
  queryOptions({
    queryKey: keys.returns(job, opening, version),
    queryFn: () =>
      answered(api.GET("/api/jobs/{job}/openings/{opening}/returns", { params: { path: { job, opening } } })),
  });

export const oneSizeQuery = (job: string, version: number) =>
  queryOptions({
    queryKey: keys.oneSize(job, version),
    queryFn: () => answered(api.GET("/api/jobs/{job}/one-size", { params: { path: { job } } })),
  });

/** Where the loads of a house go, at one version of its job. */
export const pathQuery = (job: string, version: number) =>
  queryOptions({
    queryKey: keys.path(job, version),
    queryFn: () => answered(api.GET("/api/jobs/{job}/path", { params: { path: { job } } })),
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
  });

/** What may go in as a beam or a post of the house. */
export const memberChoicesQuery = (job: string, part: string, version: number) =>
  queryOptions({
    queryKey: keys.choices(job, part, version),
    queryFn: () => answered(api.GET("/api/jobs/{job}/members/{part}", { params: { path: { job, part } } })),
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
  });

/** What every input may be. */
export const inputsQuery = () =>
  queryOptions({
    queryKey: keys.inputs,
    queryFn: () => answered(api.GET("/api/inputs")),
    staleTime: Number.POSITIVE_INFINITY,
  });

export const materialsQuery = () =>
  queryOptions({
    queryKey: keys.materials,
    queryFn: () => answered(api.GET("/api/materials")),
    staleTime: Number.POSITIVE_INFINITY,
  });
