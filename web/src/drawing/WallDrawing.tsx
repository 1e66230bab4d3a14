import { type KeyboardEvent, memo, type PointerEvent } from "react";
import type { Scale } from "../lib/scale";
import { stockText } from "../speech/stock";
import { named, useSpeech } from "../speech/useSpeech";
import { corners } from "./corners";
import { Hatches } from "./Hatches";
import { KeptClear } from "./KeptClear";
import { PENCILS, type Pencil } from "./members";
import { OpeningSize } from "./OpeningSize";
import type { DrawnMember, DrawnOpening, DrawnWall } from "./wall";

interface OpeningHandlers<Opening> {
  readonly select: (opening: string) => void;
  readonly grab: (opening: Opening, event: PointerEvent<SVGElement>) => void;
  readonly press: (opening: Opening, event: KeyboardEvent<SVGElement>) => void;
}

interface Props<Opening extends DrawnOpening> extends OpeningHandlers<Opening> {
  readonly view: DrawnWall<Opening>;
  readonly scale: Scale;
  readonly selected: string | undefined;
  /** Openings that are chosen besides. */
  readonly also: ReadonlySet<string>;
}

/** The wall from its real members, to scale. Openings can be taken hold of and moved along it. */
export function WallDrawing<Opening extends DrawnOpening>({
  view,
  scale,
  selected,
  also,
  ...handlers
}: Props<Opening>) {
  return (
    <g>
      <Hatches />
      <polygon points={outline(view, scale)} fill="var(--sheet)" />
      {view.members.map(
        (member, index) =>
          member.role !== "temporary_stud" && (
            <MemberShape
              // biome-ignore lint/suspicious/noArrayIndexKey: members have no identity of their own but their place
              key={index}
              member={member}
              scale={scale}
              mine={selected !== undefined && member.opening === selected}
            />
          ),
      )}
      <KeptClear all={view.kept_clear} scale={scale} />
      {view.openings.map((opening) => (
        <OpeningShape
          key={opening.id}
          opening={opening}
          scale={scale}
          selected={opening.id === selected}
          also={also.has(opening.id)}
          troubled={isTroubled(opening, view)}
          {...handlers}
        />
      ))}
      {/* What runs through an opening until it is cut out is seen through it. */}
      <g pointerEvents="none" opacity={0.45}>
        {view.members
          .filter(({ role }) => role === "temporary_stud")
          .map((member) => (
            <MemberShape key={member.x} member={member} scale={scale} mine={member.opening === selected} />
          ))}
      </g>
    </g>
  );
}

/** The wall's outline, from its top line down to the subfloor. */
function outline(view: DrawnWall, scale: Scale): string {
  const points: string[] = [];
  for (let index = 0; index + 1 < view.top_line.length; index += 2) {
    points.push(`${scale.x(view.top_line[index] as number)},${scale.y(view.top_line[index + 1] as number)}`);
  }
  return [...points, `${scale.x(view.length)},${scale.y(0)}`, `${scale.x(0)},${scale.y(0)}`].join(" ");
}

function isTroubled(opening: DrawnOpening, view: DrawnWall): boolean {
  if (opening.is_asking) return false;
  const found = view.findings.some((f) => f.opening === opening.id && f.severity === "trouble");
  return found || opening.verdict === "does_not_carry" || opening.verdict === "ask_an_engineer";
}

interface MemberProps {
  readonly member: DrawnMember;
  readonly scale: Scale;
  /** Whether it belongs to the selected opening. */
  readonly mine: boolean;
}

/** Most members stay what they are from edit to edit: those are not drawn again. */
const MemberShape = memo(DrawMember, (before, after) => {
  const fields = Object.keys(after.member) as (keyof DrawnMember)[];
  return (
    before.scale === after.scale &&
    before.mine === after.mine &&
    fields.every((field) => before.member[field] === after.member[field])
  );
});

