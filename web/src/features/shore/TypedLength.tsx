import { LengthField } from "../../components/Field";

interface Props {
  readonly label: string;
  readonly length: string;
  readonly put: (length: string) => void;
}

/** A length that is asked with the rest, and kept nowhere yet. */
export function TypedLength({ label, length, put }: Props) {
  return (
    <LengthField
      label={label}
      style="inches"
      length={length}
      save={async (text) => {
        put(text);
        return undefined;
      }}
    />
  );
}
