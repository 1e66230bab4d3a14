import type { Schemas } from "../../api/client";
import type { FormField } from "../../components/Form";

type OwnSheet = Extract<Schemas["Board"], { made: "sheet" }>;

/** The figures of a sheet that came with the lumber: whole numbers, as sheets print them. */
export const SHEET_FORM: readonly FormField<OwnSheet>[] = [
  {
    at: "bending_psi",
    as: "number",
    whole: true,
    quantity: "psi",
    label: { id: "page-fb" },
    input: "sheet-bending",
  },
  {
    at: "shear_psi",
    as: "number",
    whole: true,
    quantity: "psi",
    label: { id: "page-fv" },
    input: "sheet-shear",
  },
  {
    at: "bearing_psi",
    as: "number",
    whole: true,
    quantity: "psi",
    label: { id: "page-fc" },
    input: "sheet-bearing",
  },
  {
    at: "stiffness_psi",
    as: "number",
    whole: true,
    quantity: "psi",
    label: { id: "verbatim", args: { text: { text: "E" } } },
    input: "sheet-stiffness",
  },
  { at: "stability_stiffness_psi", as: "number", whole: true, quantity: "psi", label: { id: "page-emin" } },
  {
    at: "density_pcf",
    as: "number",
    whole: true,
    quantity: "pounds_per_cubic_foot",
    label: { id: "page-weight" },
    input: "sheet-density",
  },
];