function DrawMember({ member, scale, mine }: MemberProps) {
  const pencil: Pencil = PENCILS[member.role];
  const speech = useSpeech();
  const parts = [
    speech.say(named("role", member.role)),
    speech.length(member.cut, "inches"),
    member.plies > 1 ? speech.say("page-plies", { plies: member.plies }) : undefined,
    stockText(speech.say, member),
  ];
  const title = [parts.filter(Boolean).join(", "), speech.alsoCalled(member.role)].filter(Boolean).join(". ");
  const look = {
    fill: pencil.fill,
    stroke: pencil.stroke,
    strokeWidth: mine ? pencil.width + 0.5 : pencil.width,
    strokeDasharray: pencil.dash,
    "data-role": member.role,
  };
  if (member.climb_bottom !== 0 || member.climb_top !== 0) {
    const points = corners(member).map(([x, y]) => `${scale.x(x)},${scale.y(y)}`);
    return (
      <polygon points={points.join(" ")} {...look}>
        <title>{title}</title>
      </polygon>
    );
  }
  return (
    <rect
      x={scale.x(member.x)}
      y={scale.y(member.y + member.height)}
      width={Math.max(scale.size(member.width), 0.6)}
      height={Math.max(scale.size(member.height), 0.6)}
      {...look}
    >
      <title>{title}</title>
    </rect>
  );
}

interface OpeningProps<Opening> extends OpeningHandlers<Opening> {
  readonly opening: Opening;
  readonly scale: Scale;
  readonly selected: boolean;
  readonly also: boolean;
  readonly troubled: boolean;
}

function OpeningShape<Opening extends DrawnOpening>({
  opening,
  scale,
  selected,
  also,
  troubled,
  select,
  grab,
  press,
}: OpeningProps<Opening>) {
  const { say } = useSpeech();
  const speech = useSpeech();
  const x = scale.x(opening.left);
  const y = scale.y(opening.head);
  const width = scale.size(opening.rough_width);
  const height = scale.size(opening.rough_height);
  const middle = x + width / 2;
  const label = say("page-rough-opening-by-center", {
    letter: opening.letter,
    kind: { phrase: named("kind-of-opening", opening.kind) },
    rough_width: speech.length(opening.rough_width),
    rough_height: speech.length(opening.rough_height),
    center: speech.length(opening.center),
    verdict_words: { phrase: opening.verdict_words },
  });
  return (
    // biome-ignore lint/a11y/useSemanticElements: a button cannot stand inside a drawing
    <g
      role="button"
      tabIndex={0}
      aria-label={label}
      aria-pressed={selected || also}
      data-opening={opening.letter}
      className="opening cursor-grab touch-none outline-none active:cursor-grabbing"
      onClick={(event) => {
        if (!event.shiftKey) select(opening.id);
      }}
      onPointerDown={(event) => grab(opening, event)}
      onKeyDown={(event) => press(opening, event)}
    >
      <rect x={x} y={y} width={width} height={height} fill="var(--sheet)" />
      {troubled && <rect x={x} y={y} width={width} height={height} fill="url(#hatch-trouble)" />}
      <rect
        className="opening-edge"
        x={x}
        y={y}
        width={width}
        height={height}
        fill="none"
        stroke={
          selected || also || opening.is_asking
            ? "var(--chalk)"
            : troubled
              ? "var(--trouble)"
              : "var(--graphite)"
        }
        strokeDasharray={opening.is_asking ? "7 4" : undefined}
        strokeWidth={selected || also ? 3 : troubled ? 2.2 : 1.4}
      />
      <circle
        cx={middle}
        cy={y + 19}
        r={12}
        fill={selected || also ? "var(--chalk)" : "var(--sheet)"}
        stroke="var(--graphite)"
        strokeWidth={1.2}
      />
      <text
        x={middle}
        y={y + 24}
        textAnchor="middle"
        fontSize={14}
        fontWeight={700}
        fill={selected || also ? "var(--color-primary-content)" : "var(--graphite)"}
      >
        {opening.letter}
      </text>
      <OpeningSize opening={opening} x={x} y={y + 36} width={width} height={height - 38} halo={troubled} />
    </g>
  );
}
