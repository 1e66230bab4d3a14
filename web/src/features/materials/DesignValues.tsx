import { useQuery } from "@tanstack/react-query";
import { materialsQuery } from "../../api/queries";

/** Every design value the tool knows, with where it comes from. */
export function DesignValues() {
  const { data } = useQuery(materialsQuery());
  return (
    <section className="sheet p-4">
      <h2 className="ruled">Design values, psi</h2>
      <p className="mt-1 text-secondary text-sm">
        Allowable stress, dry, normal duration. Stress classes, never makers. Values from your own sheets
        stand in the stock and are marked wherever they appear.
      </p>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a table that scrolls has to be reachable by keyboard */}
      <section className="mt-2 max-h-[32rem] overflow-auto" tabIndex={0} aria-label="Design values">
        <table className="w-full text-sm">
          <thead className="sticky top-0 bg-[var(--sheet)] text-left text-secondary text-xs">
            <tr>
              <th className="py-1 font-normal">wood</th>
              <th className="font-normal">sizes</th>
              <th className="text-right font-normal">Fb</th>
              <th className="text-right font-normal">Fv</th>
              <th className="text-right font-normal">Fc⊥</th>
              <th className="text-right font-normal">Fc</th>
              <th className="text-right font-normal">E</th>
              <th className="text-right font-normal">Emin</th>
              <th className="pl-4 font-normal">source</th>
            </tr>
          </thead>
          <tbody>
            {data?.map((row) => (
              <tr key={row.name + row.sizes} className="border-base-300 border-b">
                <th className="py-0.5 text-left font-bold">{row.name}</th>
                <td>{row.sizes}</td>
                <td className="text-right num">{row.bending_psi}</td>
                <td className="text-right num">{row.shear_psi}</td>
                <td className="text-right num">{row.bearing_psi}</td>
                <td className="text-right num">{row.compression_psi}</td>
                <td className="text-right num">{row.stiffness_psi.toLocaleString("en-US")}</td>
                <td className="text-right num">{row.stability_stiffness_psi.toLocaleString("en-US")}</td>
                <td className="pl-4 text-secondary text-xs">{row.source}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
    </section>
  );
}
