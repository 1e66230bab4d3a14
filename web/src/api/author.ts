const KEY = "sturvek.author";

/** The name that goes into the history, kept on this device. */
export function author(): string | undefined {
  return localStorage.getItem(KEY) ?? undefined;
}

export function setAuthor(name: string) {
  localStorage.setItem(KEY, name);
}
