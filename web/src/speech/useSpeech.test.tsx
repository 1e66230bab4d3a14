import { cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, describe, expect, test } from "vitest";
import { LengthText } from "../components/LengthText";
import { SvgLength } from "../components/SvgLength";
import { NM_PER_INCH } from "../lib/length";
import { renderFor } from "../test/speaking";
import { SpeechSheet } from "./SpeechSheet";
import { useSpeech } from "./useSpeech";
import type { Phrase } from "./voice";

// A dialog opens itself; the page of the tests has none.
HTMLDialogElement.prototype.showModal = function show() {
  this.open = true;
};

afterEach(() => {
  cleanup();
  localStorage.clear();
});

const JACKS: Phrase = {
  id: "some-at-each-end",
  args: { count: { count: 2 }, length: { length: 37.5 * NM_PER_INCH } },
};

function Spoken({ phrase, part = "" }: { readonly phrase: Phrase; readonly part?: string }) {
  const { say, alsoCalled } = useSpeech();
  return <p title={alsoCalled(part)}>{say(phrase)}</p>;
}

describe("what a user hears", () => {
  test("is said in feet and inches until something else is chosen", () => {
    renderFor({}, <Spoken phrase={JACKS} part="jack" />);
    expect(screen.getByText('2 of 37 1/2" at each end').title).toBe(
      "Also called: jack, trimmer, jamb stud, secondary stud",
    );
  });

  test("is in the language, words and units that were chosen, on paper as in drawings", () => {
    renderFor(
      { units: "millimeters", vocabulary: "lintel" },
      <>
        <Spoken phrase={JACKS} />
        <Spoken phrase={{ id: "count-of-jacks", args: { count: { count: 2 } } }} />
        <LengthText value={10 * NM_PER_INCH} />
        <svg>
          <title>A drawing</title>
          <SvgLength value={NM_PER_INCH / 16} x={0} y={0} />
        </svg>
      </>,
    );
    expect(screen.getByText("2 of 952.5 mm at each end")).toBeTruthy();
    expect(screen.getByText("2 jamb studs")).toBeTruthy();
    expect(document.body.textContent).toContain("254 mm");
    expect(document.querySelector("svg text")?.textContent).toBe("1.6");
  });

  test("is Spanish for who chose it, the page's language with it", () => {
    renderFor({ language: "es", units: "millimeters" }, <Spoken phrase={JACKS} />);
    expect(screen.getByText("2 de 952.5 mm en cada extremo")).toBeTruthy();
    expect(document.documentElement.lang).toBe("es");
  });

  test("stands in brackets in the language that is none, but for what is the user's own", () => {
    renderFor(
      { language: "pseudo" },
      <>
        <Spoken phrase={JACKS} />
        <Spoken phrase={{ id: "verbatim", args: { text: { text: "North" } } }} />
      </>,
    );
    expect(screen.getByText('⟦2 of 37 1/2" at each end⟧')).toBeTruthy();
    expect(screen.getByText("North")).toBeTruthy();
  });

  test("survives a preference that cannot be read", () => {
    localStorage.setItem("sturvek.speech", "{");
    renderFor({ vocabulary: "no such way", units: "furlongs" }, <Spoken phrase={JACKS} />);
    expect(screen.getByText('2 of 37 1/2" at each end')).toBeTruthy();
  });

  test("changes at once, and is kept on the device", () => {
    renderFor(
      {},
      <>
        <SpeechSheet close={() => undefined} />
        <Spoken
          phrase={{
            id: "mark-of-length",
            args: { what: { phrase: { id: "mark-king" } }, length: { length: 10 * NM_PER_INCH } },
          }}
        />
      </>,
    );
    fireEvent.click(screen.getByRole("button", { name: "Millimeters, kilonewtons" }));
    fireEvent.change(screen.getByLabelText("The parts are called"), { target: { value: "lintel" } });
    expect(screen.getByText("full-height stud 254 mm")).toBeTruthy();
    expect(screen.getByRole("option", { name: "header, jack, king" })).toBeTruthy();
    expect(JSON.parse(localStorage.getItem("sturvek.speech") ?? "")).toEqual({
      language: "en",
      units: "millimeters",
      vocabulary: "lintel",
    });
    fireEvent.click(screen.getByRole("button", { name: "Español" }));
    expect(screen.getByText("montante principal 254 mm")).toBeTruthy();
  });
});
