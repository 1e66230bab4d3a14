import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { ApiProblem, answered, api, type Schemas } from "../../api/client";
import { problemText } from "../../api/problems";
import { devicesQuery, keys, siteQuery } from "../../api/queries";
import { PageHead } from "../../components/PageHead";
import { useSpeech } from "../../speech/useSpeech";

/** Where a device gets the certificate by which it trusts the machine. */
const CERTIFICATE = "/api/site/certificate";

/** The owner's phones and tablets: pairing the next one, and which are paired. */
export function DevicesPage() {
  const { say } = useSpeech();
  const site = useQuery(siteQuery);
  const onADevice =
    site.error instanceof ApiProblem && site.error.problem.type === "sturvek:this-machine-only";
  return (
    <div className="screen flex h-full flex-col">
      <PageHead title={say("page-phones")} back={{ to: "/", label: say("page-back-to-the-jobs") }} />
      <main className="screen relative min-h-0 flex-1 overflow-y-auto p-4">
        {onADevice && <OnADevice />}
        {site.error && !onADevice && (
          <p role="alert" className="text-lg">
            {problemText(say, site.error)}
          </p>
        )}
        {site.data && !site.data.site && (
          <p className="sheet max-w-3xl p-4 text-lg">{say("page-only-this-machine-is-served")}</p>
        )}
        {site.data?.site && <NextDevice site={site.data.site} />}
        {site.data && <Paired />}
      </main>
    </div>
  );
}

/** What a paired device sees here: its list is the machine's own. */
function OnADevice() {
  const { say } = useSpeech();
  return (
    <section className="sheet max-w-3xl p-4 text-lg">
      <p>{say("page-this-device-is-paired")}</p>
      <p className="mt-3">{say("page-why-take-the-certificate")}</p>
      <a className="btn tap mt-3" href={CERTIFICATE} download>
        {say("page-take-the-certificate")}
      </a>
    </section>
  );
}

function NextDevice({ site }: { readonly site: Schemas["SiteView"] }) {
  const { say } = useSpeech();
  const [first, ...others] = site.at;
  if (first === undefined) {
    return <p className="sheet max-w-3xl p-4 text-lg">{say("page-on-no-network")}</p>;
  }
  return (
    <section className="sheet grid max-w-4xl gap-x-8 gap-y-4 p-4 sm:grid-cols-[auto_1fr]">
      {site.picture && (
        <img
          className="size-60 bg-white p-2"
          src={`data:image/svg+xml,${encodeURIComponent(site.picture)}`}
          alt={say("page-picture-to-scan")}
        />
      )}
      <div>
        <h2 className="font-bold text-xl">{say("page-pair-a-phone")}</h2>
        <ol className="mt-2 list-decimal space-y-2 pl-6 text-lg">
          <li>{say("page-pair-by-network")}</li>
          <li>
            {say("page-pair-by-address")} <b className="num break-all">{first}</b>
            {others.length > 0 && (
              <span className="block text-secondary text-sm">
                {say("page-pair-by-other-address", { others: others.join(", ") })}
              </span>
            )}
          </li>
          <li>{say("page-pair-past-the-warning")}</li>
          <li>
            {say("page-pair-by-code")} <b className="num whitespace-nowrap text-3xl">{site.code}</b>
          </li>
        </ol>
        <details className="mt-3 text-secondary">
          <summary className="tap cursor-pointer py-2">{say("page-fingerprint")}</summary>
          <p className="num break-words text-sm">{site.fingerprint}</p>
        </details>
      </div>
    </section>
  );
}

function Paired() {
  const { say } = useSpeech();
  const client = useQueryClient();
  const devices = useQuery(devicesQuery);
  const revoke = useMutation({
    mutationFn: (device: string) =>
      answered(api.DELETE("/api/devices/{device}", { params: { path: { device } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.devices }),
  });
  const problem = devices.error ?? revoke.error;
  const day = (time: string) =>
    new Date(time).toLocaleString(document.documentElement.lang, { dateStyle: "medium", timeStyle: "short" });
  return (
    <>
      <h2 className="ruled mt-6">{say("page-paired-devices")}</h2>
      {problem && (
        <p role="alert" className="mt-2 text-error">
          {problemText(say, problem)}
        </p>
      )}
      {devices.data?.length === 0 && <p className="mt-2">{say("page-no-device-is-paired")}</p>}
      <ul className="mt-2 grid max-w-4xl gap-2">
        {devices.data?.map((device) => (
          <li key={device.id} className="sheet flex flex-wrap items-center gap-x-4 px-3 py-1">
            <b className="text-lg">{device.name}</b>
            <span className="text-secondary">
              {say("page-paired-and-used", {
                paired: day(device.paired_at),
                used: day(device.last_used_at),
              })}
            </span>
            <button
              type="button"
              className="btn tap ml-auto font-normal"
              aria-label={say("page-revoke-named", { name: device.name })}
              onClick={() => revoke.mutate(device.id)}
            >
              {say("page-revoke")}
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
