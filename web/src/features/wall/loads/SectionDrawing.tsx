import type { Carries, WallView } from "../../../api/client";
import { useSpeech } from "../../../speech/useSpeech";

interface Props {
  readonly carries: Carries;
  readonly view: WallView;
}

const GROUND = 188;
const EAVES = 96;
const LEFT = 66;
const RIGHT = 314;
const MIDDLE = (LEFT + RIGHT) / 2;

/** A section through the house, the load written on the wall it lands on. Not to scale. */
export function SectionDrawing({ carries, view }: Props) {
  const { say, quantity } = useSpeech();
  const speech = useSpeech();
  const framings = carries.items.map((item) => item.what);
  const roof = framings.find((what) => what.kind === "roof");
  const floor = framings.find((what) => what.kind === "floor");
  const totals = view.load_stretches[0]?.totals ?? [];
  const uneven = view.load_stretches.length > 1;
  const onMiddle = roof?.framing === "middle_wall_under_lapped_ceiling_joists";
  const hasMiddle = onMiddle || roof?.framing === "rafters_with_lapped_ceiling_joists";
  const onRidgeBeam = roof?.framing === "rafters_on_ridge_beam";
  const wallX = onMiddle ? MIDDLE : LEFT;
  return (
    <svg
      viewBox="0 0 380 230"
      className="w-full"
      role="img"
      aria-label={say("page-section-of-the-house-with-the-load")}
    >
      <path d={`M20 ${GROUND}H360`} stroke="var(--graphite)" strokeWidth="2" />
      <path
        d={`M24 ${GROUND}l-8 8M60 ${GROUND}l-8 8M330 ${GROUND}l-8 8M356 ${GROUND}l-8 8`}
        stroke="var(--pencil)"
      />
      <Post x={LEFT} loaded={!onMiddle} />
      <Post x={RIGHT} loaded={false} />
      {hasMiddle && <Post x={MIDDLE} loaded={onMiddle} />}
      {roof && (
        <g fill="none" stroke="var(--graphite)" strokeWidth="3">
          <path d={`M${LEFT - 26} ${EAVES + 8}L${MIDDLE} 30L${RIGHT + 26} ${EAVES + 8}`} />
          <path d={`M${LEFT - 5} ${EAVES}H${RIGHT + 5}`} strokeWidth="2.4" />
          {roof.framing === "trusses" ? (
            <path
              d={`M${LEFT + 62} ${EAVES}L${LEFT + 62} 60L${MIDDLE - 30} ${EAVES}L${MIDDLE} 30L${MIDDLE + 30} ${EAVES}L${RIGHT - 62} 60V${EAVES}`}
              strokeWidth="1.2"
            />
          ) : (
            <path d={`M${MIDDLE} 26v14`} strokeWidth="5" />
          )}
          {onRidgeBeam && (
            <rect x={MIDDLE - 5} y={28} width={10} height={20} fill="var(--wood)" strokeWidth="1.6" />
          )}
          {hasMiddle && <path d={`M${MIDDLE - 16} ${EAVES - 5}h32`} strokeWidth="2" />}
        </g>
      )}
      {floor && (
        <g stroke="var(--graphite)" strokeWidth="2.4" fill="none">
          <path
            d={`M${LEFT - 5} ${EAVES + 12}H${RIGHT + 5}M${LEFT - 5} ${EAVES + 19}H${RIGHT + 5}`}
            strokeWidth="1.6"
          />
          <path
            d={`M${LEFT} ${EAVES + 12}l8 7M${LEFT + 40} ${EAVES + 12}l8 7M${LEFT + 80} ${EAVES + 12}l8 7M${LEFT + 160} ${EAVES + 12}l8 7`}
            strokeWidth="1"
          />
        </g>
      )}
      <g stroke="var(--chalk)" fill="var(--chalk)">
        <path d={`M${wallX} ${EAVES + 26}v22m-5 -8l5 9l5 -9`} fill="none" strokeWidth="2.4" />
      </g>
      <g fontSize="14" className="num" fill="var(--chalk)">
        {totals.map((total, index) => (
          <text key={total.kind} x={wallX + 15} y={EAVES + 40 + index * 16}>
            {`${total.symbol} ${quantity(total.plf, "pounds_per_foot")}`}
          </text>
        ))}
        {totals.length === 0 && (
          <text x={wallX + 15} y={EAVES + 44}>
            {say("page-nothing")}
          </text>
        )}
        {uneven && (
          <text x={wallX + 15} y={EAVES + 40 + totals.length * 16} fontSize="14">
            {say("page-at-its-left-end-uneven")}
          </text>
        )}
      </g>
      {roof && (
        <g fontSize="14" className="num" fill="var(--pencil)" stroke="none">
          <path
            d={`M${LEFT} ${GROUND + 18}v10M${RIGHT} ${GROUND + 18}v10M${LEFT} ${GROUND + 23}H${RIGHT}`}
            stroke="var(--pencil)"
          />
          <text x={MIDDLE} y={GROUND + 38} textAnchor="middle">
            {speech.length(roof.building_width)}
          </text>
        </g>
      )}
    </svg>
  );
}

function Post({ x, loaded }: { readonly x: number; readonly loaded: boolean }) {
  return (
    <rect
      x={x - 5}
      y={EAVES}
      width={10}
      height={GROUND - EAVES}
      fill={loaded ? "var(--wood-deep)" : "var(--wood)"}
      stroke="var(--graphite)"
      strokeWidth={loaded ? 2.6 : 1}
    />
  );
}
