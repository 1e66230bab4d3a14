import { useRef } from "react";
import { Bevel } from "../../components/Bevel";
import { LengthText } from "../../components/LengthText";
import { useSpeech } from "../../speech/useSpeech";
import { cutOf, degreesOf, lastOf, nextOf, type Piece, type Setting } from "./ticks";

/** A press that stays this long takes one back, ms. */
const HOLD = 600;

interface Props {
  readonly setting: Setting;
  /** Which setting of how many it is. */
  readonly place: number;
  readonly settings: number;
  readonly tick: (piece: Piece, takenBack: boolean) => void;
  readonly before: () => void;
  readonly next: () => void;
  readonly nextOpen: () => void;
}

/** One setting of the stop: what to set it to, how many are cut of how many, and who gets the next one. */
export function OneSetting({ setting, place, settings, tick, before, next, nextOpen }: Props) {
  const { say } = useSpeech();
  const held = useRef<ReturnType<typeof setTimeout>>(undefined);
  const took = useRef(false);
  const upcoming = nextOf(setting);
  const last = lastOf(setting);
  const done = cutOf(setting.pieces);
  const count = () => {
    if (took.current) {
      took.current = false;
      return;
    }
    if (upcoming) tick(upcoming, false);
    else nextOpen();
  };
  const press = () => {
    took.current = false;
    held.current = setTimeout(() => {
      took.current = true;
      if (last) tick(last, true);
      navigator.vibrate?.(80);
    }, HOLD);
  };
  const release = () => clearTimeout(held.current);
  return (
    <section
      className="flex flex-1 flex-col gap-3 p-3"
      aria-label={say("page-saw-setting", { place, settings })}
    >
      <p className="flex flex-wrap items-baseline gap-x-4 text-xl">
        <b>{say(setting.section)}</b>
        <span>{say("page-saw-setting", { place, settings })}</span>
      </p>
      <button
        type="button"
        className="sheet flex min-h-[56dvh] flex-1 touch-manipulation select-none flex-col items-center justify-center gap-2 border-4 border-[var(--graphite)] p-4"
        onClick={count}
        onPointerDown={press}
        onPointerUp={release}
        onPointerLeave={release}
        onPointerCancel={release}
        onContextMenu={(event) => event.preventDefault()}
      >
        <span className="text-lg">{say("page-saw-stop-at")}</span>
        <span className="font-bold leading-none" style={{ fontSize: "clamp(56px, 19vw, 120px)" }}>
          <LengthText value={setting.length} style="inches" />
        </span>
        <Bevel degrees={degreesOf(setting.bevel)} />
        {setting.top_up && <b className="text-xl">{say("page-cutting-top-up")}</b>}
        <span className="font-bold text-5xl tabular-nums">
          {say("page-saw-done-of", { done, count: setting.pieces.length })}
        </span>
        {upcoming ? (
          <span className="text-center text-xl">
            {say(upcoming.what)}, {say(upcoming.goes)}
          </span>
        ) : (
          <b className="text-center text-2xl">{say("page-saw-setting-done")}</b>
        )}
        <span className="text-base opacity-80">{say("page-saw-hint")}</span>
      </button>
      <div className="grid grid-cols-3 gap-2">
        <button type="button" className="btn btn-outline tap h-16 text-lg" onClick={before}>
          {say("page-saw-before")}
        </button>
        <button
          type="button"
          className="btn btn-outline tap h-16 text-lg"
          disabled={!last}
          onClick={() => last && tick(last, true)}
        >
          {say("page-saw-take-back")}
        </button>
        <button type="button" className="btn btn-outline tap h-16 text-lg" onClick={next}>
          {say("page-saw-next")}
        </button>
      </div>
    </section>
  );
}
