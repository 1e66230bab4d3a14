import { type ReactNode, useEffect, useRef } from "react";
import { useSpeech } from "../speech/useSpeech";

interface Props {
  readonly title: string;
  readonly close: () => void;
  readonly children: ReactNode;
  readonly wide?: boolean;
}

/** A sheet that slides over the right side. Escape and a tap beside it close it. */
export function SideSheet({ title, close, children, wide = false }: Props) {
  const { say } = useSpeech();
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    const element = dialog.current;
    if (element && !element.open) element.showModal();
  }, []);
  return (
    <dialog
      ref={dialog}
      aria-label={title}
      onClose={close}
      onPointerDown={(event) => {
        if (event.target === dialog.current) dialog.current?.close();
      }}
      className={`sheet fixed inset-y-0 right-0 left-auto m-0 h-dvh max-h-dvh w-full overflow-y-auto text-base-content backdrop:bg-black/40 ${wide ? "max-w-4xl" : "max-w-lg"}`}
    >
      <header className="sticky top-0 z-10 flex items-center gap-3 border-base-300 border-b bg-[var(--sheet)] px-5 py-2">
        <h2 className="flex-1 font-bold text-xl">{title}</h2>
        <button type="button" className="btn btn-ghost tap" onClick={() => dialog.current?.close()}>
          {say("page-close")}
        </button>
      </header>
      <div className="p-5">{children}</div>
    </dialog>
  );
}
