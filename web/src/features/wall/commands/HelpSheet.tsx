import { Fragment } from "react";
import { SideSheet } from "../../../components/SideSheet";
import { useSpeech } from "../../../speech/useSpeech";
import type { Command, Keys, OpeningCommand } from "./commands";
import { KEY_NAMES } from "./commands";

interface Props {
  readonly commands: readonly Command[];
  readonly opening: readonly OpeningCommand[];
  readonly close: () => void;
}

/** Every key that does something here. */
export function HelpSheet({ commands, opening, close }: Props) {
  const { say } = useSpeech();
  return (
    <SideSheet title={say("page-keys")} close={close}>
      <dl className="grid grid-cols-[auto_minmax(0,1fr)] items-baseline gap-x-5 gap-y-3">
        {commands.map((command) => (
          <Fragment key={command.name}>
            <dt>
              <Caps keys={command.keys} />
            </dt>
            <dd>{say(command.label)}</dd>
          </Fragment>
        ))}
      </dl>
      <h3 className="ruled mt-6">{say("page-keys-of-an-opening")}</h3>
      <dl className="mt-3 grid grid-cols-[auto_minmax(0,1fr)] items-baseline gap-x-5 gap-y-3">
        {opening.map(({ name, label, presses }) => (
          <Fragment key={name}>
            <dt className="flex gap-2">
              {presses
                .filter((press) => !press.untold)
                .map(({ keys }) => (
                  <Caps key={keys.key} keys={keys} />
                ))}
            </dt>
            <dd>{say(label)}</dd>
          </Fragment>
        ))}
      </dl>
    </SideSheet>
  );
}

function Caps({ keys }: { readonly keys: Keys }) {
  const { say } = useSpeech();
  const name = KEY_NAMES[keys.key];
  const caps = [
    keys.control && say("page-key-control"),
    keys.shift && say("page-key-shift"),
    name ? say(name) : keys.key.toUpperCase(),
  ].filter((cap) => typeof cap === "string");
  return (
    <span className="whitespace-nowrap">
      {caps.map((cap) => (
        <kbd key={cap} className="kbd mr-1">
          {cap}
        </kbd>
      ))}
    </span>
  );
}
