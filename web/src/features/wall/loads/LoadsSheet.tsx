import { Link } from "react-router";
import type { Carries, Schemas, Wall, WallView } from "../../../api/client";
import type { Edit, JobEditing } from "../../../api/useJobEditing";
import { ChoiceList, ChoiceRow, MaybeNumberField, NumberField } from "../../../components/Field";
import { SideSheet } from "../../../components/SideSheet";
import { useSpeech } from "../../../speech/useSpeech";
import { snowLabel, snowSaid } from "../asked/snow";
import { CarriedItems } from "./CarriedItems";
import { EvidenceSection } from "./EvidenceSection";
import { LoadTable } from "./LoadTable";
import { PointLoads } from "./PointLoads";
import { SectionDrawing } from "./SectionDrawing";

interface Props {
  readonly wall: Wall;
  readonly view: WallView;
  readonly settings: Schemas["AnsweredSettings"];
  readonly editing: JobEditing;
  readonly close: () => void;
}

/** What comes down on this wall, from framing that is described, with a section of the house. */
export function LoadsSheet({ wall, view, settings, editing, close }: Props) {
  const { say } = useSpeech();
  const { carries, evidence } = wall;
  const wallId = view.id;
  const run = (edit: Edit) => editing.run(edit).then((problem) => problem?.said);
  const change = (make: (now: Carries) => Partial<Schemas["Carries"]>) =>
    run((now) => {
      const before = now.walls.find((each) => each.id === wallId)?.carries;
      return before && { do: "change_carries", wall: wallId, carries: { ...before, ...make(before) } };
    });
  const changeSettings = (part: Partial<Schemas["Settings"]>) =>
    run((now) => ({ do: "change_settings", settings: { ...now.settings, ...part } }));
  return (
    <SideSheet title={say("page-what-carries", { name: wall.frame.name })} close={close}>
      <div className="grid gap-5">
        {wall.place && (
          <p className="border-primary border-l-4 pl-3">
            {view.by_house && (
              <>
                <b>{say("page-by-the-house")}:</b> {say(view.by_house)}{" "}
              </>
            )}
            {say("page-from-the-house-too")}{" "}
            <Link to="../../house" relative="path" className="tap inline-flex items-center underline">
              {say("page-to-the-house")}
            </Link>
          </p>
        )}
        <ChoiceRow
          label={say("page-does-anything-land-on-it")}
          value={carries.bearing ? "bearing" : "nothing"}
          options={[
            { value: "bearing", label: say("page-it-bears") },
            { value: "nothing", label: say("page-a-partition") },
          ]}
          choose={(value) => void change(() => ({ bearing: value === "bearing" }))}
        />
        {evidence && (
          <EvidenceSection
            evidence={evidence}
            bearing={view.bearing}
            change={(next) => void run({ do: "change_evidence", wall: wallId, evidence: next })}
          />
        )}
        {carries.bearing && (
          <>
            <SectionDrawing carries={carries} view={view} />
            <LoadTable view={view} />
            {view.solid_floors.length > 0 && (
              <section>
                <h3 className="ruled">{say("page-solid-floors")}</h3>
                <ul className="pt-1 text-sm">
                  {view.solid_floors.map((solid, index) => (
                    // biome-ignore lint/suspicious/noArrayIndexKey: they have no name but their place
                    <li key={index}>{say(solid)}</li>
                  ))}
                </ul>
              </section>
            )}
            <CarriedItems
              items={carries.items}
              change={(make) => change((now) => ({ items: make(now.items) }))}
            />
          </>
        )}
        <section>
          <h3 className="ruled">{say("page-snow-and-roof-for-the-whole-job")}</h3>
          <div className="mt-2 grid grid-cols-2 gap-3">
            <ChoiceList
              label={say("page-the-snow-figure-is")}
              value={settings.snow_basis ?? "ground"}
              options={[
                { value: "ground", label: say("page-ground-snow-2") },
                { value: "roof", label: say("page-roof-snow") },
              ]}
              choose={(snow_basis) => void changeSettings({ snow_basis })}
            />
            <MaybeNumberField
              label={snowLabel(settings)}
              quantity="pounds_per_square_foot"
              number={snowSaid(settings)}
              input="snow"
              save={(snow) => changeSettings({ snow, snow_said: "said", place: null })}
            />
            <NumberField
              label={say("page-roof-live")}
              quantity="pounds_per_square_foot"
              number={settings.roof_live}
              input="roof-live"
              save={(roof_live) => changeSettings({ roof_live })}
            />
          </div>
          <p className="mt-2 text-secondary text-sm">{say("page-edition-exposure-and-snow-blown-to-one")}</p>
        </section>
        <PointLoads wall={wall} wallId={wallId} editing={editing} />
      </div>
    </SideSheet>
  );
}
