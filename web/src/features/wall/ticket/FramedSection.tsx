import type { Schemas, Ticket, WallView } from "../../../api/client";
import type { JobEditing } from "../../../api/useJobEditing";
import { Legend } from "../../../components/Legend";
import { LengthText } from "../../../components/LengthText";
import { named, useSpeech } from "../../../speech/useSpeech";

interface Props {
  readonly ticket: Ticket;
  readonly legend: WallView["legend"];
  readonly editing: JobEditing;
}

/** Whether the opening is framed already; if so, what a later change of it means on site. */
export function FramedSection({ ticket, legend, editing }: Props) {
  const { say } = useSpeech();
  const { changes } = ticket;
  const mark = () =>
    void editing.run((now) => {
      const opening = now.walls.flatMap((wall) => wall.openings).find((each) => each.id === ticket.id);
      if (!opening) return undefined;
      const { design, jacks_left, jacks_right, kings_left, kings_right } = opening;
      const framed = { design, jacks_left, jacks_right, kings_left, kings_right };
      return { do: "mark_framed", opening: ticket.id, framed };
    });
  const unmark = () => void editing.run({ do: "mark_framed", opening: ticket.id, framed: null });
  if (!changes) {
    return (
      <button type="button" className="btn tap no-print" onClick={mark}>
        {say("page-it-is-framed-like-this")}
      </button>
    );
  }
  const nothing = changes.out.length + changes.new.length + changes.struck.length + changes.made.length === 0;
  return (
    <section aria-label={say("page-since-it-was-framed")}>
      <h3 className="ruled">{say("page-since-it-was-framed")}</h3>
      {nothing ? (
        <p className="mt-1">{say("page-nothing-changed")}</p>
      ) : (
        <Changed changes={changes} legend={legend} />
      )}
      <div className="no-print mt-2 flex flex-wrap gap-2">
        {!nothing && (
          <button type="button" className="btn tap font-normal" onClick={mark}>
            {say("page-it-is-framed-like-this-now")}
          </button>
        )}
        <button type="button" className="btn btn-ghost tap font-normal" onClick={unmark}>
          {say("page-it-is-not-framed")}
        </button>
      </div>
    </section>
  );
}

interface ChangedProps {
  readonly changes: Schemas["ChangesView"];
  readonly legend: WallView["legend"];
}

function Changed({ changes, legend }: ChangedProps) {
  const { say } = useSpeech();
  const { header_before, header_now } = changes;
  return (
    <div className="mt-1 grid gap-2">
      {(header_before || header_now) && (
        <p>
          {say("page-header")}: <HeaderCut header={header_before} /> {say("page-becomes")}{" "}
          <HeaderCut header={header_now} />.
        </p>
      )}
      <Pieces title={say("page-take-out")} pieces={changes.out} />
      <Pieces title={say("page-put-in")} pieces={changes.new} />
      <Marks title={say("page-strike-the-marks")} marks={changes.struck} />
      <Marks title={say("page-mark-anew")} marks={changes.made} />
      {changes.struck.length + changes.made.length > 0 && <Legend legend={legend} />}
    </div>
  );
}

function HeaderCut({ header }: { readonly header: Schemas["HeaderCut"] | null | undefined }) {
  const { say } = useSpeech();
  if (!header) return <>{say("page-none")}</>;
  return (
    <b>
      {header.name}, <LengthText value={header.length} style="inches" className="num" />
    </b>
  );
}

interface PiecesProps {
  readonly title: string;
  readonly pieces: readonly Schemas["PieceView"][];
}

function Pieces({ title, pieces }: PiecesProps) {
  const { say } = useSpeech();
  if (pieces.length === 0) return null;
  return (
    <div>
      <p className="text-secondary text-sm">{title}</p>
      <ul>
        {pieces.map((piece) => (
          <li key={`${piece.role} ${piece.length} ${piece.stock}`}>
            <span className="num">{piece.count} ×</span>{" "}
            <LengthText value={piece.length} style="inches" className="num font-bold" />{" "}
            {say(named("role", piece.role))}
          </li>
        ))}
      </ul>
    </div>
  );
}

interface MarksProps {
  readonly title: string;
  readonly marks: readonly Schemas["Mark"][];
}

function Marks({ title, marks }: MarksProps) {
  if (marks.length === 0) return null;
  return (
    <p>
      <span className="block text-secondary text-sm">{title}</span>
      {marks.map((mark) => (
        <span key={`${mark.label} ${mark.at}`} className="mr-3 inline-block">
          <b>{mark.label}</b> <LengthText value={mark.at} className="num" />
        </span>
      ))}
    </p>
  );
}
