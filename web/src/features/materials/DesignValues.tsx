import { useQuery } from "@tanstack/react-query";
import { materialsQuery } from "../../api/queries";
import { useSpeech } from "../../speech/useSpeech";

/** Every design value the tool knows, with where it comes from. */
export function DesignValues() {
  const { say } = useSpeech();
  const { data } = useQuery(materialsQuery());
  return (
    <section className="sheet p-4">
      <h2 className="ruled">{say("page-design-values-psi")}</h2>
      <p className="mt-1 text-secondary text-sm">
        {say("page-allowable-stress-dry-normal-duration-stress-classes")}
      </p>
      <section
        className="mt-2 max-h-[32rem] overflow-auto print:max-h-none print:overflow-visible"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a table that scrolls has to be reachable by keyboard
        tabIndex={0}
        aria-label={say("page-design-values")}
      >
        <table className="w-full text-sm">
          <thead className="sticky top-0 bg-[var(--sheet)] text-left text-secondary text-xs">
            <tr>
              <th className="py-1 font-normal">{say("page-wood")}</th>
              <th className="font-normal">{say("page-sizes")}</th>
              <th className="text-right font-normal">{say("page-fb")}</th>
              <th className="text-right font-normal">{say("page-fv")}</th>
              <th className="text-right font-normal">{say("page-fc")}</th>
              <th className="text-right font-normal">{say("page-fc-2")}</th>
              <th className="text-right font-normal">E</th>
              <th className="text-right font-normal">{say("page-emin")}</th>
              <th className="pl-4 font-normal">{say("page-source")}</th>
            </tr>
          </thead>
          <tbody>
            {data?.map((row) => (
              <tr key={row.name + row.sizes.join()} className="border-base-300 border-b">
                <th className="py-0.5 text-left font-bold">{row.name}</th>
                <td>{row.sizes.length === 0 ? say("page-every-size") : row.sizes.join(", ")}</td>
                <td className="text-right num">{row.bending_psi}</td>
                <td className="text-right num">{row.shear_psi}</td>
                <td className="text-right num">{row.bearing_psi}</td>
                <td className="text-right num">{row.compression_psi}</td>
                <td className="text-right num">{row.stiffness_psi.toLocaleString("en-US")}</td>
                <td className="text-right num">{row.stability_stiffness_psi.toLocaleString("en-US")}</td>
                <td className="pl-4 text-secondary text-xs">{say(row.source)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
    </section>
  );
}
