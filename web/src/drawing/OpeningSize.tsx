import { drawnLength, SvgLength } from "../components/SvgLength";
import { signOf, VerdictMark } from "../components/VerdictMark";
import { useSpeech } from "../speech/useSpeech";
import { FIGURE, SMALL } from "./text";
import type { DrawnOpening } from "./wall";

interface Props {
  readonly opening: DrawnOpening;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  /** Whether something is drawn behind it. */
  readonly halo: boolean;
}

const LINE = 19;
const MARK = 22;

/** Rough width and height inside the opening, as large as it has room for; in a narrow one they read from the bottom up. */
export function OpeningSize({ opening, x, y, width, height, halo }: Props) {
  const speech = useSpeech();
  const { rough_width, rough_height } = opening;
  const texts = [drawnLength(speech, rough_width), `× ${drawnLength(speech, rough_height)}`];
  const longest = Math.max(...texts.map((text) => text.length * 0.64));
  const fits = (room: number) => Math.min(Math.floor(room / longest), FIGURE);
  const middle = x + width / 2;
  const lying = fits(width - 4);
  const className = halo ? "haloed" : "";
  if (lying >= SMALL && height >= 2 * LINE) {
    return (
      <g fill="var(--graphite)">
        <SvgLength
          value={rough_width}
          x={middle}
          y={y + 15}
          anchor="middle"
          size={lying}
          className={className}
        />
        <SvgLength
          value={rough_height}
          x={middle}
          y={y + 15 + LINE}
          anchor="middle"
          size={lying}
          before="× "
          className={className}
        />
        {height >= 2 * LINE + MARK + 6 && (
          <g transform={`translate(${middle - MARK / 2} ${y + 2 * LINE + 6})`}>
            <VerdictMark verdict={signOf(opening)} size={MARK} />
          </g>
        )}
      </g>
    );
  }
  const standing = fits(height - 4);
  if (standing < SMALL || width < 2 * standing + 4) return null;
  const bottom = y + height - 4;
  return (
    <g fill="var(--graphite)">
      <SvgLength value={rough_width} x={middle - 3} y={bottom} size={standing} turned className={className} />
      <SvgLength
        value={rough_height}
        x={middle + standing}
        y={bottom}
        size={standing}
        before="× "
        turned
        className={className}
      />
    </g>
  );
}
