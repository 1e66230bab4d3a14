import type { Schemas } from "../../api/client";
import type { Words } from "../../speech/useSpeech";

export type Settings = Required<Schemas["Settings"]>;
/** Changes a part of the settings, or what is made of them as they are when the edit's turn comes. */
export type Change = (
  part: Partial<Settings> | ((now: Settings) => Partial<Settings>),
) => Promise<Words | undefined>;
