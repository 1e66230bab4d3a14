import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { type ChangeEvent, useId } from "react";
import { answered, api } from "../../api/client";
import { problemText } from "../../api/problems";
import { keys, ownPricesQuery } from "../../api/queries";
import { useSpeech } from "../../speech/useSpeech";

const FORMS = ["csv", "xlsx"] as const;

/** One's own price list: taken out as the yard's or one's own, changed in a spreadsheet, put back in. */
export function PriceList() {
  const { say } = useSpeech();
  const client = useQueryClient();
  const put = useId();
  const own = useQuery(ownPricesQuery);
  const known = () => client.invalidateQueries();
  const putIn = useMutation({
    mutationFn: async (file: File) => {
      const form = file.name.toLowerCase().endsWith(".xlsx") ? "xlsx" : "csv";
      const body = { file: await base64Of(file) };
      return answered(api.POST("/api/prices/{form}", { params: { path: { form } }, body }));
    },
    onSuccess: known,
  });
  const putAway = useMutation({
    mutationFn: () => answered(api.DELETE("/api/prices")),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: keys.ownPrices });
      await known();
    },
  });
  const take = (event: ChangeEvent<HTMLInputElement>) => {
    const file = event.target.files?.[0];
    if (file) putIn.mutate(file);
    event.target.value = "";
  };
  const error = own.error ?? putIn.error ?? putAway.error;
  const whose = own.data?.as_of ? "own" : "yard";
  return (
    <section className="no-print sheet p-3 text-lg" aria-label={say("page-buy-price-list")}>
      <h2 className="font-bold text-xl">{say("page-buy-price-list")}</h2>
      {own.data && (
        <p>
          {own.data.as_of
            ? say("page-buy-price-list-own", { sticks: own.data.sticks, day: own.data.as_of })
            : say("page-buy-price-list-none")}
        </p>
      )}
      <div className="mt-2 flex flex-wrap items-center gap-3">
        {FORMS.map((form) => (
          <a key={form} className="btn btn-outline tap" href={`/api/prices/${form}?prices=${whose}`}>
            {form.toUpperCase()}
          </a>
        ))}
        <label htmlFor={put} className="btn btn-neutral tap text-lg focus-within:outline-2">
          {say("page-buy-put-in")}
          <input id={put} type="file" accept=".csv,.xlsx" className="sr-only" onChange={take} />
        </label>
        {own.data?.as_of && (
          <button
            type="button"
            className="btn btn-outline tap text-lg"
            disabled={putAway.isPending}
            onClick={() => putAway.mutate()}
          >
            {say("page-buy-put-away")}
          </button>
        )}
      </div>
      {error && <p className="mt-2 font-bold text-error">{problemText(say, error)}</p>}
      {putIn.data && putIn.data.wrong.length > 0 && (
        <div className="mt-2 text-error" role="alert">
          <p className="font-bold">{say("page-buy-list-refused")}</p>
          <ul>
            {putIn.data.wrong.map((wrong) => (
              <li key={say(wrong)}>{say(wrong)}</li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}

/** The bytes of a file as base64. */
function base64Of(file: File): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result).replace(/^[^,]*,/, ""));
    reader.onerror = () => reject(reader.error ?? new Error());
    reader.readAsDataURL(file);
  });
}
