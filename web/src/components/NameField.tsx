import { useId, useState } from "react";
import { keepName, nameOf } from "../lib/outbox";

/** The longest name. */
const LONGEST = 80;

interface Props {
  readonly label: string;
  readonly change: (name: string) => void;
}

/** Who speaks on this device: typed once. */
export function NameField({ label, change }: Props) {
  const of = useId();
  const [name, setName] = useState(nameOf);
  return (
    <label htmlFor={of} className="no-print flex flex-wrap items-center gap-3 text-lg">
      {label}
      <input
        id={of}
        className="input tap w-56 text-lg"
        autoComplete="name"
        maxLength={LONGEST}
        value={name}
        onChange={(event) => {
          setName(event.target.value);
          keepName(event.target.value);
          change(event.target.value.trim());
        }}
      />
    </label>
  );
}
