import { keepPreviousData, queryOptions } from "@tanstack/react-query";
import { answered, api } from "./client";

/** Keys of everything kept from the server, made in one place. */
export const keys = {
  jobs: ["jobs"] as const,
  job: (job: string) => ["job", job] as const,
  wall: (job: string, wall: string, version: number) => ["job", job, "wall", wall, version] as const,
  sheet: (job: string, opening: string, version: number) => ["job", job, "sheet", opening, version] as const,
};

export const jobsQuery = () =>
  queryOptions({ queryKey: keys.jobs, queryFn: () => answered(api.GET("/api/jobs")) });

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

export const sheetQuery = (job: string, opening: string, version: number) =>
  queryOptions({
    queryKey: keys.sheet(job, opening, version),
    queryFn: () =>
      answered(api.GET("/api/jobs/{job}/openings/{opening}/sheet", { params: { path: { job, opening } } })),
  });
