import { cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, describe, expect, test } from "vitest";
import { LengthText } from "../components/LengthText";
import { SvgLength } from "../components/SvgLength";
import { NM_PER_INCH } from "../lib/length";
import { renderFor } from "../test/speaking";
import { SpeechSheet } from "./SpeechSheet";
import { useSpeech } from "./useSpeech";

// A dialog opens itself; the page of the tests has none.
HTMLDialogElement.prototype.showModal = function show() {
  this.open = true;
};

afterEach(() => {
  cleanup();
  localStorage.clear();
});

function Spoken({ text }: { readonly text: string }) {
  const { say, alsoCalled } = useSpeech();
  return <p title={alsoCalled(text)}>{say(text)}</p>;
}

describe("what a user hears", () => {
  test("is the core's own words in feet and inches until something else is chosen", () => {
    renderFor({}, <Spoken text={'2 jacks of 37 1/2"'} />);
    expect(screen.getByText('2 jacks of 37 1/2"').title).toBe("Also called: jack, trimmer, jamb stud");
  });

  test("is in the words and units that were chosen, on paper as in drawings", () => {
    renderFor(
      { units: "millimeters", vocabulary: "lintel" },
      <>
        <Spoken text={'2 jacks of 37 1/2"'} />
        <LengthText value={10 * NM_PER_INCH} />
        <svg>
          <title>A drawing</title>
          <SvgLength value={NM_PER_INCH / 16} x={0} y={0} />
        </svg>
      </>,
    );
    expect(screen.getByText("2 jamb studs of 952.5 mm")).toBeTruthy();
    expect(document.body.textContent).toContain("254 mm");
    expect(document.querySelector("svg text")?.textContent).toBe("1.5875");
  });

  test("survives a preference that cannot be read", () => {
    localStorage.setItem("sturvek.speech", "{");
    renderFor({ vocabulary: "no such way", units: "furlongs" }, <Spoken text="a king" />);
    expect(screen.getByText("a king")).toBeTruthy();
  });

  test("changes at once, and is kept on the device", () => {
    renderFor(
      {},
      <>
        <SpeechSheet close={() => undefined} />
        <Spoken text={'the king is 10"'} />
      </>,
    );
    fireEvent.click(screen.getByRole("button", { name: "Millimeters" }));
    fireEvent.change(screen.getByLabelText("The parts are called"), { target: { value: "lintel" } });
    expect(screen.getByText("the full-height stud is 254 mm")).toBeTruthy();
    expect(screen.getByRole("option", { name: "header, jack, king" })).toBeTruthy();
    expect(JSON.parse(localStorage.getItem("sturvek.speech") ?? "")).toEqual({
      units: "millimeters",
      vocabulary: "lintel",
    });
  });
});
