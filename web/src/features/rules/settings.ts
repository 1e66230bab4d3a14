import type { Schemas, Settings } from "../../api/client";
import type { Words } from "../../speech/useSpeech";

type Part = Partial<Schemas["Settings"]>;
/** Changes a part of the settings, or what is made of them as they are when the edit's turn comes. */
export type Change = (part: Part | ((now: Settings) => Part)) => Promise<Words | undefined>;
