/** @jest-environment ./src/testing/browser-environment.cjs */
import "@/testing/browser-bits";
import { cleanup } from "@testing-library/react";
import { draw } from "@/testing/screen";
import type { BookStore } from "../store/book-store";
import { useSendAgain } from "./useSendAgain";

let sent = 0;
let waiting = 1;
const store = {
  save: () => ({ waiting, fault: null }),
  send: async () => void (sent += 1),
} as unknown as BookStore;
function Book() {
  useSendAgain(store);
  return null;
}

it("what waits goes as soon as there is signal, and is tried again by itself; nothing waiting is not sent", () => {
  jest.useFakeTimers();
  draw(<Book />);
  window.dispatchEvent(new Event("online"));
  expect(sent).toBe(1);
  jest.advanceTimersByTime(30_000);
  expect(sent).toBe(2);
  waiting = 0;
  jest.advanceTimersByTime(90_000);
  expect(sent).toBe(2);
  waiting = 1;
  cleanup();
  window.dispatchEvent(new Event("online"));
  jest.advanceTimersByTime(90_000);
  expect(sent).toBe(2);
  jest.useRealTimers();
});
