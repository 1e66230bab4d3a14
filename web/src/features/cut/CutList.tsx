import type { Schemas } from "../../api/client";
import { Bevel } from "../../components/Bevel";
import { LengthText } from "../../components/LengthText";
import { useSpeech } from "../../speech/useSpeech";

/** Everything that is cut, by what it is cut from: one setting of the stop a line, the longest first. */
export function CutList({ sections }: { readonly sections: readonly Schemas["CutSectionView"][] }) {
  const { say } = useSpeech();
  return (
    <div className="gap-x-6 xl:columns-2">
      {sections.map((section) => (
        <section key={say(section.section)} className="sheet mb-6 p-3">
          <h2 className="mb-1 flex flex-wrap items-baseline gap-x-3 font-bold text-lg">
            {say(section.section)}
            <span className="font-normal">
              {say("page-cutting-settings", {
                count: section.settings.reduce((sum, setting) => sum + setting.count, 0),
                settings: section.settings.length,
              })}
            </span>
          </h2>
          <table className="w-full text-lg">
            <thead>
              <tr className="border-base-300 border-b text-left text-base">
                <th className="w-20 pr-4 text-right font-normal">{say("page-cutting-how-many")}</th>
                <th className="w-44 pr-4 font-normal">{say("page-cutting-stop-at")}</th>
                <th className="font-normal">{say("page-cutting-what-for")}</th>
              </tr>
            </thead>
            <tbody>
              {section.settings.map((setting) => (
                <tr
                  key={`${setting.length} ${setting.bevel_degrees ?? ""} ${setting.top_up}`}
                  className="break-inside-avoid border-base-300 border-b align-baseline last:border-b-0"
                >
                  <td className="pr-4 text-right text-2xl tabular-nums">{setting.count}</td>
                  <th scope="row" className="py-1 pr-4 text-left">
                    <LengthText value={setting.length} style="inches" className="font-bold text-3xl" />{" "}
                    <Bevel degrees={setting.bevel_degrees} className="block text-base" />
                  </th>
                  <td className="leading-snug">
                    {say(setting.what)}
                    {setting.top_up && <b> {say("page-cutting-top-up")}</b>}
                    <span className="block text-base opacity-80">{say(setting.goes)}</span>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      ))}
    </div>
  );
}
