import type { Schemas } from "../../api/client";
import { useSpeech } from "../../speech/useSpeech";

type Shape = Schemas["Shape"];

/** How many pixels a point takes at least: the smallest words of a drawing are 9 points and read at 12 pixels. */
const PIXELS_A_POINT = 12 / 9;

/** A drawing of a paper: the same lines that are printed. Where it has no room it is moved, not made small. */
export function PaperDrawing({ drawing }: { readonly drawing: Schemas["Drawing"] }) {
  const { say } = useSpeech();
  const { width, height, shapes } = drawing;
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reachable by keyboard
    <div tabIndex={0} className="my-3 overflow-x-auto print:overflow-visible">
      <svg
        role="img"
        aria-label={say(drawing.about)}
        viewBox={`0 0 ${width} ${height}`}
        className="whole-on-paper block"
        style={{ width: width * PIXELS_A_POINT }}
      >
        {shapes.map((shape, index) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a drawing never changes within a version
          <ShapeView key={index} shape={shape} />
        ))}
      </svg>
    </div>
  );
}

const ANCHORS = { start: "start", middle: "middle", end: "end" } as const;

function ShapeView({ shape }: { readonly shape: Shape }) {
  const { say } = useSpeech();
  switch (shape.shape) {
    case "line":
      return (
        <line
          x1={shape.from[0]}
          y1={shape.from[1]}
          x2={shape.to[0]}
          y2={shape.to[1]}
          stroke="currentColor"
          strokeWidth={shape.thick}
          strokeDasharray={shape.dashed ? "4 3" : undefined}
        />
      );
    case "area":
      return (
        <polygon
          points={shape.corners.map((corner) => corner.join(",")).join(" ")}
          fill={shape.shade == null ? "none" : "currentColor"}
          fillOpacity={shape.shade ?? undefined}
          stroke="currentColor"
          strokeWidth={0.5}
        />
      );
    case "text": {
      const [x = 0, y = 0] = shape.at;
      return (
        <text
          x={x}
          y={y}
          fontSize={shape.size}
          fontWeight={shape.bold ? 700 : 400}
          textAnchor={ANCHORS[shape.stands]}
          transform={shape.turned ? `rotate(-90 ${x} ${y})` : undefined}
          fill="currentColor"
        >
          {say(shape.words)}
        </text>
      );
    }
  }
}
