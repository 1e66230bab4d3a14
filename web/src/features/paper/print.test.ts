import { act, renderHook } from "@testing-library/react";
import { beforeEach, expect, test } from "vitest";
import { USUAL } from "../../speech/preferences";
import { pdfAddress, usePaperSize } from "./print";

beforeEach(() => localStorage.clear());

test("who measures in millimeters prints on A4, until another paper is chosen; the choice stays", () => {
  const { result } = renderHook(() => usePaperSize("millimeters"));
  expect(result.current[0]).toBe("a4");
  act(() => result.current[1]("letter"));
  expect(result.current[0]).toBe("letter");
  expect(renderHook(() => usePaperSize("millimeters")).result.current[0]).toBe("letter");
});

test("a sheet is printed in the words and units that it is read in", () => {
  const address = pdfAddress("/api/jobs/1/openings/2/sheet.pdf", "a4", { ...USUAL, language: "es" });
  expect(address).toBe(
    "/api/jobs/1/openings/2/sheet.pdf?paper=a4&language=es&vocabulary=jack&units=feet_and_inches",
  );
});
