import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";
import { jobQuery } from "../../api/queries";
import { type Edit, useJobEditing } from "../../api/useJobEditing";
import { PageHead } from "../../components/PageHead";
import { Trouble } from "../../components/Trouble";
import { useSpeech } from "../../speech/useSpeech";
import { CodeTableSection } from "./CodeTableSection";
import { DesignValues } from "./DesignValues";
import { OneSizeSection } from "./OneSizeSection";
import { StockSection } from "./StockSection";

/** What headers can be made of: the stock and its prices, own sheets, the code's table, and every design value. */
export function MaterialsPage() {
  const { say } = useSpeech();
  const { job = "" } = useParams();
  const { data, error } = useQuery(jobQuery(job));
  const editing = useJobEditing(job);
  const run = (edit: Edit) => editing.run(edit).then((problem) => problem?.said);
  return (
    <div className="screen flex h-full flex-col">
      <PageHead
        title={data ? say("page-materials-of", { name: data.job.name }) : say("page-materials")}
        back={{ to: `/jobs/${job}`, label: say("page-back-to-the-wall") }}
      />
      <main className="screen relative min-h-0 flex-1 overflow-y-auto p-4">
        {error && <p className="text-lg">{error.message}</p>}
        <Trouble editing={editing} job={job} />
        {data && (
          <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 xl:grid-cols-[minmax(0,5fr)_minmax(0,4fr)]">
            <StockSection
              stock={data.job.stock}
              change={(make) => run((now) => ({ do: "change_stock", stock: make(now.stock) }))}
            />
            <div className="grid grid-cols-[minmax(0,1fr)] gap-4">
              <OneSizeSection view={data} run={run} />
              <CodeTableSection
                loaded={data.job.code_table ?? undefined}
                load={(table) => run({ do: "load_code_table", table })}
              />
            </div>
            <div className="xl:col-span-2">
              <DesignValues />
            </div>
          </div>
        )}
      </main>
    </div>
  );
}
