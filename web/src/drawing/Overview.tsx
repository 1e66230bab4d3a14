import { type PointerEvent, type RefObject, useEffect, useState } from "react";
import { useSpeech } from "../speech/useSpeech";
import { SMALL } from "./text";
import type { DrawnWall } from "./wall";

const HEIGHT = 44;

interface Props {
  readonly view: Pick<DrawnWall, "length" | "openings">;
  readonly width: number;
  readonly selected: string | undefined;
  /** What scrolls, and how wide its content is. */
  readonly scrolled: RefObject<HTMLElement | null>;
  readonly content: number;
}

/** The whole wall in a strip, and the part of it that is in sight: a finger on it goes there. */
export function Overview({ view, width, selected, scrolled, content }: Props) {
  const { say } = useSpeech();
  const [at, setAt] = useState({ left: 0, seen: 0 });
  useEffect(() => {
    const element = scrolled.current;
    if (!element) return;
    const read = () => setAt({ left: element.scrollLeft, seen: element.clientWidth });
    read();
    element.addEventListener("scroll", read, { passive: true });
    const observer = new ResizeObserver(read);
    observer.observe(element);
    return () => {
      element.removeEventListener("scroll", read);
      observer.disconnect();
    };
  }, [scrolled]);
  const x = (place: number) => (place / view.length) * width;
  const go = (event: PointerEvent<SVGSVGElement>) => {
    if (event.type === "pointermove" && event.buttons === 0) return;
    const { left } = event.currentTarget.getBoundingClientRect();
    if (event.type === "pointerdown") event.currentTarget.setPointerCapture(event.pointerId);
    const element = scrolled.current;
    if (element) element.scrollLeft = ((event.clientX - left) / width) * content - element.clientWidth / 2;
  };
  return (
    <svg
      width={width}
      height={HEIGHT}
      data-testid="overview"
      className="no-print block cursor-pointer touch-none select-none"
      onPointerDown={go}
      onPointerMove={go}
    >
      <title>{say("page-the-whole-wall-tap-to-go-there")}</title>
      <rect y={8} width={width} height={28} fill="var(--sheet)" stroke="var(--pencil)" />
      {view.openings.map((opening) => {
        const mine = opening.id === selected;
        const [left, right] = [x(opening.left), x(opening.right)];
        return (
          <g key={opening.id}>
            <rect
              x={left}
              y={12}
              width={right - left}
              height={20}
              fill={mine ? "var(--chalk)" : "var(--wood)"}
            />
            <text
              x={(left + right) / 2}
              y={26.5}
              textAnchor="middle"
              fontSize={SMALL}
              fontWeight={700}
              fill={mine ? "var(--color-primary-content)" : "var(--graphite)"}
            >
              {opening.letter}
            </text>
          </g>
        );
      })}
      <rect
        x={(at.left / content) * width}
        y={2}
        width={Math.min((at.seen / content) * width, width)}
        height={HEIGHT - 4}
        fill="none"
        stroke="var(--chalk)"
        strokeWidth={3}
      />
    </svg>
  );
}
