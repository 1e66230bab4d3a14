import type { ReactNode } from "react";
import { Link } from "react-router";

interface Props {
  readonly title: string;
  /** Where it leads back to. */
  readonly back: { readonly to: string; readonly label: string };
  readonly children?: ReactNode;
}

/** The head of a screen that stands beside the wall: what it is, and the way back. */
export function PageHead({ title, back, children }: Props) {
  return (
    <header className="flex flex-wrap items-center gap-x-4 border-base-300 border-b px-4 py-1">
      <h1 className="font-bold text-lg">{title}</h1>
      <Link to={back.to} className="btn btn-ghost tap no-print font-normal">
        {back.label}
      </Link>
      <span className="flex-1" />
      {children}
    </header>
  );
}
