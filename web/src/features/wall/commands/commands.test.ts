import { expect, test } from "vitest";
import { commandFor } from "./commands";

const none = { ctrlKey: false, metaKey: false, shiftKey: false };
const undo = { name: "undo", keys: { key: "z", control: true, shift: false }, enabled: true };
const redo = { name: "redo", keys: { key: "z", control: true, shift: true }, enabled: true };
const help = { name: "help", keys: { key: "?" }, enabled: true };
const all = [undo, redo, help];

test("Shift tells redo from undo, and a command key serves as Ctrl", () => {
  expect(commandFor(all, { ...none, key: "z", ctrlKey: true })).toBe(undo);
  expect(commandFor(all, { ...none, key: "Z", metaKey: true, shiftKey: true })).toBe(redo);
});

test("a question mark is one with Shift or without, but not with Ctrl", () => {
  expect(commandFor(all, { ...none, key: "?", shiftKey: true })).toBe(help);
  expect(commandFor(all, { ...none, key: "?" })).toBe(help);
  expect(commandFor(all, { ...none, key: "?", ctrlKey: true })).toBeUndefined();
});

test("what cannot be done now takes no key", () => {
  expect(commandFor([{ ...undo, enabled: false }], { ...none, key: "z", ctrlKey: true })).toBeUndefined();
  expect(commandFor(all, { ...none, key: "z" })).toBeUndefined();
});
