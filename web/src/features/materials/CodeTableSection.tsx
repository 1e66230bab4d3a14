import { useId, useState } from "react";
import { answered, api, type Schemas } from "../../api/client";
import { useSpeech, type Words } from "../../speech/useSpeech";

type Table = Schemas["CodeTable"];

interface Props {
  readonly loaded: Table | undefined;
  readonly load: (table: Table | null) => Promise<Words | undefined>;
}

/** The jurisdiction's own header table: read from CSV whole or not at all, with every bad row named. */
export function CodeTableSection({ loaded, load }: Props) {
  const { say, words } = useSpeech();
  const [badRows, setBadRows] = useState<readonly Words[]>([]);
  const [file, setFile] = useState("");
  const id = useId();
  const read = async (chosen: File | undefined) => {
    if (!chosen) return;
    setFile(chosen.name);
    const body = { name: chosen.name.replace(/\.csv$/i, ""), csv: await chosen.text() };
    try {
      const answer = await answered(api.POST("/api/code-table", { body }));
      const refusal = answer.table ? await load(answer.table) : undefined;
      setBadRows(refusal ? [refusal] : answer.bad_rows);
    } catch (error) {
      setBadRows([error instanceof Error ? error.message : say("page-the-file-could-not-be-read")]);
    }
  };
  return (
    <section className="sheet p-4">
      <h2 className="ruled">{say("page-the-codes-header-table")}</h2>
      <p className="mt-2">
        {loaded ? (
          <>
            <b>{loaded.name}</b>
            {say("page-rows-is-what-the-codes-school-goes", { rows: loaded.rows.length })}
          </>
        ) : (
          say("page-spans-are-computed-on-the-code-tables")
        )}
      </p>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <label htmlFor={id} className="btn tap">
          {say("page-load-a-table-csv")}
        </label>
        <input
          id={id}
          type="file"
          accept=".csv,text/csv"
          className="sr-only"
          onChange={(event) => {
            void read(event.target.files?.[0]);
            event.target.value = "";
          }}
        />
        <a className="btn btn-ghost tap font-normal" href="/api/code-table/computed.csv" download>
          {say("page-the-computed-table-as-csv")}
        </a>
        {loaded && (
          <button type="button" className="btn btn-ghost tap font-normal" onClick={() => void load(null)}>
            {say("page-put-it-away")}
          </button>
        )}
      </div>
      {badRows.length > 0 && (
        <div role="alert" className="mt-2 border-error border-l-4 pl-3">
          <p className="text-error">{say("page-nothing-of-was-loaded", { file })}</p>
          <ul className="max-h-48 list-disc overflow-y-auto pl-5 text-sm">
            {badRows.map((row) => (
              <li key={words(row)}>{words(row)}</li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}
